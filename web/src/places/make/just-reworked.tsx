import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { Button } from '@mantine/core';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';
import { recordHappenings } from '../../data/units.ts';
import '../../controls/card-changes.css';

/** A way back that was recorded last can be taken back, by an entry that follows it, until anything else is recorded. */
export function JustReworked({
  unitId,
  progress,
}: {
  readonly unitId: string;
  readonly progress: UnitProgress;
}) {
  const { attempt, problem } = useRecorder();
  const { justReworked, steps } = progress;
  if (!justReworked) return null;
  const title = steps.find(({ id }) => id === justReworked.toStepId)?.title ?? justReworked.toStepId;
  const takeBack = () =>
    void attempt(() =>
      recordHappenings(unitId, (now) =>
        now.justReworked ? [{ kind: 'rework taken back', reason: 'nothing was done since' }] : [],
      ),
    );
  return (
    <section className="card-changes" aria-label="Way back">
      <p>
        Gone back to: {title}, because {justReworked.reason}.
      </p>
      <div>
        <Button variant="default" onClick={takeBack}>
          Do not go back after all
        </Button>
      </div>
      <RecordAlert problem={problem} />
    </section>
  );
}
