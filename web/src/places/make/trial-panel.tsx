import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import { formatMillimetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import { afterTrim, trialAdvice } from '@gorvane/core/strip/trial.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

interface TrialPanelProps {
  readonly step: Step;
  readonly end: ShownEnd;
  readonly progress: UnitProgress;
  readonly unitId: string;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<void>;
}

/** Offer up, say what touches and how far it stands off, trim, offer up again: until it seats. */
export function TrialPanel({ step, end, progress, unitId, onRecord }: TrialPanelProps) {
  const { strip } = end;
  const trials = progress.trials.get(step.id) ?? [];
  const measured = progress.strips.get(end.end.id) ?? {};
  const [typed, setTyped] = useKeptValue(`build/trial/${unitId}/${step.id}`, {
    touches: cutKey(strip.cuts.at(-1)!),
    gap: '',
  });
  const [problem, setProblem] = useState<string | undefined>();
  const last = trials.at(-1);
  const labelOf = (key: string) => strip.cuts.find((cut) => cutKey(cut) === key)?.label ?? key;
  const standsOff = () => {
    try {
      const gap = parsePositiveLength(typed.gap, 0.05);
      const advice = trialAdvice(strip, measured, typed.touches, gap);
      const after = afterTrim(measured, advice) as Record<string, number>;
      const happenings: UnitHappening[] = [
        { kind: 'trial fit', stepId: step.id, endId: end.end.id, touches: typed.touches, gap },
      ];
      if (advice.leaves !== undefined)
        happenings.push({ kind: 'strip measured', stepId: step.id, endId: end.end.id, lengths: after });
      void onRecord(happenings);
      setTyped({ ...typed, gap: '' });
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <section className="hold-panel" aria-labelledby="trial">
      <h2 id="trial">Trial {trials.length + 1}</h2>
      {last?.touches && <LastTrial strip={end} touches={last.touches} gap={last.gap} measured={measured} />}
      <form
        className="reading-answer"
        onSubmit={(event) => {
          event.preventDefault();
          standsOff();
        }}
      >
        <NativeSelect
          label="What touches first"
          size="lg"
          value={typed.touches}
          data={strip.cuts.map((cut) => ({ value: cutKey(cut), label: labelOf(cutKey(cut)).toLowerCase() }))}
          onChange={({ currentTarget: { value } }) => setTyped({ ...typed, touches: value })}
        />
        <TextInput
          label="Stands off by"
          placeholder="mm"
          size="lg"
          inputMode="decimal"
          autoComplete="off"
          classNames={{ input: 'reading' }}
          value={typed.gap}
          error={problem}
          onChange={({ currentTarget: { value } }) => setTyped({ ...typed, gap: value })}
        />
        <Button type="submit" size="lg" variant="default">
          It stands off: what to trim
        </Button>
      </form>
      {trials.length > 0 && (
        <ol className="soft trials">
          {trials.map((trial) => (
            <li key={trial.at + String(trial.touches)}>
              {trial.touches === null
                ? 'seats'
                : `${labelOf(trial.touches).toLowerCase()} touches, ${formatMillimetres(trial.gap, 1)} mm off`}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

/** What the last trial asks for. The record already holds the length after the trim. */
function LastTrial({
  strip: { strip },
  touches,
  gap,
  measured,
}: {
  readonly strip: ShownEnd;
  readonly touches: string;
  readonly gap: number;
  readonly measured: Readonly<Partial<Record<string, number>>>;
}) {
  const value = measured[touches];
  const before = value === undefined ? {} : { ...measured, [touches]: value + gap };
  const { words, cardDoubted } = trialAdvice(strip, before, touches, gap);
  return (
    <p className={cardDoubted ? 'not-yet' : 'trial-words'} role="status">
      {cardDoubted && '▲ '}
      {words}
    </p>
  );
}
