import type { BatchMode } from '@gorvane/core/build/batch.ts';
import { nextUnit } from '@gorvane/core/build/batch.ts';
import { cableLeft } from '@gorvane/core/build/cable-left.ts';
import { obstructions } from '@gorvane/core/build/progress.ts';
import type { Step } from '@gorvane/core/build/step.ts';
import { stepInSpeech } from '@gorvane/core/build/speech.ts';
import type { UnitHappening } from '@gorvane/core/build/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { stripDrift } from '@gorvane/core/strip/drift.ts';
import { answerHold } from '@gorvane/core/build/advance.ts';
import { Button } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Caution } from '../../controls/caution.tsx';
import type { UnitView } from '../../data/live.ts';
import { useHouse, useUnits } from '../../data/live.ts';
import { recordHappenings, scrapUnit, unitsOfLine } from '../../data/units.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { BatchBar } from './batch-bar.tsx';
import { BuildTools } from './build-tools.tsx';
import { DoneBar } from './done-bar.tsx';
import { EvidenceDialog } from './evidence-panel.tsx';
import { FinishedScreen } from './finished-screen.tsx';
import { HoldPanel } from './hold-panel.tsx';
import { PartsPanel, touchPart } from './parts-panel.tsx';
import { primaryOf } from './primary.ts';
import { StepHead } from './step-head.tsx';
import { StepView } from './step-view.tsx';
import { TrialPanel } from './trial-panel.tsx';
import { TroubleDialog } from './trouble-dialog.tsx';
import { useBuildKeys } from './use-build-keys.ts';
import { useOtherTab } from './use-other-tab.ts';
import { useRecorder } from './use-recorder.ts';
import { useStepClock } from './use-step-clock.ts';
import { useTimer } from './use-timer.ts';
import { useVoice } from './use-voice.ts';
import { useWakeLock } from './use-wake-lock.ts';

interface BuildingProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
}

