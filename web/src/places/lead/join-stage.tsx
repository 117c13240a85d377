import { useBench } from '../../data/live.ts';
import { scrapWords } from '@gorvane/core/recipe/scrap.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { SegmentedControl } from '@mantine/core';
import { useState } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { Figure } from '../../controls/figure.tsx';
import { HoldLimits } from '../../controls/hold-limits.tsx';
import type { StageProps } from './stage-props.ts';

/** The joints of this design: tool and die, hold points, cautions, in the order of the work. */
export function JoinStage({ plan, view }: StageProps) {
  const depth = useBench()?.stepDepth ?? 'first time';
  const made = plan.ends.filter(({ end }) => end.lies === undefined);
  const [endId, setEndId] = useState(made[0]!.end.id);
  const steps = plan.steps.filter((step) => step.stage === 'Join' && step.endId === endId);
  const holds = steps.filter(({ hold }) => hold);
  return (
    <div className="stage">
      <section aria-label="Joints">
        <div className="stage-head">
          <h2>Joints</h2>
          <SegmentedControl
            value={endId}
            onChange={setEndId}
            data={made.map(({ end }) => ({ value: end.id, label: `End ${end.name}` }))}
          />
        </div>
        {plan.steps.length === 0 && (
          <p className="advice">There is no plan to join to. {plan.withheld[0]?.message ?? 'See Thread.'}</p>
        )}
        <ol className="step-list">
          {steps.map((step) => (
            <JointStep key={step.id} step={step} progress={view?.progress} depth={depth} />
          ))}
        </ol>
      </section>
      <aside aria-label="Hold points">
        <h2>Hold points</h2>
        <ul className="step-list">
          {holds.map(({ id, hold }) => (
            <li key={id}>
              <strong>{hold!.label}</strong>
              <HoldLimits hold={hold!} />
              <span className="soft">
                If it is Out: {hold!.rework.advice}
                {hold!.rework.scrap.length > 0 && ` Scrap: ${scrapWords(hold!.rework.scrap)}.`}
              </span>
            </li>
          ))}
        </ul>
        <Caution>
          Hold points pass by a reading, or by a waiver with name and reason that stands in the record. Those
          for safety by a reading only.
        </Caution>
      </aside>
    </div>
  );
}

function JointStep({
  step,
  progress,
  depth,
}: {
  readonly step: Step;
  readonly progress: UnitProgress | undefined;
  readonly depth: 'first time' | 'experienced';
}) {
  return (
    <li className={step.hold ? 'hold' : undefined}>
      <h3>
        {step.title}
        {progress?.done.has(step.id) && <span className="good"> ● done</span>}
      </h3>
      <p>{depth === 'first time' ? step.text.firstTime : step.text.experienced}</p>
      {step.tools.length > 0 && (
        <p className="reading">{step.tools.map(({ label, setting }) => `${label}: ${setting}`).join('; ')}</p>
      )}
      {step.figures.length > 0 && (
        <div className="reading">
          {step.figures.map(({ label, figure }, index) => (
            <span key={label}>
              {index > 0 && '; '}
              {label} <Figure figure={figure} label={label} />
            </span>
          ))}
        </div>
      )}
      {step.good.length > 0 && <p className="good">Good: {step.good.join(', ')}.</p>}
      {step.bad.length > 0 && <p className="out">Out: {step.bad.join(', ')}.</p>}
      {step.caution && <Caution>{step.caution}</Caution>}
    </li>
  );
}
