import type { Step } from '../recipe/step.ts';
import { stripIdOf } from '../recipe/strip-id.ts';
import type { Unit, UnitEvent, UnitHappening } from './unit.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { notMeasured } from './not-measured.ts';
import { planInEffect } from './plan-in-effect.ts';
import type { Readings } from '../reading/reading.ts';
import type { RecordedCheck } from '../reading/recorded-check.ts';
import type { MeasuredStrip } from '../strip/strip-plan.ts';
import type { Verdict } from '../strip/measured.ts';

/** How a hold point was last answered. */
export type HoldAnswer =
  | {
      readonly how: 'answered';
      readonly good: boolean;
      readonly reading: number | null;
      readonly by: string;
      readonly at: string;
    }
  | { readonly how: 'waived'; readonly name: string; readonly reason: string; readonly at: string };

/** One trial of a strip in its connector; `touches` is null where it seats. Metres. */
export interface TrialFit {
  readonly touches: string | null;
  readonly gap: number;
  readonly at: string;
}

/** A happening as it stands in the record, with who and when. */
export type Recorded<Kind extends UnitHappening['kind']> = Extract<UnitHappening, { kind: Kind }> & {
  /** Which entry of the record it is: clocks can be wrong. */
  readonly number: number;
  readonly at: string;
  readonly by: string;
};

/** A proof as it stands in the record: readings by each method, and the checks as they were judged then. */
export interface RecordedProof {
  readonly takes: readonly Readings[];
  readonly verdict: Verdict;
  /** Absent in records of earlier versions. */
  readonly checks: readonly RecordedCheck[] | undefined;
  readonly at: string;
  readonly by: string;
}

/** Where a unit stands: derived from its record, never stored. */
export interface UnitProgress {
  /** What it is built to: as it was frozen, with the cards that its record took over since; null until it is started. */
  readonly plan: FrozenPlan | null;
  /** Cards whose old figures were kept, with what they said then. */
  readonly cardsKept: ReadonlyMap<string, string>;
  readonly started: boolean;
  readonly finished: boolean;
  /** Why it was given up; null while it was not. */
  readonly scrapped: string | null;
  /** Why it was set aside; null while it is at the bench. */
  readonly aside: string | null;
  readonly steps: readonly Step[];
  readonly done: ReadonlySet<string>;
  /** What was found on each cable, the latest of each. */
  readonly cables: ReadonlyMap<string, Recorded<'cable checked'>>;
  /** Tubes, sleeves and slips that were cut. */
  readonly cut: ReadonlySet<string>;
  readonly on: ReadonlySet<string>;
  /** Parts seen at each step that would be too late for them. */
  readonly confirmed: ReadonlyMap<string, ReadonlySet<string>>;
  readonly holds: ReadonlyMap<string, HoldAnswer>;
  readonly strips: ReadonlyMap<string, MeasuredStrip>;
  /** The same as they were first cut, before any trim: what a tool does by itself. */
  readonly firstStrips: ReadonlyMap<string, MeasuredStrip>;
  /** Trials by step, the latest last. */
  readonly trials: ReadonlyMap<string, readonly TrialFit[]>;
  /** Measured lengths in the finished lead by leg, metres. */
  readonly lengths: ReadonlyMap<string, number>;
  /** Seconds at work on each step, over all times that it was done. */
  readonly seconds: ReadonlyMap<string, number>;
  /** The first step that is not done; undefined when all are. */
  readonly current: Step | undefined;
  readonly proofs: readonly RecordedProof[];
  /** It came back after it was last proved: by the record, whatever the clock said. */
  readonly isProofStale: boolean;
  /** An entry says an earlier time than the one before it: the clock of its bench was wrong. */
  readonly clockWasWrong: boolean;
  /** Each time it came back, the latest last. */
  readonly returns: readonly Recorded<'came back'>[];
  readonly reworks: readonly Recorded<'rework'>[];
  /** The way back that was recorded last, while nothing has been done since: it can still be taken back. */
  readonly justReworked: Recorded<'rework'> | undefined;
  readonly troubles: readonly Recorded<'trouble'>[];
  readonly photographs: readonly Recorded<'photograph'>[];
  readonly notes: readonly Recorded<'note'>[];
  readonly takenShorter: readonly Recorded<'taken shorter'>[];
  /** What the first of a batch taught; undefined where that was not decided. */
  readonly firstArticle: Recorded<'first article'> | undefined;
  /** Cable that rework has used up, metres. */
  readonly used: number;
}

