import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import type { Step } from '@gorvane/core/build/step.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { ChainFinding } from '@gorvane/core/record/chain.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { Photographs } from '../../controls/photograph.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useWriting } from '../../controls/writing.ts';
import type { UnitView } from '../../data/live.ts';
import { useUnit } from '../../data/live.ts';
import { Run } from '../../drawing/run.tsx';

/** One unit: its run, its verdict, and its whole record with the check of its chain. */
export function UnitPage() {
  const { unitId } = useParams();
  const view = useUnit(unitId);
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
  const { unit, events, progress } = view;
  const plan = useMemo(
    () => unit.plan && planLead(unit.plan.lead, unit.plan.cards, unit.plan.house),
    [unit.plan],
  );
  const findings = useMemo(() => verifyChain(events), [events]);
  const word = useHappeningWords(progress.steps);
  return (
    <>
      <div className="page-head">
        <h1 className="reading">{unit.serial}</h1>
        <Link to={`/leads/${unit.leadId}/choose?unit=${unit.id}`}>{unit.plan?.lead.name ?? 'its lead'}</Link>
        <VerdictMark verdict={progress.proofs.at(-1)?.verdict ?? 'Not yet'} />
        {progress.scrapped !== null && <span className="out">■ given up: {progress.scrapped}</span>}
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
          <Button component={Link} to={`/build/${unit.id}`}>
            {progress.finished ? 'Look at the steps' : 'Build'}
          </Button>
        </div>
      </div>
      {plan && <Run plan={plan} progress={progress} />}
      <p className={findings.length === 0 ? 'good' : 'out'}>
        {findings.length === 0
          ? `● Record chain whole, ${events.length} entries.`
          : `■ ${findings.map(wordFinding).join(' ')}`}
      </p>
      <Photographs photographs={progress.photographs} />
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">No.</th>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
          </tr>
        </thead>
        <tbody>
          {events.map((event) => (
            <tr key={event.id}>
              <td className="reading">{event.number}</td>
              <td>{new Date(event.at).toLocaleString()}</td>
              <td>{event.by}</td>
              <td>{word(event.happening)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function wordFinding(finding: ChainFinding): string {
  switch (finding.code) {
    case 'changed':
      return `Entry ${finding.number} was changed after it was written.`;
    case 'missing before':
      return `An entry before number ${finding.number} is missing.`;
    case 'two continuations':
      return `Two continuations at number ${finding.number}: two benches went on with this unit apart. Both are kept.`;
  }
}

function useHappeningWords(steps: readonly Step[]): (happening: UnitHappening) => string {
  const write = useWriting();
  const title = (stepId: string) => steps.find(({ id }) => id === stepId)?.title ?? stepId;
  const holdWords = (happening: Extract<UnitHappening, { kind: 'hold answered' }>) => {
    const step = steps.find(({ id }) => id === happening.stepId);
    const quantity = step?.hold?.reading?.quantity;
    const reading =
      happening.reading === null || !quantity
        ? ''
        : happening.reading === Number.MAX_VALUE
          ? ', open'
          : `, ${write(happening.reading, quantity)}`;
    return `${step?.hold?.label ?? happening.stepId}: ${happening.good ? 'Good' : 'Out'}${reading}`;
  };
  return (happening) => {
    switch (happening.kind) {
      case 'started':
        return `Started: plan frozen, program ${happening.programVersion}`;
      case 'part on':
        return `On the cable: ${happening.partId}`;
      case 'part off':
        return `Off the cable: ${happening.partId}, ${happening.reason}`;
      case 'part confirmed':
        return `Seen on the cable: ${happening.partId}, at ${title(happening.stepId)}`;
      case 'step done':
        return `Done: ${title(happening.stepId)}${happening.seconds === undefined ? '' : `, ${happening.seconds} s`}`;
      case 'trial fit':
        return happening.touches === null
          ? `Trial, end ${happening.endId}: seats`
          : `Trial, end ${happening.endId}: ${happening.touches} touches, ${formatMillimetres(happening.gap, 1)} mm off`;
      case 'length measured':
        return `Finished length of ${happening.legId}: ${write(happening.length, 'distance')}`;
      case 'trouble':
        return `Off: ${happening.seen}, at ${title(happening.stepId)}: ${happening.outcome}. ${happening.advice}`;
      case 'taken shorter':
        return `Taken ${formatMillimetres(happening.shortage)} mm shorter by ${happening.name}: ${happening.reason}`;
      case 'photograph':
        return `Picture: ${happening.caption || 'without words'}`;
      case 'note':
        return `Note: ${happening.text}`;
      case 'set aside':
        return `Set aside: ${happening.reason}`;
      case 'taken up':
        return 'Taken up again';
      case 'scrapped':
        return `Given up: ${happening.reason}`;
      case 'first article':
        return happening.corrections.length === 0
          ? 'First article accepted as planned'
          : `First article: ${happening.corrections.join('; ')}`;
      case 'strip measured':
        return `Strip of end ${happening.endId}: ${Object.entries(happening.lengths)
          .map(([layer, metres]) => `${layer} ${formatMillimetres(metres, 2)} mm`)
          .join(', ')}`;
      case 'hold answered':
        return holdWords(happening);
      case 'hold waived':
        return `Waived by ${happening.name}: ${title(happening.stepId)}, ${happening.reason}`;
      case 'rework':
        return `Back to: ${title(happening.toStepId)}, because ${happening.reason}. Used ${formatMillimetres(happening.uses)} mm${happening.scrap.length > 0 ? `, scrap: ${happening.scrap.join(', ')}` : ''}`;
      case 'proved':
        return `Proved ${happening.verdict}, ${happening.readings.instrument}`;
      case 'finished':
        return 'Finished';
    }
  };
}