/** A unit at work: the step it stands at or one looked back at, what the big bar does, and the panels beside it. */
export function Building({ view, frozen }: BuildingProps) {
  const { unit, progress } = view;
  const { steps } = progress;
  const navigate = useNavigate();
  const plan = useMemo(() => planLead(frozen.lead, frozen.cards, frozen.house), [frozen]);
  const left = useMemo(() => cableLeft(frozen.lead, plan.cuts, progress), [frozen, plan, progress]);
  const currentIndex = progress.current ? steps.indexOf(progress.current) : steps.length;
  // Looking back is a matter of this screen only; where the work stands is in the record.
  const [lookedAt, setLookedAt] = useState<number | undefined>();
  const [dialog, setDialog] = useState<'trouble' | 'evidence' | undefined>();
  const [mode, setMode] = useKeptValue<BatchMode>(`build/batch/${unit.lineId}`, 'unit by unit');
  const index = Math.min(lookedAt ?? currentIndex, currentIndex);
  const step = steps[index];
  const isCurrent = index === currentIndex;
  const batch = (useUnits() ?? []).filter(({ unit: other }) => other.lineId === unit.lineId);
  const depth = useHouse()?.stepDepth ?? 'first time';
  const blocks = step && isCurrent ? obstructions(progress, step, frozen) : [];
  const timer = useTimer(unit.id, step);
  const secondsAtStep = useStepClock(unit.id, progress.current?.id);
  const voice = useVoice();
  const otherTab = useOtherTab(unit.id);
  const { attempt, problem } = useRecorder();
  const [takenUp, setTakenUp] = useState(() => lastWords(view));
  useWakeLock();
  useSpoken(step, depth, voice);

  /** Records answers and, when nothing stands in the way any more, the step with them. */
  const record = async (
    at: Step,
    happenings: readonly UnitHappening[],
    andGoOn: boolean,
  ): Promise<boolean> => {
    const seconds = secondsAtStep();
    const isLast = steps.at(-1)?.id === at.id;
    let passed = false;
    const written = await attempt(() =>
      recordHappenings(unit.id, (now) => {
        passed = false;
        if (now.current?.id !== at.id || !andGoOn) return happenings;
        const answered = happenings.some(
          (happening) =>
            happening.kind === 'hold waived' || (happening.kind === 'hold answered' && happening.good),
        );
        const seats = happenings.some(({ kind }) => kind === 'trial fit');
        const open = obstructions(now, at, frozen).filter(
          ({ code }) =>
            !(answered && (code === 'hold open' || code === 'hold out')) && !(seats && code === 'trial open'),
        );
        if (open.length > 0) return happenings;
        passed = true;
        return [
          ...happenings,
          { kind: 'step done', stepId: at.id, ...(seconds === undefined ? {} : { seconds }) },
          ...(isLast ? [{ kind: 'finished' } as const] : []),
        ];
      }),
    );
    if (!written) return false;
    setTakenUp(undefined);
    if (passed) {
      timer.goOn();
      await takeUpNext();
    }
    return true;
  };
  /** With one step over all, the next unit of the batch that waits at it. */
  const takeUpNext = async () => {
    if (mode === 'unit by unit') return;
    const next = nextUnit(await unitsOfLine(unit.orderId, unit.lineId), unit.id, mode);
    if (next !== undefined && next !== unit.id) void navigate(`/build/${next}`);
  };
  const rework = (at: Step, happenings: readonly UnitHappening[]) => {
    setLookedAt(undefined);
    setDialog(undefined);
    void record(at, happenings, false);
  };
  const giveUp = (before: readonly UnitHappening[], reason: string) =>
    void attempt(async () => {
      await recordHappenings(unit.id, () => before);
      await scrapUnit(unit.id, reason);
    });
  const setAside = (reason: string) =>
    void attempt(() =>
      recordHappenings(unit.id, ({ aside }) => (aside === null ? [{ kind: 'set aside', reason }] : [])),
    );
  const primary = step && primaryOf({ step, progress, blocks, isCurrent, timeStarted: timer.startedHere });
  const press = () => {
    if (!step || !primary) return;
    switch (primary.does) {
      case 'look on':
        return setLookedAt(index + 1 >= currentIndex ? undefined : index + 1);
      case 'put on':
      case 'confirm':
        return void record(step, touchPart(step, progress, primary.part), false);
      case 'say it seats':
        return void record(
          step,
          [{ kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 }],
          true,
        );
      case 'start the time':
        return timer.start();
      case 'done':
        return void record(step, [], true);
      case 'wait':
    }
  };
  const lookBack = () => setLookedAt(Math.max(0, index - 1));
  const answer = (good: boolean) => {
    if (step?.hold?.kind === 'look' && isCurrent) void record(step, [answerHold(step, { good })], true);
  };
  const readAloud = () => step && voice.say(stepInSpeech(step, depth));
  useBuildKeys({
    goOn: press,
    goBack: lookBack,
    letters: {
      g: () => answer(true),
      x: () => answer(false),
      o: () => setDialog('trouble'),
      e: () => setDialog('evidence'),
      t: () => (timer.startedHere ? timer.stop() : timer.start()),
      r: readAloud,
    },
  });
  if (!step || !primary) return <FinishedScreen view={view} frozen={frozen} onLookBack={lookBack} />;
  const end = plan.ends.find(({ end: { id } }) => id === step.endId);
  const drift =
    end && step.stage === 'Strip'
      ? stripDrift(
          end.strip,
          batch.flatMap(({ progress: other }) => {
            const first = other.firstStrips.get(end.end.id);
            return first ? [first] : [];
          }),
        )
      : [];
  return (
    <div className="build">
      <StepHead view={view} frozen={frozen} plan={plan} step={step} index={index} timer={timer} />
      {batch.length > 1 && <BatchBar views={batch} unitId={unit.id} mode={mode} onMode={setMode} />}
      <main className="build-main">
        <div className="build-messages">
          {problem && (
            <p className="out" role="alert">
              ■ {problem.words}{' '}
              <Button size="compact-md" variant="default" onClick={problem.again}>
                Try again
              </Button>
            </p>
          )}
          {otherTab && (
            <p className="not-yet" role="status">
              ▲ This unit is open in another tab, too. Both write one record: what is done there shows here at
              once, and nothing is doubled.
            </p>
          )}
          {takenUp && <p className="soft">{takenUp}</p>}
        </div>
        <StepView
          step={step}
          plan={plan}
          progress={progress}
          unitId={unit.id}
          timer={timer}
          drift={drift}
          onRecord={async (happenings) => void (await record(step, happenings, false))}
          onGoOn={press}
        />
        {step.caution && (
          <div className="build-caution">
            <Caution>{step.caution}</Caution>
          </div>
        )}
        <aside className="build-side" aria-label="Parts and hold points">
          <PartsPanel
            step={step}
            steps={steps}
            progress={progress}
            nextId={'part' in primary ? primary.part.partId : undefined}
            onRecord={async (happenings) => void (await record(step, happenings, false))}
          />
          {step.trialFit && end && (
            <TrialPanel
              key={step.id}
              step={step}
              end={end}
              progress={progress}
              unitId={unit.id}
              onRecord={async (happenings) => void (await record(step, happenings, false))}
            />
          )}
          {step.hold && (
            <HoldPanel
              key={step.id}
              step={step}
              steps={steps}
              unit={unit}
              progress={progress}
              left={left}
              onRecord={async (happenings) => void (await record(step, happenings, true))}
              onRework={(happenings) => rework(step, happenings)}
              onScrap={(reason) => giveUp([], reason)}
            />
          )}
        </aside>
      </main>
      <BuildTools
        view={view}
        step={step}
        isFirst={index === 0}
        voice={voice}
        onLookBack={lookBack}
        onTrouble={() => setDialog('trouble')}
        onEvidence={() => setDialog('evidence')}
        onReadAloud={readAloud}
        onSetAside={setAside}
      />
      <DoneBar
        step={step}
        next={nextWords(steps, index, mode, batch.length)}
        primary={primary}
        onPress={press}
      />
      {dialog === 'trouble' && (
        <TroubleDialog
          step={step}
          frozen={frozen}
          progress={progress}
          left={left}
          onRecord={(happenings) => rework(step, happenings)}
          onScrap={giveUp}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'evidence' && (
        <EvidenceDialog
          step={step}
          unitId={unit.id}
          progress={progress}
          onRecord={(happenings) => record(step, happenings, false)}
          onClose={() => setDialog(undefined)}
        />
      )}
    </div>
  );
}

/** Reads each new step aloud while the voice is on. */
function useSpoken(
  step: Step | undefined,
  depth: 'first time' | 'experienced',
  { on, say }: ReturnType<typeof useVoice>,
): void {
  useEffect(() => {
    if (on && step) say(stepInSpeech(step, depth));
    // The same step is not read again because its record changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [on, step?.id, depth, say]);
}

/** What was last recorded before this screen was opened: the work may have been interrupted there. */
function lastWords({ events, progress }: UnitView): string | undefined {
  const last = events.at(-1);
  if (!last || events.length < 2 || progress.finished) return undefined;
  const done = [...events].reverse().find(({ happening }) => happening.kind === 'step done')?.happening;
  const title =
    done?.kind === 'step done' ? progress.steps.find(({ id }) => id === done.stepId)?.title : undefined;
  return `Goes on where it was left: ${title ? `“${title}” was the last step done; ` : ''}last entry ${new Date(last.at).toLocaleString()}, ${last.by}. Everything recorded is here.`;
}

function nextWords(
  steps: readonly Step[],
  index: number,
  mode: BatchMode,
  count: number,
): string | undefined {
  const next = steps[index + 1];
  if (mode === 'one step over all' && count > 1) return 'then the same step on the next unit';
  return next && `next: ${next.title}`;
}
