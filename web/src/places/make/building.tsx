import type { BatchMode } from '@gorvane/core/unit/batch.ts';
import { cableLeft } from '@gorvane/core/unit/cable-left.ts';
import { answerHold } from '@gorvane/core/unit/advance.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { obstructions } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { stepInSpeech } from '@gorvane/core/words/speech.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { endOfStep } from '@gorvane/core/plan/shown-plan.ts';
import { shownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { Drift } from '@gorvane/core/strip/drift.ts';
import { stripDrift } from '@gorvane/core/strip/drift.ts';
import { useEffect, useMemo, useState } from 'react';
import type { UnitView } from '../../data/live.ts';
import { useBench, useUnitsOfLine } from '../../data/live.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { BatchBar, batchModeKey } from './batch-bar.tsx';
import { BuildTools } from './build-tools.tsx';
import { CardChanges } from '../../controls/card-changes.tsx';
import { DoneBar, MomentBar } from './done-bar.tsx';
import { EvidenceDialog } from './evidence-dialog.tsx';
import { FinishedScreen } from './finished-screen.tsx';
import { touchPiece } from './cut-panel.tsx';
import { JustReworked } from './just-reworked.tsx';
import { MomentScreen } from './moment-view.tsx';
import { touchPart } from './parts-panel.tsx';
import { primaryOf } from './primary.ts';
import { useTimes } from '../../controls/writing.ts';
import { RecordAlert } from '../../controls/record-alert.tsx';
import { StepHead } from './step-head.tsx';
import { StepScreen } from './step-screen.tsx';
import { TroubleDialog } from './trouble-dialog.tsx';
import { useBuildKeys } from './use-build-keys.ts';
import type { MomentAtWork } from './use-moment.ts';
import { useMoment } from './use-moment.ts';
import { useOtherTab } from './use-other-tab.ts';
import type { RecordProblem } from '../../controls/use-recorder.ts';
import { useTimer } from './use-timer.ts';
import type { Told } from './use-unit-work.ts';
import { useUnitWork } from './use-unit-work.ts';
import type { Voice } from './use-voice.ts';
import { useVoice } from './use-voice.ts';
import { useWakeLock } from './use-wake-lock.ts';

interface BuildingProps {
  readonly view: UnitView;
  readonly frozen: FrozenPlan;
}

/** A unit at work: the step it stands at or one looked back at, what the big bar does, and the panels beside it. */
export function Building({ view, frozen }: BuildingProps) {
  const { unit, progress } = view;
  const plan = useMemo(() => shownPlan(frozen), [frozen]);
  const left = useMemo(() => cableLeft(frozen.lead, plan.cuts, progress), [frozen, plan, progress]);
  const [mode, setMode] = useKeptValue<BatchMode>(batchModeKey(unit.lineId), 'unit by unit');
  const asOne = useMemo(() => [view], [view]);
  const [dialog, setDialog] = useState<'trouble' | 'evidence' | undefined>();
  const timeOf = useTimes();
  const [takenUp, setTakenUp] = useState(() => lastWords(view, timeOf));
  const at = useStepLookedAt(progress);
  const { step } = at;
  const batch = useUnitsOfLine(unit.orderId, unit.lineId) ?? [];
  const depth = useBench()?.stepDepth ?? 'first time';
  const timer = useTimer(unit.id, step);
  const voice = useVoice();
  const otherTab = useOtherTab(unit.id);
  const work = useUnitWork({
    view,
    frozen,
    onPassed: timer.goOn,
    onWritten: () => setTakenUp(undefined),
  });
  useWakeLock();
  const folded = useMoment(unit.id, progress, at.isCurrent ? step : undefined, depth === 'experienced');
  const moment = folded.at;
  const spoken = spokenOf(moment, step, depth);
  useSpoken(spoken, voice);

  const record = (told: Told) => work.record(step!, told, false);
  const recordAndGoOn = (happenings: readonly UnitHappening[]) => work.record(step!, happenings, true);
  const rework = (happenings: readonly UnitHappening[]) => {
    at.lookAt(undefined);
    setDialog(undefined);
    folded.forget();
    void record(happenings);
  };
  const blocks = step && at.isCurrent ? obstructions(progress, step, frozen) : [];
  const primary =
    step && primaryOf({ step, progress, blocks, isCurrent: at.isCurrent, nextTime: timer.next });
  const press = () => {
    if (!step || !primary) return;
    switch (primary.does) {
      case 'look on':
        return at.lookOn();
      case 'cut':
        return void record(touchPiece(progress, primary.piece));
      case 'put on':
      case 'confirm':
        return void record(touchPart(step, progress, primary.part));
      case 'say it seats':
        return void recordAndGoOn([
          { kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 },
        ]);
      case 'start the time':
        return timer.start();
      default:
        // A reading may have been written this instant: the record itself says whether it can go on.
        return void recordAndGoOn([]);
    }
  };
  const doMoment = async (now: MomentAtWork) => {
    if (now.out.size + now.missing.size === 0 && now.unread.length > 0) return focusField();
    const outcome = await work.recordMoment(now.moment, now.said);
    if (!outcome) return;
    folded.forget();
    if (outcome.stopsAt) now.unfold();
  };
  const goOn = () => (moment ? void doMoment(moment) : press());
  const answer = (good: boolean) => {
    if (step?.hold?.kind === 'look' && at.isCurrent) void recordAndGoOn([answerHold(step, { good })]);
  };
  const readAloud = () => spoken !== undefined && voice.say(spoken);
  useBuildKeys({
    goOn,
    goBack: at.lookBack,
    letters: {
      g: () => answer(true),
      x: () => answer(false),
      o: () => setDialog('trouble'),
      e: () => setDialog('evidence'),
      t: () => (timer.next ? timer.start() : timer.stop()),
      r: readAloud,
    },
  });
  if (!step || !primary) return <FinishedScreen view={view} frozen={frozen} onLookBack={at.lookBack} />;
  return (
    <div className="build">
      <div className="build-scroll">
        <StepHead
          view={view}
          frozen={frozen}
          plan={plan}
          step={step}
          where={whereWords(moment, at.index, progress)}
          timer={timer}
          batch={batch}
        />
        {batch.length > 1 && <BatchBar views={batch} unitId={unit.id} mode={mode} onMode={setMode} />}
        <main className="build-main">
          <CardChanges views={asOne} />
          <JustReworked unitId={unit.id} progress={progress} />
          <Messages problem={work.problem} otherTab={otherTab} takenUp={takenUp} />
          {moment ? (
            <MomentScreen at={moment} plan={plan} progress={progress} onGoOn={goOn} />
          ) : (
            <StepScreen
              view={view}
              step={step}
              plan={plan}
              left={left}
              timer={timer}
              drift={driftAt(step, plan, batch)}
              primary={primary}
              onRecord={async (told) => void (await record(told))}
              onAnswer={async (happenings) => void (await recordAndGoOn(happenings))}
              onRework={rework}
              onScrap={(reason) => work.giveUp([], reason)}
              onGoOn={press}
            />
          )}
        </main>
        <BuildTools
          view={view}
          step={step}
          isFirst={at.index === 0}
          voice={voice}
          onLookBack={at.lookBack}
          onTrouble={() => setDialog('trouble')}
          onEvidence={() => setDialog('evidence')}
          onReadAloud={readAloud}
          onFold={folded.fold}
          onSetAside={work.setAside}
        />
      </div>
      {moment ? (
        <MomentBar at={moment} onPress={goOn} />
      ) : (
        <DoneBar
          step={step}
          next={nextWords(progress.steps, at.index, mode, batch.length)}
          primary={primary}
          onPress={press}
        />
      )}
      {dialog === 'trouble' && (
        <TroubleDialog
          step={step}
          frozen={frozen}
          progress={progress}
          left={left}
          onRecord={rework}
          onScrap={work.giveUp}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'evidence' && (
        <EvidenceDialog
          step={step}
          unitId={unit.id}
          progress={progress}
          onRecord={record}
          onClose={() => setDialog(undefined)}
        />
      )}
    </div>
  );
}

const whereWords = (moment: MomentAtWork | undefined, index: number, { steps }: UnitProgress) =>
  moment ? `Moment ${moment.index + 1} of ${moment.count}` : `Step ${index + 1} of ${steps.length}`;

const spokenOf = (
  moment: MomentAtWork | undefined,
  step: Step | undefined,
  depth: 'first time' | 'experienced',
): string | undefined =>
  moment
    ? moment.moment.steps.map((each) => stepInSpeech(each, depth)).join(' ')
    : step && stepInSpeech(step, depth);

/** A reading is still wanted: the first empty field takes the focus. */
function focusField(): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('.build-side input')];
  fields.find(({ value }) => value === '')?.focus();
}

