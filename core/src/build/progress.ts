import type { Stage, Step } from './step.ts';
import { stages } from './step.ts';
import type { Unit, UnitEvent } from './unit.ts';
import type { Readings } from '../prove/reading.ts';
import type { MeasuredStrip, Verdict } from '../strip/measured.ts';

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

/** Where a unit stands: derived from its record, never stored. */
export interface UnitProgress {
  readonly started: boolean;
  readonly finished: boolean;
  readonly steps: readonly Step[];
  readonly done: ReadonlySet<string>;
  readonly on: ReadonlySet<string>;
  readonly holds: ReadonlyMap<string, HoldAnswer>;
  readonly strips: ReadonlyMap<string, MeasuredStrip>;
  /** The first step that is not done; undefined when all are. */
  readonly current: Step | undefined;
  readonly proofs: readonly {
    readonly readings: Readings;
    readonly verdict: Verdict;
    readonly at: string;
    readonly by: string;
  }[];
  readonly reworks: readonly {
    readonly toStepId: string;
    readonly reason: string;
    readonly uses: number;
    readonly scrap: readonly string[];
    readonly at: string;
  }[];
  /** Cable that rework has used up, metres. */
  readonly used: number;
}

interface Draft {
  started: boolean;
  finished: boolean;
  done: Set<string>;
  on: Set<string>;
  holds: Map<string, HoldAnswer>;
  strips: Map<string, MeasuredStrip>;
  proofs: UnitProgress['proofs'][number][];
  reworks: UnitProgress['reworks'][number][];
}

/** Plays a unit's record, in chain order, over its frozen plan. */
export function unitProgress(unit: Unit, events: readonly UnitEvent[]): UnitProgress {
  const steps = unit.plan?.steps ?? [];
  const draft: Draft = {
    started: false,
    finished: false,
    done: new Set(),
    on: new Set(),
    holds: new Map(),
    strips: new Map(),
    proofs: [],
    reworks: [],
  };
  for (const event of events) play(draft, steps, event);
  return {
    ...draft,
    steps,
    current: steps.find(({ id }) => !draft.done.has(id)),
    used: draft.reworks.reduce((sum, { uses }) => sum + uses, 0),
  };
}

function play(draft: Draft, steps: readonly Step[], { happening, at, by }: UnitEvent): void {
  switch (happening.kind) {
    case 'started':
      draft.started = true;
      break;
    case 'part on':
      draft.on.add(happening.partId);
      break;
    case 'part off':
      draft.on.delete(happening.partId);
      break;
    case 'step done':
      draft.done.add(happening.stepId);
      break;
    case 'strip measured':
      draft.strips.set(happening.endId, happening.lengths);
      break;
    case 'hold answered':
      draft.holds.set(happening.stepId, {
        how: 'answered',
        good: happening.good,
        reading: happening.reading,
        by,
        at,
      });
      break;
    case 'hold waived':
      draft.holds.set(happening.stepId, {
        how: 'waived',
        name: happening.name,
        reason: happening.reason,
        at,
      });
      break;
    case 'rework':
      undo(draft, steps, happening.toStepId);
      happening.partsOff.forEach((partId) => draft.on.delete(partId));
      draft.reworks.push({ ...happening, at });
      break;
    case 'proved':
      draft.proofs.push({ readings: happening.readings, verdict: happening.verdict, at, by });
      break;
    case 'finished':
      draft.finished = true;
  }
}

/** A step gone back to is undone with its end's later steps and with all that proved or finished the lead. */
function undo(draft: Draft, steps: readonly Step[], toStepId: string): void {
  const index = steps.findIndex(({ id }) => id === toStepId);
  const target = steps[index];
  if (!target) return;
  draft.finished = false;
  for (const step of steps.slice(index)) {
    if (!dependsOn(step, target)) continue;
    draft.done.delete(step.id);
    draft.holds.delete(step.id);
    if (step.recordsStrip && step.endId) draft.strips.delete(step.endId);
  }
}

/** The other end's own work stands; what concerns the whole lead does not. */
function dependsOn(step: Step, target: Step): boolean {
  return (
    target.endId === null || step.endId === target.endId || step.stage === 'Prove' || step.stage === 'Finish'
  );
}

/** Why a step cannot be passed yet. Empty: go on. */
export type Obstruction =
  | { readonly code: 'parts missing'; readonly partIds: readonly string[] }
  | { readonly code: 'hold open' }
  | { readonly code: 'hold out' };

/** What stands before the next step: parts that would be too late, or a hold point without a good answer or a waiver. */
export function obstructions(progress: UnitProgress, step: Step): Obstruction[] {
  const found: Obstruction[] = [];
  const missing = step.requires.map(({ partId }) => partId).filter((partId) => !progress.on.has(partId));
  if (missing.length > 0) found.push({ code: 'parts missing', partIds: missing });
  if (!step.hold) return found;
  const answer = progress.holds.get(step.id);
  if (!answer) found.push({ code: 'hold open' });
  else if (answer.how === 'answered' && !answer.good) found.push({ code: 'hold out' });
  else if (answer.how === 'waived' && step.hold.safety) found.push({ code: 'hold open' });
  return found;
}

export type StageState = 'open' | 'under way' | 'warning' | 'done';

/** How far a unit is in each stage. Choose is done by starting it. */
export function stageStates(progress: UnitProgress): Record<Stage, StageState> {
  const states = stages.map((stage): [Stage, StageState] => {
    const steps = progress.steps.filter((step) => step.stage === stage);
    const done = steps.filter(({ id }) => progress.done.has(id)).length;
    const isOut = steps.some(({ id }) => isWarning(progress.holds.get(id)));
    if (stage === 'Choose') return [stage, progress.started ? 'done' : 'open'];
    if (isOut) return [stage, 'warning'];
    if (steps.length > 0 && done === steps.length) return [stage, 'done'];
    return [stage, done > 0 ? 'under way' : 'open'];
  });
  return Object.fromEntries(states) as Record<Stage, StageState>;
}

function isWarning(answer: HoldAnswer | undefined): boolean {
  return answer !== undefined && (answer.how === 'waived' || !answer.good);
}
