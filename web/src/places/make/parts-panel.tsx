import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Step, StepPart } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { IconCircle, IconCircleCheckFilled, IconCircleDot } from '@tabler/icons-react';

interface PartsPanelProps {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly progress: UnitProgress;
  /** The part that the big bar speaks of. */
  readonly nextId: string | undefined;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
}

/** What becomes of a part that is touched: put on, seen at a gate, or taken off again. */
export function touchPart(step: Step, progress: UnitProgress, { partId }: StepPart): UnitHappening[] {
  const on = progress.on.has(partId);
  const isGate = step.requires.some((part) => part.partId === partId);
  const seen = progress.confirmed.get(step.id)?.has(partId) === true;
  if (on && (!isGate || seen)) return [{ kind: 'part off', partId, reason: 'tick taken back' }];
  return [
    ...(on ? [] : [{ kind: 'part on', partId } as const]),
    ...(isGate ? [{ kind: 'part confirmed', stepId: step.id, partId } as const] : []),
  ];
}

/** What must be on the cable now, ticked one by one, with what is on already. */
export function PartsPanel({ step, steps, progress, nextId, onRecord }: PartsPanelProps) {
  const asked = [...step.threads, ...step.requires].filter(
    (part, index, all) => all.findIndex(({ partId }) => partId === part.partId) === index,
  );
  const all = steps.flatMap(({ threads }) => threads);
  const listed = asked.length > 0 ? asked : all.filter(({ partId }) => progress.on.has(partId));
  if (asked.length === 0)
    return (
      <section className="parts parts-quiet" aria-labelledby="parts">
        <h2 id="parts">On the cable now</h2>
        <p>{listed.length === 0 ? 'Nothing yet.' : listed.map(({ label }) => label).join('; ')}</p>
      </section>
    );
  const title = step.threads.length > 0 ? 'Put on now, in this order' : 'Must be on the cable now';
  return (
    <section className="parts" aria-labelledby="parts">
      <h2 id="parts">{title}</h2>
      <ol>
        {listed.map((part) => (
          <li key={part.partId} className={part.partId === nextId ? 'next-part' : undefined}>
            <PartTick step={step} steps={steps} progress={progress} part={part} onRecord={onRecord} />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** It is a piece that is cut to length, and nobody has ticked that it was. */
const isUncut = (partId: string, steps: readonly Step[], { cut }: UnitProgress) =>
  !cut.has(partId) && steps.some(({ cuts }) => cuts.some(({ partIds }) => partIds.includes(partId)));

function PartTick({
  step,
  steps,
  progress,
  part,
  onRecord,
}: Pick<PartsPanelProps, 'step' | 'steps' | 'progress' | 'onRecord'> & { readonly part: StepPart }) {
  const on = progress.on.has(part.partId);
  const isGate = step.requires.some(({ partId }) => partId === part.partId);
  const seen = progress.confirmed.get(step.id)?.has(part.partId) === true;
  const ticked = on && (!isGate || seen);
  const uncut = !on && isUncut(part.partId, steps, progress);
  const Icon = ticked ? IconCircleCheckFilled : on ? IconCircleDot : IconCircle;
  return (
    <button
      type="button"
      aria-pressed={ticked}
      onClick={(event) => {
        void onRecord(touchPart(step, progress, part));
        // A touched button gives the focus back, so that the space bar goes on again.
        if (event.detail > 0) event.currentTarget.blur();
      }}
    >
      <Icon size={30} className={ticked ? 'good' : 'soft'} aria-hidden="true" />
      <span>
        {part.label}
        <small>
          {part.how}
          {uncut ? ', not ticked as cut' : ''}
          {ticked || !isGate
            ? ''
            : on
              ? ', hand on it: still on, still that way round?'
              : ', not ticked: after this step it is too late'}
        </small>
      </span>
    </button>
  );
}