/** Looking back is a matter of this screen only; where the work stands is in the record. */
function useStepLookedAt({ steps, current }: UnitProgress) {
  const currentIndex = current ? steps.indexOf(current) : steps.length;
  const [lookedAt, lookAt] = useState<number | undefined>();
  const index = Math.min(lookedAt ?? currentIndex, currentIndex);
  return {
    index,
    step: steps[index],
    isCurrent: index === currentIndex,
    lookAt,
    lookBack: () => lookAt(Math.max(0, index - 1)),
    lookOn: () => lookAt(index + 1 >= currentIndex ? undefined : index + 1),
  };
}

/** How the tool has been cutting the end of a strip step over the batch. */
function driftAt(step: Step, plan: ShownPlan, batch: readonly UnitView[]): Drift[] {
  const end = endOfStep(plan, step);
  if (!end || step.stage !== 'Strip') return [];
  const first = batch.map(({ progress }) => progress.firstStrips.get(end.end.id));
  return stripDrift(
    end.strip,
    first.filter((strip) => strip !== undefined),
  );
}

interface MessagesProps {
  readonly problem: RecordProblem | undefined;
  readonly otherTab: boolean;
  readonly takenUp: string | undefined;
}

/** What happened meanwhile: a record that could not be written, another tab, an interruption. */
function Messages({ problem, otherTab, takenUp }: MessagesProps) {
  return (
    <div className="build-messages">
      <RecordAlert problem={problem} />
      {otherTab && (
        <p className="not-yet" role="status">
          ▲ This unit is open in another tab, too. Both write one record: what is done there shows here at
          once, and nothing is doubled.
        </p>
      )}
      {takenUp && <p className="soft">{takenUp}</p>}
    </div>
  );
}

/** Reads each new step aloud while the voice is on; the same words are not read again because the record changed. */
function useSpoken(text: string | undefined, { on, say }: Voice): void {
  useEffect(() => {
    if (on && text !== undefined) say(text);
  }, [on, text, say]);
}

/** What was last recorded before this screen was opened: the work may have been interrupted there. */
function lastWords({ events, progress }: UnitView, timeOf: (at: string) => string): string | undefined {
  const last = events.at(-1);
  if (!last || events.length < 2 || progress.finished) return undefined;
  const done = [...events].reverse().find(({ happening }) => happening.kind === 'step done')?.happening;
  const title =
    done?.kind === 'step done' ? progress.steps.find(({ id }) => id === done.stepId)?.title : undefined;
  return `Goes on where it was left: ${title ? `“${title}” was the last step done; ` : ''}last entry ${timeOf(last.at)}, ${last.by}. Everything recorded is here.`;
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
