import type { LabelSource } from '@gorvane/core/paper/label-values.ts';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { usePageTitle, useUnitTitle } from '../../controls/page-title.ts';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useOrders, usePapers, useUnit, useUnitsOfOrder } from '../../data/live.ts';
import { LabelRun } from './label-run.tsx';
import './print.css';

/** The labels of one unit. */
export function LabelPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'Label');
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  if (!view) return null;
  const { serial, id } = view.unit;
  return (
    <Labels
      title={`Label of ${serial}`}
      views={[view]}
      back={<Link to={`/log/${id}`}>Back to {serial}</Link>}
    />
  );
}

/** The labels of every unit of an order, in one run. */
export function OrderLabelsPage() {
  const { orderId } = useParams();
  const views = useUnitsOfOrder(orderId);
  const orders = useOrders();
  const order = orders?.find(({ id }) => id === orderId);
  usePageTitle(order?.name, 'Labels');
  if (!views || !orders) return null;
  if (!order)
    return (
      <Empty title="This order is not here">
        <p>It was deleted, or the address is from another computer.</p>
      </Empty>
    );
  return (
    <Labels
      title={`Labels of ${order.name}`}
      views={views}
      back={<Link to={`/prove/${order.id}`}>Back to {order.name}</Link>}
    />
  );
}

interface LabelsProps {
  readonly title: string;
  readonly views: readonly UnitView[];
  readonly back: React.ReactNode;
}

function Labels({ title, views, back }: LabelsProps) {
  const house = useHouse();
  const papers = usePapers();
  const orders = useOrders();
  if (!house || !papers || !orders) return null;
  const sources = views.flatMap(
    ({ unit, events, progress }): (LabelSource & { readonly unitId: string })[] =>
      unit.plan && progress.scrapped === null
        ? [
            {
              unitId: unit.id,
              serial: unit.serial,
              plan: unit.plan,
              progress,
              order: orders.find(({ id }) => id === unit.orderId)?.name ?? '',
              at: events.at(-1)!.at,
              house: house.name,
            },
          ]
        : [],
  );
  return (
    <main className="print-page labels">
      <h1 className="no-print">{title}</h1>
      {sources.length === 0 ? (
        <>
          <p>{nothingToLabel(views)}</p>
          {back}
        </>
      ) : (
        <>
          {views.length > sources.length && (
            <p className="no-print soft">
              {leftOut(views.length - sources.length)} without a label: not started yet, or given up.
            </p>
          )}
          <LabelRun title={title} sources={sources} papers={papers} back={back} />
        </>
      )}
    </main>
  );
}

const leftOut = (count: number) => `${count} ${count === 1 ? 'unit is' : 'units are'}`;

function nothingToLabel(views: readonly UnitView[]): string {
  if (views.length > 1)
    return 'No unit of this order has been started: labels are printed of those that are.';
  return views[0]?.unit.plan
    ? 'This unit was given up: it has no label.'
    : 'This unit has not been started: its label is printed when its plan is frozen.';
}
