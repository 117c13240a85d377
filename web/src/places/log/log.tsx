import type { FacetKind } from '@gorvane/core/unit/facets.ts';
import { facet } from '@gorvane/core/unit/facets.ts';
import { unitStates } from '@gorvane/core/unit/summary.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useDeferredValue, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { Table } from '../../controls/table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { SummaryRow } from '../../data/database.ts';
import { leadWords, useCounts, useFoundUnits, useLeadNames } from '../../data/live.ts';
import { useTimes } from '../../controls/writing.ts';
import './log.css';

/** Undefined until they have been read. */
type LeadNames = ReadonlyMap<string, string> | undefined;

const unitsAtOnce = 50;

/** Every unit that was started, newest first, found by what is typed and by what it is. */
export function Log() {
  // Hundreds of leads to choose from come after the units, which do not wait for them.
  const names = useDeferredValue(useLeadNames());
  const [search, setSearch] = useSearchParams();
  const [text, setText] = useState(search.get('text') ?? '');
  const [most, setMost] = useState(unitsAtOnce);
  const asked = useDeferredValue(text);
  const chosen = filters.flatMap(({ kind }) => {
    const value = search.get(kind);
    return value ? [facet(kind, value)] : [];
  });
  const started = useFoundUnits({ facets: [isStarted] }, { most: 0 });
  const found = useFoundUnits({ facets: [isStarted, ...chosen], text: asked }, { most });
  const choose = (name: string, value: string) => {
    setMost(unitsAtOnce);
    setSearch(
      (now) => {
        if (value) now.set(name, value);
        else now.delete(name);
        return now;
      },
      { replace: true },
    );
  };
  if (!started || !found) return null;
  return (
    <>
      <div className="page-head">
        <h1>Log</h1>
        <span className="soft">
          {found.count === started.count
            ? `${started.count} units`
            : `${found.count} of ${started.count} units`}
        </span>
        <div className="actions">
          <Button component={Link} to="/log/check" variant="default">
            Check a data package
          </Button>
          <TextInput
            aria-label="Search the log"
            placeholder="serial, lead, date, name"
            value={text}
            onChange={({ currentTarget: { value } }) => {
              setText(value);
              choose('text', value);
            }}
          />
        </div>
      </div>
      {started.count === 0 ? (
        <Empty title="No unit has been started">
          <p>
            A unit stands here from its first step. Start one from the <Link to="/">Bench</Link>.
          </p>
        </Empty>
      ) : (
        <>
          <Filters names={names} chosen={search} onChoose={choose} />
          <Found units={found.units} names={names} />
          {found.count === 0 && (
            <p>
              No unit is all of this{text && `, with “${text}” in its serial, lead, order, dates or names`}.
            </p>
          )}
          {found.count > found.units.length && (
            <Button variant="default" mt={12} onClick={() => setMost(most + unitsAtOnce)}>
              Show {Math.min(unitsAtOnce, found.count - found.units.length)} more of{' '}
              {found.count - found.units.length}
            </Button>
          )}
        </>
      )}
    </>
  );
}

const isStarted = facet('started', 'yes');

/** What the log is narrowed by, with what it is called where nothing is chosen. */
const filters: readonly { readonly kind: FacetKind; readonly label: string; readonly open: string }[] = [
  { kind: 'state', label: 'State', open: 'any state' },
  { kind: 'verdict', label: 'Proof', open: 'any proof' },
  { kind: 'lead', label: 'Lead', open: 'any lead' },
  { kind: 'person', label: 'Person', open: 'anybody' },
  { kind: 'fault', label: 'Trouble seen', open: 'any trouble' },
  { kind: 'pass', label: 'First pass', open: 'first pass or not' },
];

interface FiltersProps {
  readonly names: LeadNames;
  readonly chosen: URLSearchParams;
  readonly onChoose: (name: string, value: string) => void;
}

function Filters({ names, chosen, onChoose }: FiltersProps) {
  return (
    <div className="log-filters">
      {filters.map((filter) => (
        <Filter
          key={filter.kind}
          filter={filter}
          value={chosen.get(filter.kind) ?? ''}
          names={names}
          onChoose={(value) => onChoose(filter.kind, value)}
        />
      ))}
    </div>
  );
}

interface FilterProps {
  readonly filter: (typeof filters)[number];
  readonly value: string;
  readonly names: LeadNames;
  readonly onChoose: (value: string) => void;
}

function Filter({ filter: { kind, label, open }, value, names, onChoose }: FilterProps) {
  const counts = useCounts(kind) ?? new Map<string, number>();
  const isRead = kind !== 'lead' || names !== undefined;
  const there = [...(isRead ? counts.keys() : [])].filter(
    (each) => kind !== 'state' || each !== unitStates[0],
  );
  const named = there
    .map((each) => ({ value: each, label: valueWords(kind, each, names) }))
    .sort((a, b) => a.label.localeCompare(b.label));
  const isThere = value === '' || there.includes(value);
  return (
    <NativeSelect
      aria-label={label}
      value={value}
      data={[
        { value: '', label: open },
        ...named,
        ...(isThere ? [] : [{ value, label: valueWords(kind, value, names) }]),
      ]}
      onChange={({ currentTarget }) => onChoose(currentTarget.value)}
    />
  );
}

function valueWords(kind: FacetKind, value: string, names: LeadNames): string {
  if (kind === 'lead') return names ? leadWords(names, value) : '';
  if (kind === 'pass') return value === 'first' ? 'good at the first pass' : 'not at the first pass';
  if (kind === 'verdict') return value === 'none' ? 'not proved' : `proved ${value}`;
  return value;
}

interface FoundProps {
  readonly units: readonly SummaryRow[];
  readonly names: LeadNames;
}

function Found({ units, names }: FoundProps) {
  const timeOf = useTimes();
  if (units.length === 0) return null;
  return (
    <Table head={['Serial', 'Lead', 'Last entry', 'State', 'Proof']}>
      {units.map(({ id, serial, lead, leadId, last, state, stands, verdict, marks }) => (
        <tr key={id}>
          <th scope="row">
            <Link to={`/log/${id}`} className="reading">
              {serial}
            </Link>
          </th>
          <td>{lead || (names && leadWords(names, leadId))}</td>
          <td className="no-wrap">{last && `${timeOf(last.at)}, ${last.by}`}</td>
          <td>{state === 'finished' ? state : stands}</td>
          <td>
            <VerdictMark verdict={verdict ?? 'Not yet'} />
            {marks.map((mark) => (
              <div key={mark} className="not-yet">
                ▲ {mark}
              </div>
            ))}
          </td>
        </tr>
      ))}
    </Table>
  );
}
