import type { Order } from '@gorvane/core/order/order.ts';
import { isOpen } from '@gorvane/core/unit/is-open.ts';
import { Link } from 'react-router';
import { Table } from '../../controls/table.tsx';
import type { SummaryRow } from '../../data/database.ts';
import { leadWords } from '../../data/live.ts';
import type { OrderUnits } from '../../data/open-orders.ts';

/** A line of more units than this is folded to those that are still to be made, and of those to so many. */
const most = { whole: 12, open: 6 } as const;

/** An order with its lines: how far each is, and its units with their next step. */
export function OrderBlock({ order, names, units }: OrderUnits) {
  return (
    <article className="order">
      <h3>{order.name}</h3>
      <p className="soft">
        {order.wantedBy && `${order.wantedBy}, `}
        {order.due ? `due ${order.due}` : 'no date'},{' '}
        <Link to={`/print/order/${order.id}`}>pick and cut list</Link>
      </p>
      {order.lines.map((line) => (
        <OrderLine
          key={line.id}
          order={order}
          line={line}
          lead={leadWords(names, line.leadId)}
          units={units.filter(({ lineId }) => lineId === line.id)}
        />
      ))}
    </article>
  );
}

interface OrderLineProps {
  readonly order: Order;
  readonly line: Order['lines'][number];
  readonly lead: string;
  readonly units: readonly SummaryRow[];
}

function OrderLine({ order, line, lead, units }: OrderLineProps) {
  const finished = units.filter(({ state }) => state === 'finished').length;
  const shown = units.length <= most.whole ? units : units.filter(isOpen).slice(0, most.open);
  return (
    <div>
      <p>
        <Link to={`/leads/${line.leadId}/choose`}>{lead}</Link>, {finished} of {line.quantity} finished
        {units.length > 1 && (
          <>
            , <Link to={`/build/batch/${order.id}/${line.id}`}>the batch</Link>
          </>
        )}
      </p>
      <Table columns={[0, 0.3]}>
        {shown.map((unit) => (
          <UnitRow key={unit.id} unit={unit} />
        ))}
      </Table>
      {shown.length < units.length && (
        <p className="soft">
          and {units.length - shown.length} more units in{' '}
          <Link to={`/build/batch/${order.id}/${line.id}`}>the batch</Link>
        </p>
      )}
    </div>
  );
}

function UnitRow({ unit: { id, serial, state, stands } }: { readonly unit: SummaryRow }) {
  const isFinished = state === 'finished';
  const words = state === 'given up' || state === 'set aside' ? state : stands;
  return (
    <tr>
      <th scope="row">
        <Link to={isFinished ? `/log/${id}` : `/build/${id}`} className="reading">
          {serial}
        </Link>
      </th>
      <td className={isFinished ? 'good' : state === 'not started' ? 'soft' : undefined}>
        {isFinished ? '● ' : ''}
        {words}
      </td>
    </tr>
  );
}
