import { facet } from '@gorvane/core/unit/facets.ts';
import type { UnitStateName } from '@gorvane/core/unit/summary.ts';
import { Link } from 'react-router';
import { Table } from '../../controls/table.tsx';
import type { SummaryRow } from '../../data/database.ts';
import { useBench, useFoundUnits } from '../../data/live.ts';

/** So many units of each kind stand on a bench by name. */
const most = 5;

interface WaitingProps {
  /** The unit that stands above already. */
  readonly inHand: string | undefined;
}

/** What lies here besides the unit in hand: begun, set aside, or read in from another bench. */
export function Waiting({ inHand }: WaitingProps) {
  const bench = useBench();
  const atWork = useUnitsIn('at work');
  const aside = useUnitsIn('set aside');
  if (!bench || !atWork || !aside) return null;
  const begun = atWork.units.filter(({ id }) => id !== inHand).slice(0, most);
  const waiting = aside.units.slice(0, most);
  const above = atWork.units.some(({ id }) => id === inHand) ? 1 : 0;
  const more = atWork.count + aside.count - above - begun.length - waiting.length;
  if (begun.length + waiting.length === 0) return null;
  return (
    <section aria-labelledby="waiting">
      <h2 id="waiting">Begun and waiting</h2>
      <Table>
        {[...waiting, ...begun].map((unit) => (
          <WaitingRow key={unit.id} unit={unit} here={bench.name} />
        ))}
      </Table>
      {more > 0 && (
        <p className="soft">
          and {more} more in the <Link to="/log?state=at+work">Log</Link>
        </p>
      )}
    </section>
  );
}

/** One more than is shown: the unit in hand may be among them. */
const useUnitsIn = (state: UnitStateName) =>
  useFoundUnits({ facets: [facet('state', state)] }, { most: most + 1 });

function WaitingRow({
  unit: { id, serial, lead, stands, last },
  here,
}: {
  readonly unit: SummaryRow;
  readonly here: string;
}) {
  return (
    <tr>
      <th scope="row">
        <Link to={`/build/${id}`} className="reading">
          {serial}
        </Link>
      </th>
      <td>{lead}</td>
      <td>
        {stands}
        {last && last.by !== here && <span className="soft">, last by {last.by}</span>}
      </td>
    </tr>
  );
}
