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
import { wirePaint } from '../../drawing/wire-colour.ts';
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

interface WiresProps {
  readonly title: string;
  readonly lead: Lead;
  readonly back: React.ReactNode;
}

/** Every conductor from contact to contact. */
function Wires({ title, lead, back }: WiresProps) {
  const papers = usePapers();
  const rows = wireList(lead);
  const connectors = lead.ends.map(({ connectorId }) => leadConnector(lead, connectorId));
  const head = [
    ...(lead.pieces.length > 1 ? ['Cable'] : []),
    'Conductor',
    ...(hasPairs(rows) ? ['Pair'] : []),
    ...lead.ends.map(({ name }) => `End ${name}`),
    'With it',
  ];
  return (
    <main className="print-page">
      {papers && <PageStyle sheet={papers.sheet} />}
      <div className="no-print print-actions">
        <ResultActions
          data={() => ({
            name: `Wire list ${title}`,
            header: head,
            rows: rows.map((row) => cellsOf(lead, row, hasPairs(rows))),
          })}
        />
        {back}
      </div>
      <article className="certificate">
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
              {cellsOf(lead, row, hasPairs(rows)).map((cell, column) => (
                <td key={column}>
                  {head[column] === 'Conductor' && <Swatch row={row} />}
                  {head[column]!.startsWith('End ') ? <strong className="reading">{cell}</strong> : cell}
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
  const paint = conductor.kind === 'shield' ? '#b9bdb9' : wirePaint(conductor.colour);
  return (
    <svg width="22" height="12" aria-hidden="true" className="wire-swatch">
      <rect x="1" y="1" width="20" height="10" fill={paint} stroke="#22272a" />
    </svg>
  );
}

const hasPairs = (rows: readonly WireRow[]) => rows.some(({ conductor }) => conductor.pair !== null);

function cellsOf(
  lead: Lead,
  { pieceId, conductor, at, joined, shares }: WireRow,
  withPairs: boolean,
): string[] {
  const cable = lead.pieces.find(({ id }) => id === pieceId)!;
  return [
    ...(lead.pieces.length > 1 ? [cable.id] : []),
    conductor.label,
    ...(withPairs ? [conductor.pair === null ? '' : String(conductor.pair)] : []),
    ...at.map((contact) => (contact === undefined ? '' : (contact ?? 'spare'))),
    [
      ...joined.map((name) => `joined to ${name}`),
      ...shares.map((name) => `on one contact with ${name}`),
    ].join('; '),
  ];
}
