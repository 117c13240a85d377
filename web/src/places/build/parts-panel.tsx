import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import type { Step, StepPart } from '@gorvane/core/build/step.ts';
import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import { IconCircle, IconCircleCheckFilled } from '@tabler/icons-react';

interface PartsPanelProps {
  readonly step: Step;
  readonly steps: readonly Step[];
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
}

/** What must be on the cable now, ticked one by one, with what is on already. */
export function PartsPanel({ step, steps, progress, onRecord }: PartsPanelProps) {
  const asked = [...step.threads, ...step.requires].filter(
    (part, index, all) => all.findIndex(({ partId }) => partId === part.partId) === index,
  );
  const all = steps.flatMap(({ threads }) => threads);
  const listed = asked.length > 0 ? asked : all.filter(({ partId }) => progress.on.has(partId));
  const toggle = (part: StepPart) => {
    const isOn = progress.on.has(part.partId);
    void onRecord([
      isOn
        ? { kind: 'part off', partId: part.partId, reason: 'tick taken back' }
        : { kind: 'part on', partId: part.partId },
    ]);
  };
  const title =
    step.threads.length > 0
      ? 'Put on now, in this order'
      : step.requires.length > 0
        ? 'Must be on the cable now'
        : 'On the cable now';
  return (
    <section className={asked.length > 0 ? 'parts' : 'parts parts-quiet'} aria-labelledby="parts">
      <h2 id="parts">{title}</h2>
      {listed.length === 0 && <p className="soft">Nothing yet.</p>}
      <ol>
        {listed.map((part) => {
          const isOn = progress.on.has(part.partId);
          const Icon = isOn ? IconCircleCheckFilled : IconCircle;
          return (
            <li key={part.partId}>
              <button
                type="button"
                aria-pressed={isOn}
                onClick={(event) => {
                  toggle(part);
                  // A touched button gives the focus back, so that the space bar goes on again.
                  if (event.detail > 0) event.currentTarget.blur();
                }}
              >
                <Icon size={30} className={isOn ? 'good' : 'soft'} aria-hidden="true" />
                <span>
                  {part.label}
                  <small>
                    {part.how}
                    {isOn
                      ? ''
                      : step.requires.some(({ partId }) => partId === part.partId)
                        ? ', not ticked: after this step it is too late'
                        : ''}
                  </small>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
