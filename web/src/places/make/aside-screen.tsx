import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { Button, Group } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { saveUnitFile } from '../../controls/unit-file.ts';
import type { UnitView } from '../../data/live.ts';
import { recordHappenings } from '../../data/units.ts';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { UnitLinks } from './unit-links.tsx';
import { useRecorder } from '../../controls/use-recorder.ts';

/** A unit that nobody works on: set aside, perhaps for another bench, or given up. */
export function AsideScreen({ view, frozen }: { readonly view: UnitView; readonly frozen: FrozenPlan }) {
  const { unit, progress } = view;
  const { attempt, problem } = useRecorder();
  const [said, setSaid] = useState<string | undefined>();
  const takeUp = () =>
    void attempt(() =>
      recordHappenings(unit.id, ({ aside }) => (aside === null ? [] : [{ kind: 'taken up' }])),
    );
  return (
    <div className="build">
      <main className="build-start">
        <h1>
          {frozen.lead.name}, unit {unit.serial} is {progress.scrapped === null ? 'set aside' : 'given up'}
        </h1>
        <p>{progress.scrapped ?? progress.aside}</p>
        <RecordAlert problem={problem} />
        {progress.scrapped === null && (
          <>
            <p>
              It stands before: {progress.current?.title ?? 'hand over'}. Its file takes it to another bench:
              read in there under House, it goes on where it stands, and coming back nothing is doubled.
            </p>
            <Group>
              <Button size="lg" onClick={takeUp}>
                Take it up again here
              </Button>
              <Button
                size="lg"
                variant="default"
                onClick={() => void attempt(async () => setSaid(`Written: ${await saveUnitFile(unit)}.`))}
              >
                Write its file for another bench
              </Button>
            </Group>
            {said && <p role="status">{said}</p>}
          </>
        )}
        <Group>
          <UnitLinks unit={unit} />
        </Group>
        <Link to="/">To the Bench</Link>
      </main>
    </div>
  );
}
