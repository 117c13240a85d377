import type { Lead } from '@gorvane/core/lead/lead.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import { endsInWords } from '@gorvane/core/lead/automatic-name.ts';
import { leadConnector } from '@gorvane/core/lead/lead-connector.ts';
import type { WireRow } from '@gorvane/core/wiring/wire-list.ts';
import { wireList } from '@gorvane/core/wiring/wire-list.ts';
import { Link, useParams } from 'react-router';
import { usePageTitle, useUnitTitle } from '../../controls/page-title.ts';
import { ResultActions } from '../../controls/result-table.tsx';
import { Table } from '../../controls/table.tsx';
import { useLead, useLeads, usePapers, useUnit } from '../../data/live.ts';
import { conductorPaint } from '../../drawing/wire-colour.ts';
import { PageStyle } from './page-style.tsx';
import './print.css';

/** The wire list of a design as it is now. */
export function LeadWiresPage() {
  const { leadId } = useParams();
  const leads = useLeads();
  const lead = leads?.find(({ id }) => id === leadId);
  usePageTitle(lead?.name, 'Wire list');
  if (!leads) return null;
  if (!lead) return <p className="print-page">This lead is not in the database.</p>;
  return (
    <Wires
      title={lead.name}
      lead={lead}
      back={<Link to={`/leads/${lead.id}/choose`}>Back to the lead</Link>}
    />
  );
}

/** The wire list of a unit: as its plan was frozen, before that as its lead is now. */
export function UnitWiresPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  const lead = useLead(view?.unit.leadId ?? '');
  useUnitTitle(view, 'Wire list');
  if (view === null) return <p className="print-page">This unit is not in the database.</p>;
  const shown = view?.unit.plan?.lead ?? lead;
  if (!view || !shown) return null;
  const { id, serial } = view.unit;
  return (
    <Wires
      title={`${shown.name}, ${serial}`}
      lead={shown}
      back={<Link to={`/log/${id}`}>Back to {serial}</Link>}
    />
  );
}

interface Column {
  readonly title: string;
  readonly of: (row: WireRow) => string;
  readonly shows?: 'conductor' | 'contact';
}

const withIt = ({ joined, shares }: WireRow) =>
  [...joined.map((name) => `joined to ${name}`), ...shares.map((name) => `on one contact with ${name}`)].join(
    '; ',
  );

/** Only columns in which something stands: cable and pair where there are several, company where there is any. */
function columnsOf({ pieces, ends }: Lead, rows: readonly WireRow[]): Column[] {
  const hasPairs = rows.some(({ conductor }) => conductor.pair !== null);
  return [
    ...(pieces.length > 1 ? [{ title: 'Cable', of: ({ pieceId }: WireRow) => pieceId }] : []),
    { title: 'Conductor', of: ({ conductor }) => conductor.label, shows: 'conductor' },
    ...(hasPairs ? [{ title: 'Pair', of: ({ conductor }: WireRow) => String(conductor.pair ?? '') }] : []),
    ...ends.map(({ name }, index): Column => ({
      title: `End ${name}`,
      of: ({ at }) => (at[index] === undefined ? '' : (at[index] ?? 'spare')),
      shows: 'contact',
    })),
    ...(rows.some((row) => withIt(row) !== '') ? [{ title: 'With it', of: withIt }] : []),
  ];
}

interface WiresProps {
  readonly title: string;
  readonly lead: Lead;
  readonly back: React.ReactNode;
}

/** Every conductor from contact to contact. */
function Wires({ title, lead, back }: WiresProps) {
  const papers = usePapers();
  const rows = wireList(lead);
  const columns = columnsOf(lead, rows);
  const head = columns.map((column) => column.title);
  const connectors = lead.ends.map(({ connectorId }) => leadConnector(lead, connectorId));
  return (
    <main className="print-page">
      {papers && <PageStyle sheet={papers.sheet} />}
      <div className="no-print print-actions">
        <ResultActions
          data={() => ({
            name: `Wire list ${title}`,
            header: head,
            rows: rows.map((row) => columns.map((column) => column.of(row))),
          })}
        />
        {back}
      </div>
      <article className="sheet">
        <header>
          <div>
            <h1>Wire list of {title}</h1>
            <p>
              {endsInWords(connectors)}, {lengthInWords(lead)}. {lead.purpose}
            </p>
          </div>
        </header>
        <Table head={head} label="Wire list">
          {rows.map((row) => (
            <tr key={`${row.pieceId} ${row.conductor.id}`}>
              {columns.map((column) => (
                <td key={column.title}>
                  {column.shows === 'conductor' && <Swatch row={row} />}
                  {column.shows === 'contact' ? (
                    <strong className="reading">{column.of(row)}</strong>
                  ) : (
                    column.of(row)
                  )}
                </td>
              ))}
            </tr>
          ))}
        </Table>
        <ul className="soft">
          {lead.ends.map(({ id, name, called }, index) => (
            <li key={id}>
              End {name}: {connectors[index]!.name}
              {called ? `, to the ${called}` : ''}
            </li>
          ))}
        </ul>
      </article>
    </main>
  );
}

function Swatch({ row: { conductor } }: { readonly row: WireRow }) {
  return (
    <svg width="22" height="12" aria-hidden="true" className="wire-swatch">
      <rect x="1" y="1" width="20" height="10" fill={conductorPaint(conductor)} stroke="#22272a" />
    </svg>
  );
}
