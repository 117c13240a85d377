import { Table } from '../../controls/table.tsx';
import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { marksOf, stateWords } from '../../controls/unit-state.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useLeads, useUnits } from '../../data/live.ts';

/** Every unit that was started, found by serial, lead, date or person. */
export function Log() {
  const units = useUnits();
  const leads = useLeads() ?? [];
  const [text, setText] = useState('');
  if (!units) return null;
  const nameOf = (view: UnitView) =>
    view.unit.plan?.lead.name ?? leads.find(({ id }) => id === view.unit.leadId)?.name ?? '';
  const started = units.filter(({ progress }) => progress.started);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const about = (view: UnitView) =>
    `${view.unit.serial} ${view.unit.id} ${nameOf(view)} ${view.events.map(({ at, by }) => `${at.slice(0, 10)} ${by}`).join(' ')}`.toLowerCase();
  const found = started.filter((view) => words.every((word) => about(view).includes(word))).reverse();
  return (
    <>
      <div className="page-head">
        <h1>Log</h1>
        <span className="soft">{started.length} units</span>
        <div className="actions">
          <Button component={Link} to="/log/check" variant="default">
            Check a data package
          </Button>
          <TextInput
            aria-label="Search the log"
            placeholder="serial, lead, date or name"
            value={text}
            onChange={({ currentTarget }) => setText(currentTarget.value)}
          />
        </div>
      </div>
      {started.length === 0 ? (
        <Empty title="No unit has been started">
          <p>
            A unit stands here from its first step. Start one from the <Link to="/">Bench</Link>.
          </p>
        </Empty>
      ) : found.length === 0 ? (
        <p>No unit has &ldquo;{text}&rdquo; in its serial, lead, dates or names.</p>
      ) : (
        <Table head={['Serial', 'Lead', 'Last entry', 'State', 'Proof']}>
          {found.map((view) => (
            <tr key={view.unit.id}>
              <th scope="row">
                <Link to={`/log/${view.unit.id}`} className="reading">
                  {view.unit.serial}
                </Link>
              </th>
              <td>{nameOf(view)}</td>
              <td>
                {new Date(view.events.at(-1)!.at).toLocaleString()}, {view.events.at(-1)!.by}
              </td>
              <td>{stateWords(view.progress)}</td>
              <td>
                <VerdictMark verdict={view.progress.proofs.at(-1)?.verdict ?? 'Not yet'} />
                {marksOf(view.progress).map((mark) => (
                  <div key={mark} className="not-yet">
                    ▲ {mark}
                  </div>
                ))}
              </td>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}