interface Draft {
  cardsUsed: Recorded<'card used'>[];
  cardsKept: Map<string, string>;
  started: boolean;
  finished: boolean;
  scrapped: string | null;
  aside: string | null;
  done: Set<string>;
  cables: Map<string, Recorded<'cable checked'>>;
  cut: Set<string>;
  on: Set<string>;
  confirmed: Map<string, Set<string>>;
  holds: Map<string, HoldAnswer>;
  strips: Map<string, MeasuredStrip>;
  firstStrips: Map<string, MeasuredStrip>;
  trials: Map<string, TrialFit[]>;
  lengths: Map<string, number>;
  seconds: Map<string, number>;
  proofs: RecordedProof[];
  isProofStale: boolean;
  returns: Recorded<'came back'>[];
  reworks: Recorded<'rework'>[];
  troubles: Recorded<'trouble'>[];
  photographs: Recorded<'photograph'>[];
  notes: Recorded<'note'>[];
  takenShorter: Recorded<'taken shorter'>[];
  firstArticle: Recorded<'first article'> | undefined;
  /** How it stood before the last way back, or what led to one, while nothing else has followed. */
  wayBack: { readonly before: Undone; readonly rework: Recorded<'rework'> | undefined } | undefined;
}

/** What a way back changes. */
type Undone = ReturnType<typeof standing>;

const untouched = (): Draft => ({
  cardsUsed: [],
  cardsKept: new Map(),
  started: false,
  finished: false,
  scrapped: null,
  aside: null,
  done: new Set(),
  cables: new Map(),
  cut: new Set(),
  on: new Set(),
  confirmed: new Map(),
  holds: new Map(),
  strips: new Map(),
  firstStrips: new Map(),
  trials: new Map(),
  lengths: new Map(),
  seconds: new Map(),
  proofs: [],
  isProofStale: false,
  returns: [],
  reworks: [],
  troubles: [],
  photographs: [],
  notes: [],
  takenShorter: [],
  firstArticle: undefined,
  wayBack: undefined,
});

/** Clocks of two benches may differ by so much, milliseconds. House default. */
const clockSlack = 120_000;

/** Plays a unit's record, in chain order, over its frozen plan. */
export function unitProgress(unit: Unit, events: readonly UnitEvent[]): UnitProgress {
  const draft = untouched();
  for (const event of events) play(draft, unit.plan?.steps ?? [], event);
  const { cardsUsed, wayBack, ...now } = draft;
  const plan = unit.plan && planInEffect(unit.plan, cardsUsed);
  const steps = plan?.steps ?? [];
  return {
    ...now,
    plan,
    steps,
    current: steps.find(({ id }) => !draft.done.has(id)),
    clockWasWrong: events.some(
      ({ at }, n) => n > 0 && Date.parse(events[n - 1]!.at) - Date.parse(at) > clockSlack,
    ),
    justReworked: wayBack?.rework,
    used: draft.reworks.reduce((sum, { uses }) => sum + uses, 0),
  };
}

type Player<Kind extends UnitHappening['kind']> = (
  draft: Draft,
  happening: Recorded<Kind>,
  steps: readonly Step[],
) => void;

