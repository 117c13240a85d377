import { Table } from '../../controls/table.tsx';
import { Button, Progress } from '@mantine/core';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { isAtWork } from '@gorvane/core/unit/progress.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { Run } from '../../drawing/run.tsx';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useLeads, useOrders, useUnits } from '../../data/live.ts';
import { useUnitPlan } from '../../draft/use-plan.ts';
import './bench.css';

const BackupReminder = lazy(async () => ({
  default: (await import('../../controls/backup-line.tsx')).BackupReminder,
}));
const NewLeadForm = lazy(async () => ({ default: (await import('./new-lead-form.tsx')).NewLeadForm }));

/** Where the work lies: the lead in hand, the units with their next step, the orders, and a new lead in three choices. */
export function Bench() {
  const house = useHouse();
  const leads = useLeads();
  const orders = useOrders();
  const units = useUnits();
  if (!house || !leads || !orders || !units) return null;
  const inHand = units
    .filter(({ progress }) => progress.started && isAtWork(progress))
    .sort((a, b) => (a.events.at(-1)!.at < b.events.at(-1)!.at ? 1 : -1));
  const next = inHand[0] ?? units.find(({ progress }) => !progress.started);
  return (
    <>
      <div className="page-head">
        <h1>Bench</h1>
        <span className="soft">{house.name}</span>
      </div>
      {next ? (
        <InHand view={next} leads={leads} house={house} />
      ) : (
        <NothingInHand hasLeads={leads.length > 0} />
      )}
      <Suspense fallback={null}>
        <BackupReminder />
      </Suspense>
      <div className="bench-columns">
        <section aria-labelledby="orders">
          <h2 id="orders">Orders</h2>
          {orders.length === 0 && <p className="soft">No orders. A new lead makes one, with its units.</p>}
          {orders.map((order) => (
            <OrderBlock key={order.id} order={order} leads={leads} units={units} />
          ))}
        </section>
        <Suspense fallback={null}>
          <NewLeadForm />
        </Suspense>
      </div>
    </>
  );
}

function NothingInHand({ hasLeads }: { readonly hasLeads: boolean }) {
  return (
    <section className="in-hand">
      <h2>Nothing on the bench</h2>
      <p>
        {hasLeads
          ? 'All units are finished. Start a new lead below, or open one under Leads.'
          : 'Start with a new lead below: what it connects, how long, how many.'}
      </p>
    </section>
  );
}

function InHand({
  view,
  leads,
  house,
}: {
  readonly view: UnitView;
  readonly leads: readonly Lead[];
  readonly house: House;
}) {
  const { unit, progress } = view;
  const lead = leads.find(({ id }) => id === unit.leadId);
  const plan = useUnitPlan(view.progress.plan, lead, house);
  if (!lead) return null;
  const step = progress.current;
  const done = progress.done.size;
  return (
    <section className="in-hand" aria-labelledby="in-hand">
      <div className="in-hand-head">
        <div>
          <p className="soft">{progress.started ? 'In hand' : 'Next'}</p>
          <h2 id="in-hand">
            {lead.name}, unit {unit.serial}
          </h2>
        </div>
        <Button component={Link} to={`/build/${unit.id}`} size="xl">
          {step
            ? `Continue: ${step.title}`
            : progress.started
              ? 'Look at the finished steps'
              : `Build ${unit.serial}`}
        </Button>
      </div>
      {plan && <Run plan={plan} progress={progress.started ? progress : undefined} />}
      {progress.started && (
        <div className="soft">
          Step {done + 1} of {progress.steps.length}, {step?.stage}
          <Progress value={(100 * done) / progress.steps.length} mt={6} aria-label="Steps done" />
        </div>
      )}
    </section>
  );
}

function OrderBlock({
  order,
  leads,
  units,
}: {
  readonly order: Order;
  readonly leads: readonly Lead[];
  readonly units: readonly UnitView[];
}) {
  const mine = units.filter(({ unit }) => unit.orderId === order.id);
  return (
    <article className="order">
      <h3>{order.name}</h3>
      <p className="soft">
        {order.wantedBy && `${order.wantedBy}, `}
        {order.due ? `due ${order.due}` : 'no date'}
      </p>
      {order.lines.map((line) => {
        const lead = leads.find(({ id }) => id === line.leadId);
        const ofLine = mine.filter(({ unit }) => unit.lineId === line.id);
        const finished = ofLine.filter(({ progress }) => progress.finished).length;
        return (
          <div key={line.id}>
            <p>
              <Link to={`/leads/${line.leadId}/choose`}>{lead?.name ?? 'a lead that was deleted'}</Link>,{' '}
              {finished} of {line.quantity} finished
              {ofLine.length > 1 && (
                <>
                  , <Link to={`/build/batch/${order.id}/${line.id}`}>the batch</Link>
                </>
              )}
            </p>
            <Table>
              {ofLine.map((view) => (
                <UnitRow key={view.unit.id} view={view} />
              ))}
            </Table>
          </div>
        );
      })}
    </article>
  );
}

function UnitRow({ view: { unit, progress } }: { readonly view: UnitView }) {
  const next = progress.finished
    ? 'finished'
    : progress.scrapped !== null
      ? 'given up'
      : progress.aside !== null
        ? 'set aside'
        : (progress.current?.title ?? (progress.started ? 'hand over' : 'not started'));
  return (
    <tr>
      <th scope="row">
        <Link to={progress.finished ? `/log/${unit.id}` : `/build/${unit.id}`} className="reading">
          {unit.serial}
        </Link>
      </th>
      <td className={progress.finished ? 'good' : progress.started ? undefined : 'soft'}>
        {progress.finished ? '● ' : ''}
        {next}
      </td>
    </tr>
  );
}
