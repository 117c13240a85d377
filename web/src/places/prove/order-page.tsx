import type { Order } from '@gorvane/core/order/order.ts';
import { checksOfProof } from '@gorvane/core/unit/certificate.ts';
import type { ProvedUnit, Spread, SpreadReading } from '@gorvane/core/prove/spread.ts';
import { spreads } from '@gorvane/core/prove/spread.ts';
import { proofLevels } from '@gorvane/core/house/practice.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { PackageButton } from '../../controls/certificate-files.tsx';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';
import { askForProof } from '../../data/orders.ts';
import { Empty } from '../../controls/empty.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useWriting } from '../../controls/writing.ts';
import type { UnitView } from '../../data/live.ts';
import { leadWords, useLeadNames, useOrders, useUnitsOfOrder } from '../../data/live.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { SpreadStrip } from '../../drawing/spread-strip.tsx';
import { usePageTitle } from '../../controls/page-title.ts';
import './order-page.css';

/** The proofs of a whole order: how far each unit is, the spread of every reading, and what stands out. */
export function ProveOrderPage() {
  const { orderId } = useParams();
  const orders = useOrders();
  const units = useUnitsOfOrder(orderId);
  const names = useLeadNames();
  usePageTitle(orders?.find(({ id }) => id === orderId)?.name, 'Proofs');
  if (!orders || !units || !names) return null;
  const order = orders.find(({ id }) => id === orderId);
  if (!order)
    return (
      <Empty title="This order is not here">
        <p>
          It was deleted, or the address is from another computer. Proved units are in the{' '}
          <Link to="/log">Log</Link>.
        </p>
      </Empty>
    );
  const started = units.filter(({ progress }) => progress.started && progress.scrapped === null);
  return (
    <>
      <div className="page-head">
        <h1>Proofs: {order.name}</h1>
        <div className="actions">
          <AskedProof order={order} />
          {started.length > 0 && (
            <Button component={Link} to={`/print/labels/${order.id}`} variant="default">
              Labels
            </Button>
          )}
          {started.length > 0 && (
            <PackageButton unitIds={started.map(({ unit }) => unit.id)} name={order.name} />
          )}
        </div>
      </div>
      {order.lines.map((line, at) => (
        <OrderLine
          key={line.id}
          line={line}
          place={at + 1}
          lead={leadWords(names, line.leadId)}
          units={units.filter(({ unit, progress }) => unit.lineId === line.id && progress.scrapped === null)}
        />
      ))}
    </>
  );
}

/** An order may ask for a proof that goes further than the house does. */
function AskedProof({ order }: { readonly order: Order }) {
  const { attempt, problem } = useRecorder();
  return (
    <>
      <NativeSelect
        aria-label="Proof that this order asks for"
        value={order.proofLevel ?? ''}
        data={[
          { value: '', label: 'proof as the house asks' },
          ...proofLevels.map((level) => ({ value: level, label: `a proof ${level}` })),
        ]}
        onChange={({ currentTarget: { value } }) =>
          void attempt(() =>
            askForProof(
              order.id,
              proofLevels.find((level) => level === value),
            ),
          )
        }
      />
      <RecordAlert problem={problem} />
    </>
  );
}

type Line = Order['lines'][number];

interface OrderLineProps {
  readonly line: Line;
  /** Counted from 1: two lines of an order may be of the same lead. */
  readonly place: number;
  readonly lead: string;
  readonly units: readonly UnitView[];
}

function OrderLine({ line, place, lead, units }: OrderLineProps) {
  const [goldenId, setGolden] = useKeptValue<string>(`golden/${line.id}`, '');
  const proved = useMemo(() => units.flatMap(asProved), [units]);
  const found = useMemo(() => spreads(proved, goldenId || undefined), [proved, goldenId]);
  const marked = marksBySerial(found);
  return (
    <section aria-label={`Line ${place}: ${lead}`} className="order-line">
      <h2>
        {lead}, {units.length} {units.length === 1 ? 'unit' : 'units'}
      </h2>
      <ul className="unit-row">
        {units.map(({ unit, progress }) => (
          <li key={unit.id}>
            <Link to={`/leads/${unit.leadId}/prove?unit=${unit.id}`} className="reading">
              {unit.serial}
            </Link>{' '}
            <VerdictMark verdict={progress.proofs.at(-1)?.verdict ?? 'Not yet'} />
            {marked.has(unit.serial) && <span className="not-yet"> ▲ stands out</span>}
          </li>
        ))}
      </ul>
      {proved.length < 2 ? (
        <p className="soft">
          {proved.length === 0
            ? 'No unit of this line is proved yet.'
            : 'One unit is proved; from two on they are compared.'}
        </p>
      ) : (
        <>
          <NativeSelect
            label="Golden unit to compare with"
            value={goldenId}
            data={[
              { value: '', label: 'none' },
              ...proved.map(({ unitId, serial }) => ({ value: unitId, label: serial })),
            ]}
            onChange={({ currentTarget: { value } }) => setGolden(value)}
            maw={260}
          />
          {found.map((spread) => (
            <SpreadRow key={spread.id} spread={spread} golden={goldenId !== ''} />
          ))}
          <p className="soft">
            A reading stands out when it is further from the middle than its likes scatter (modified z-score
            above 3.5, from five units on) and further than its instrument may be off.
          </p>
        </>
      )}
    </section>
  );
}

function asProved({ unit, progress }: UnitView): ProvedUnit[] {
  const proof = progress.proofs.at(-1);
  if (!proof || !unit.plan) return [];
  const checks = checksOfProof(unit.plan, proof);
  return [{ unitId: unit.id, serial: unit.serial, verdict: proof.verdict, checks }];
}

const standsOut = ({ outlier, unlikeGolden }: SpreadReading) => outlier || unlikeGolden;

const marksBySerial = (found: readonly Spread[]) =>
  new Set(found.flatMap(({ readings }) => readings.filter(standsOut).map(({ serial }) => serial)));

/** One check over the line: its strip of readings with the limit, and what stands out in words. */
function SpreadRow({ spread, golden }: { readonly spread: Spread; readonly golden: boolean }) {
  const write = useWriting();
  const { label, quantity, median, least, most, readings } = spread;
  const figure = (value: number) => write(value, quantity);
  const marked = readings.filter(standsOut);
  return (
    <div className="spread-row">
      <div>
        <strong>{label}</strong>
        <div className="soft reading">
          middle {figure(median)}, {figure(least)} to {figure(most)}
        </div>
      </div>
      <SpreadStrip spread={spread} write={figure} />
      <div>
        {marked.length === 0 && <span className="soft">none stands out</span>}
        {marked.map(({ serial, reading, outlier, fromGolden, verdict }) => (
          <div key={serial} className="not-yet">
            ▲ <span className="reading">{serial}</span> {figure(reading)}
            {outlier && `, far from its likes`}
            {golden &&
              fromGolden !== undefined &&
              `, ${figure(Math.abs(fromGolden))} ${fromGolden > 0 ? 'above' : 'below'} the golden unit`}
            {verdict !== 'Good' && `, ${verdict}`}
          </div>
        ))}
      </div>
    </div>
  );
}
