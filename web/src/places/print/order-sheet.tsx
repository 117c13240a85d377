import type { Order } from '@gorvane/core/order/order.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { asCutOff } from '@gorvane/core/quantity/made.ts';
import type { PickList, PickRow, PlannedLine } from '@gorvane/core/stock/pick-list.ts';
import { pickList } from '@gorvane/core/stock/pick-list.ts';
import { cutList } from '@gorvane/core/thread/cut-list.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import { liesThere } from '@gorvane/core/lead/lying.ts';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { Length } from '../../controls/length.tsx';
import { usePageTitle } from '../../controls/page-title.ts';
import { ResultActions } from '../../controls/result-table.tsx';
import { Table } from '../../controls/table.tsx';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useOrders, usePapers, useUnitsOfOrder } from '../../data/live.ts';
import { useOrderPlans } from '../../draft/use-plan.ts';
import { PageStyle } from './page-style.tsx';
import './print.css';

/** What is fetched for an order and what is cut for it, before the first unit is started. */
export function OrderSheetPage() {
  const { orderId } = useParams();
  const orders = useOrders();
  const order = orders?.find(({ id }) => id === orderId);
  usePageTitle(order?.name, 'Pick and cut list');
  if (!orders) return null;
  if (!order)
    return (
      <Empty title="This order is not here">
        <p>It was deleted, or the address is from another computer.</p>
      </Empty>
    );
  return <Planned order={order} />;
}

function Planned({ order }: { readonly order: Order }) {
  const house = useHouse();
  const papers = usePapers();
  const units = useUnitsOfOrder(order.id);
  const plans = useOrderPlans(order, house);
  if (!units || !plans) return null;
  const lines = order.lines.flatMap(({ id, leadId }): PlannedLine[] => {
    const plan = plans.get(leadId);
    const quantity = units.filter(({ unit, progress }) => unit.lineId === id && isWaiting(progress)).length;
    return plan ? [{ plan, quantity }] : [];
  });
  const waiting = lines.reduce((sum, { quantity }) => sum + quantity, 0);
  const missing = order.lines.length - lines.length;
  const list = pickList(lines);
  return (
    <main className="print-page">
      {papers && <PageStyle sheet={papers.sheet} />}
      <div className="no-print print-actions">
        <ResultActions data={() => pickData(order, list)} />
        <Link to="/">Back to Bench</Link>
      </div>
      <article className="sheet order-sheet">
        <header>
          <div>
            <h1>Pick and cut list of {order.name}</h1>
            <p>
              {waiting === 0
                ? 'Every unit is started: nothing is left to fetch.'
                : `For the ${waiting} of ${units.length} ${units.length === 1 ? 'unit that is' : 'units that are'} not started yet.`}{' '}
              {missing > 0 && `▲ ${missing} of its leads cannot be planned as they are: see Leads.`}
            </p>
          </div>
        </header>
        {waiting > 0 && (
          <>
            <Pick list={list} />
            <Cut lines={lines.filter(({ quantity }) => quantity > 0)} />
          </>
        )}
      </article>
    </main>
  );
}

const isWaiting = ({ started, scrapped }: UnitView['progress']) => !started && scrapped === null;

/** A box to tick, on paper. */
const Tick = () => <td className="tick" />;

function Pick({ list: { cable, ends, parts, tools, dies } }: { readonly list: PickList }) {
  return (
    <>
      <h2>Fetch</h2>
      <Table head={[null, 'What', { figures: 'How much' }, 'From', 'For']} label="Fetch">
        {[...cable, ...ends, ...parts].map((row) => (
          <tr key={`${row.what} ${row.bag ?? ''} ${row.unit}`}>
            <Tick />
            <th scope="row">{row.what}</th>
            <td className="number reading">
              {row.unit === 'pieces' ? row.amount : <Length metres={fetched(row)} cable />}
            </td>
            <td>{row.isMissing ? '▲ nothing in Stores fits' : (row.bag ?? '')}</td>
            <td className="soft">{row.leads.join('; ')}</td>
          </tr>
        ))}
      </Table>
      <p>
        <strong>Tools:</strong> {tools.join(', ')}
        {dies.length > 0 && <>; dies of {dies.map((die) => formatMillimetres(die, 2)).join(', ')} mm</>}.
      </p>
    </>
  );
}

/** Metres as they come off the reel: never rounded down. */
const fetched = ({ amount }: PickRow) => asCutOff(amount);

function Cut({ lines }: { readonly lines: readonly PlannedLine[] }) {
  return (
    <>
      <h2>Cut</h2>
      {lines.map(({ plan, quantity }) => (
        <section key={plan.lead.id} aria-label={`To cut for ${plan.lead.name}`}>
          <Table
            head={[
              null,
              plan.lead.name,
              { figures: 'Off the reel' },
              { figures: 'Square to' },
              { figures: 'Count' },
            ]}
            label={`To cut for ${plan.lead.name}`}
          >
            {(liesThere(plan.lead) ? [] : plan.cuts).map(({ pieceId, cableId, cut, offTheReel }) => (
              <tr key={pieceId}>
                <Tick />
                <th scope="row">
                  {plan.cuts.length > 1
                    ? `${pieceId}, ${leadCable(plan.lead, cableId).name}`
                    : leadCable(plan.lead, cableId).name}
                </th>
                <td className="number">
                  <Length metres={offTheReel.value} cable />
                </td>
                <td className="number">
                  <Length metres={cut.value} cable />
                </td>
                <td className="number reading">{quantity}</td>
              </tr>
            ))}
            {cutList(plan.parts, plan.thread, plan.sleeves).map(({ name, colour, cutLength, parts }) => (
              <tr key={`${name} ${colour ?? ''} ${cutLength.value}`}>
                <Tick />
                <th scope="row">{name}</th>
                <td className="number">
                  <Length metres={cutLength.value} cable />
                </td>
                <td />
                <td className="number reading">{parts.length * quantity}</td>
              </tr>
            ))}
          </Table>
        </section>
      ))}
    </>
  );
}

function pickData(order: Order, { cable, ends, parts }: PickList) {
  return {
    name: `Pick list ${order.name}`,
    header: ['what', 'amount', 'unit', 'from', 'for'],
    rows: [...cable, ...ends, ...parts].map((row) => [
      row.what,
      row.unit === 'pieces' ? row.amount : fetched(row),
      row.unit,
      row.isMissing ? 'nothing in Stores fits' : (row.bag ?? ''),
      row.leads.join('; '),
    ]),
  };
}