/** What each kind of happening makes of a unit. */
const players: { readonly [Kind in UnitHappening['kind']]: Player<Kind> } = {
  started: (draft) => void (draft.started = true),
  'card used': ({ cardsUsed }, happening) => void cardsUsed.push(happening),
  'card kept': ({ cardsKept }, { cardId, saying }) => void cardsKept.set(cardId, saying),
  'cable checked': ({ cables }, happening) => void cables.set(happening.cableId, happening),
  'part cut': ({ cut }, { partId }) => void cut.add(partId),
  'cut taken back': ({ cut }, { partId }) => void cut.delete(partId),
  'part on': (draft, { partId }) => void draft.on.add(partId),
  'part off': (draft, { partId }) => {
    draft.on.delete(partId);
    draft.confirmed.forEach((seen) => seen.delete(partId));
  },
  'part confirmed': ({ confirmed }, { stepId, partId }) =>
    void confirmed.set(stepId, new Set([...(confirmed.get(stepId) ?? []), partId])),
  'step done': ({ done, seconds }, { stepId, seconds: taken }) => {
    done.add(stepId);
    if (taken !== undefined) seconds.set(stepId, (seconds.get(stepId) ?? 0) + taken);
  },
  'strip measured': ({ strips, firstStrips }, { endId, lengths }) => {
    strips.set(endId, lengths);
    firstStrips.set(endId, { ...lengths, ...firstStrips.get(endId) });
  },
  'trial fit': ({ trials }, { stepId, touches, gap, at }) =>
    void trials.set(stepId, [...(trials.get(stepId) ?? []), { touches, gap, at }]),
  'length measured': ({ lengths }, { legId, length }) => void lengths.set(legId, length),
  'hold answered': ({ holds }, { stepId, good, reading, by, at }) =>
    void holds.set(stepId, { how: 'answered', good, reading, by, at }),
  'hold waived': ({ holds }, { stepId, name, reason, at }) =>
    void holds.set(stepId, { how: 'waived', name, reason, at }),
  rework: (draft, happening, steps) => {
    undo(draft, steps, happening.toStepId);
    happening.partsOff.forEach((partId) => draft.on.delete(partId));
    draft.reworks.push(happening);
  },
  'rework taken back': (draft) => {
    if (!draft.wayBack?.rework) return;
    Object.assign(draft, draft.wayBack.before);
    draft.reworks.pop();
    draft.wayBack = undefined;
  },
  trouble: ({ troubles }, happening) => void troubles.push(happening),
  'taken shorter': ({ takenShorter }, happening) => void takenShorter.push(happening),
  photograph: ({ photographs }, happening) => void photographs.push(happening),
  note: ({ notes }, happening) => void notes.push(happening),
  'set aside': (draft, { reason }) => void (draft.aside = reason),
  'taken up': (draft) => void (draft.aside = null),
  scrapped: (draft, { reason }) => void (draft.scrapped = reason),
  'first article': (draft, happening) => void (draft.firstArticle = happening),
  proved: (draft, { readings, verdict, checks, at, by }) => {
    const takes = Array.isArray(readings) ? readings : [readings];
    draft.proofs.push({ takes, verdict, checks, at, by });
    draft.isProofStale = false;
  },
  finished: (draft) => void (draft.finished = true),
  'came back': (draft, happening, steps) => {
    const prove = steps.find(({ work }) => work === 'prove');
    if (prove) undo(draft, steps, prove.id);
    draft.finished = false;
    draft.isProofStale = true;
    draft.returns.push(happening);
  },
};

function play(draft: Draft, steps: readonly Step[], { happening, number, at, by }: UnitEvent): void {
  const recorded = { ...happening, number, at, by };
  if (happening.kind !== 'rework taken back') draft.wayBack = wayBackAt(draft, recorded);
  const player = players[happening.kind] as Player<UnitHappening['kind']>;
  player(draft, recorded as Recorded<UnitHappening['kind']>, steps);
}

/** A way back is recorded behind what was seen and what was taken shorter for it; whatever else follows makes it final. */
function wayBackAt(draft: Draft, happening: Recorded<UnitHappening['kind']>): Draft['wayBack'] {
  const { kind } = happening;
  if (kind !== 'rework' && kind !== 'taken shorter' && kind !== 'trouble') return undefined;
  const led = draft.wayBack?.rework === undefined ? draft.wayBack?.before : undefined;
  return { before: led ?? standing(draft), rework: kind === 'rework' ? happening : undefined };
}

