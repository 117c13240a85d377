import { Table } from '../../controls/table.tsx';
import { shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { chainWords } from '@gorvane/core/file/chain-words.ts';
import { entryNumber } from '@gorvane/core/record/entry-number.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { CameBack } from '../../controls/came-back.tsx';
import { Empty } from '../../controls/empty.tsx';
import { Photographs } from '../../controls/photograph.tsx';
import { marksOf } from '@gorvane/core/unit/unit-state.ts';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { UnitView } from '../../data/live.ts';
import { useUnit } from '../../data/live.ts';
import { planProblem, usePlanState } from '../../data/plan-check.ts';
import { Run } from '../../drawing/run.tsx';
import { useHappeningWords } from './happening-words.ts';
import { useTimes } from '../../controls/writing.ts';
import { useUnitTitle } from '../../controls/page-title.ts';

/** One unit: its run, its verdict, and its whole record with the check of its chain. */
export function UnitPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
  useUnitTitle(view, 'Log');
  if (view === undefined) return null;
  if (view === null)
    return (
      <Empty title="This unit is not here">
        <p>
          Its file may not have been imported yet: see <Link to="/house#data">House</Link>. Other units are in
          the <Link to="/log">Log</Link>.
        </p>
      </Empty>
    );
  return <UnitRecord view={view} />;
}

function UnitRecord({ view }: { readonly view: UnitView }) {
  const timeOf = useTimes();
  const { unit, events, progress } = view;
  const plan = useMemo(() => progress.plan && shownPlan(progress.plan), [progress.plan]);
  const findings = useMemo(() => verifyChain(events), [events]);
  const state = usePlanState(unit, events);
  const problem = state && planProblem[state];
  const word = useHappeningWords(progress.steps);
  return (
    <>
      <div className="page-head">
        <h1 className="reading">{unit.serial}</h1>
        <Link to={`/leads/${unit.leadId}/choose?unit=${unit.id}`}>{unit.plan?.lead.name ?? 'its lead'}</Link>
        <VerdictMark verdict={progress.proofs.at(-1)?.verdict ?? 'Not yet'} />
        {progress.scrapped !== null && <span className="out">■ given up: {progress.scrapped}</span>}
        {marksOf(progress).map((mark) => (
          <span key={mark} className="not-yet">
            ▲ {mark}
          </span>
        ))}
        <div className="actions">
          <Button component={Link} to={`/print/label/${unit.id}`} variant="default">
            Label
          </Button>
          <Button component={Link} to={`/print/certificate/${unit.id}`} variant="default">
            Certificate
          </Button>
          <Button component={Link} to={`/print/traveller/${unit.id}`} variant="default">
            Traveller
          </Button>
          <Button component={Link} to={`/print/wires/${unit.id}`} variant="default">
            Wire list
          </Button>
          {progress.finished && progress.scrapped === null && <CameBack unit={unit} />}
          <Button component={Link} to={`/prove/${unit.orderId}`} variant="default">
            Proofs of its order
          </Button>
          <Button component={Link} to={`/build/${unit.id}`}>
            {progress.finished ? 'Look at the steps' : 'Build'}
          </Button>
        </div>
      </div>
      {plan && <Run plan={plan} progress={progress} />}
      <p className={findings.length === 0 ? 'good' : 'out'}>
        {findings.length === 0
          ? `● Record chain whole, ${events.length} entries.`
          : `■ Record chain broken: ${findings.map(chainWords).join(' ')}`}
      </p>
      {problem && <p className="out">■ {problem}</p>}
      <Photographs photographs={progress.photographs} />
      <Table head={['No.', 'When', 'Who', 'What']}>
        {events.toReversed().map((event) => (
          <tr key={event.id}>
            <td className="reading">{entryNumber(event)}</td>
            <td className="no-wrap">{timeOf(event.at)}</td>
            <td className="no-wrap">{event.by}</td>
            <td>{word(event.happening)}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}