/** Where it stands now, as a copy that nothing changes any more. */
function standing({ finished, done, holds, trials, confirmed, strips, lengths, on, takenShorter }: Draft) {
  return {
    finished,
    done: new Set(done),
    holds: new Map(holds),
    trials: new Map(trials),
    confirmed: new Map([...confirmed].map(([step, seen]) => [step, new Set(seen)])),
    strips: new Map(strips),
    lengths: new Map(lengths),
    on: new Set(on),
    takenShorter: [...takenShorter],
  };
}

/** A step gone back to is undone with its end's later steps and with all that proved or finished the lead. */
function undo(draft: Draft, steps: readonly Step[], toStepId: string): void {
  const index = steps.findIndex(({ id }) => id === toStepId);
  const target = steps[index];
  if (!target) return;
  draft.finished = false;
  draft.lengths.clear();
  for (const step of steps.slice(index)) {
    if (!dependsOn(step, target)) continue;
    draft.done.delete(step.id);
    draft.holds.delete(step.id);
    draft.trials.delete(step.id);
    draft.confirmed.delete(step.id);
    const strip = stripIdOf(step);
    if (step.recordsStrip && strip) draft.strips.delete(strip);
  }
}

/** The other end's own work stands, and the other side's of a splice; what concerns the whole lead does not. */
function dependsOn(step: Step, target: Step): boolean {
  const concernsAll = target.endId === null || step.stage === 'Prove' || step.stage === 'Finish';
  const isOtherSide = target.stage === 'Strip' && step.stage === 'Strip' && step.side !== target.side;
  return concernsAll || (step.endId === target.endId && !isOtherSide);
}

/** Why a step cannot be passed yet. Empty: go on. */
export type Obstruction =
  | { readonly code: 'parts missing'; readonly partIds: readonly string[] }
  | { readonly code: 'parts not confirmed'; readonly partIds: readonly string[] }
  | { readonly code: 'not measured'; readonly what: readonly string[] }
  | { readonly code: 'trial open' }
  | { readonly code: 'hold open' }
  | { readonly code: 'hold out' };

/**
 * What stands before the next step: parts that would be too late, or were not seen on the cable now; lengths that a first
 * article measures; a trial that does not seat yet; a hold point without a good answer or a waiver.
 */
export function obstructions(progress: UnitProgress, step: Step, plan?: FrozenPlan | null): Obstruction[] {
  const found: Obstruction[] = [];
  const required = step.requires.map(({ partId }) => partId);
  const missing = required.filter((partId) => !progress.on.has(partId));
  const seen = progress.confirmed.get(step.id);
  const unseen = required.filter((partId) => progress.on.has(partId) && !seen?.has(partId));
  if (missing.length > 0) found.push({ code: 'parts missing', partIds: missing });
  if (unseen.length > 0) found.push({ code: 'parts not confirmed', partIds: unseen });
  const unmeasured = notMeasured(progress, step, plan);
  if (unmeasured.length > 0) found.push({ code: 'not measured', what: unmeasured });
  if (step.trialFit && progress.trials.get(step.id)?.at(-1)?.touches !== null)
    found.push({ code: 'trial open' });
  if (!step.hold) return found;
  const answer = progress.holds.get(step.id);
  if (!answer) found.push({ code: 'hold open' });
  else if (answer.how === 'answered' && !answer.good) found.push({ code: 'hold out' });
  else if (answer.how === 'waived' && step.hold.safety) found.push({ code: 'hold open' });
  return found;
}

/** Whether a unit waits for someone at the bench: not finished, not given up, not set aside. */
export function isAtWork({ finished, scrapped, aside }: UnitProgress): boolean {
  return !finished && scrapped === null && aside === null;
}
