import { troubleAdvice } from '../words/trouble.ts';
import type { Scrap } from '../recipe/scrap.ts';
import { cableScrap } from '../recipe/scrap.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { houseFor } from '../lead/own-practice.ts';
import { endById } from '../lead/lead.ts';
import { methodOf } from '../method/methods.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';
import { firstStepOfEnd, remakeCost } from '../prove/repair.ts';
import type { UnitProgress } from './progress.ts';
import type { HoldPoint, Step } from '../recipe/step.ts';
import type { TroubleId } from '../recipe/trouble-id.ts';

/** What was seen, where, and what it is about. */
export interface Sighting {
  readonly seen: TroubleId;
  /** The step at which it was seen. */
  readonly step: Step;
  /** The end that it is about: the step's own, or one that the person names at a step of the whole lead. */
  readonly endId: string | null;
  readonly partId?: string;
  /** How much is missing, metres. */
  readonly shortage?: number;
}

/** Whether it can be saved, and how. */
export interface TroubleOutcome {
  readonly how: 'mended here' | 'gone back' | 'end made again' | 'lead given up';
  readonly advice: string;
  /** Where the work goes on; null stays where it is. */
  readonly target: Step | null;
  readonly scrap: readonly Scrap[];
  readonly partsOff: readonly string[];
  /** Cable that it takes, metres. */
  readonly uses: number;
}

export interface Bench {
  readonly plan: FrozenPlan;
  readonly progress: UnitProgress;
  readonly sighting: Sighting;
}

export const here = (advice: string, target: Step | null = null): TroubleOutcome => ({
  how: target ? 'gone back' : 'mended here',
  advice,
  target,
  scrap: [],
  partsOff: [],
  uses: 0,
});

const stepsOfEnd = ({ progress, sighting: { endId } }: Bench) =>
  progress.steps.filter((step) => step.endId === endId);

/** The step seen and everything of this end that is done. */
export function behind(bench: Bench): Step[] {
  const { progress, sighting } = bench;
  return stepsOfEnd(bench).filter(({ id }) => progress.done.has(id) || id === sighting.step.id);
}

/** Something of the end is fixed: crimped, soldered or tightened. */
export const fixed = (bench: Bench): Step[] =>
  behind(bench).filter(
    ({ id, work, stage }) =>
      stage === 'Join' &&
      (work === 'crimp' || work === 'solder' || work === 'screw') &&
      bench.progress.done.has(id),
  );

/** The step from which nothing more could be threaded, when it is done. */
export const closedAt = (bench: Bench): Step | undefined =>
  behind(bench).find(({ id, requires }) => requires.length > 0 && bench.progress.done.has(id));

export const isReusable = ({ plan, sighting: { endId } }: Bench): boolean =>
  endId !== null &&
  methodOf(leadConnector(plan.lead, endById(plan.lead, endId).connectorId).method).traits.reusable;

/** The lead's own practice comes before the house's. */
export const practiceOf = ({ plan }: Bench) => houseFor(plan.lead, plan.house).practice;

const noEnd = (advice: string): TroubleOutcome => ({
  how: 'lead given up',
  advice: troubleAdvice.noEndNamed(advice),
  target: null,
  scrap: [cableScrap],
  partsOff: [],
  uses: 0,
});

/** What a loose contact costs by itself: it is cut off with its conductor, or unsoldered, and nothing else is lost. */
export function contactRework(bench: Bench): HoldPoint['rework'] | undefined {
  const looked = stepsOfEnd(bench).find(({ role }) => role === 'contact-tug' || role === 'contact-look');
  return looked?.hold?.rework;
}

/** The step that the strip of the cable in hand begins with: at a splice each side has its own. */
const firstStepOfSide = (bench: Bench): Step | undefined =>
  stepsOfEnd(bench).find(({ side }) => side === bench.sighting.step.side);

/** The end is stripped again; what was fixed on it is cut off, or opened where its connector opens. */
export function stripAgain(bench: Bench, advice: string): TroubleOutcome {
  const { progress, sighting } = bench;
  const { endId } = sighting;
  if (endId === null) return noEnd(advice);
  const first = firstStepOfSide(bench) ?? firstStepOfEnd(progress.steps, endId);
  if (!first) return noEnd(advice);
  const steps = stepsOfEnd(bench);
  const isFixed = fixed(bench).length > 0;
  const lightest = steps.flatMap(({ hold }) => (hold?.rework.backTo === first.role ? [hold.rework] : []))[0];
  if (!isFixed && lightest)
    return { how: 'gone back', advice, target: first, scrap: [], partsOff: [], uses: lightest.uses };
  const contact = contactRework(bench);
  if (contact && !sealedInside(bench)) {
    const { scrap, uses } = contact;
    return { how: 'end made again', advice, target: first, scrap, partsOff: [], uses };
  }
  const { scrap, partsOff, uses } = remakeCost(progress.steps, endId);
  return {
    how: 'end made again',
    advice: isReusable(bench) ? troubleAdvice.partsUsedAgain(advice) : advice,
    target: first,
    scrap: isReusable(bench) ? [] : scrap,
    partsOff,
    uses,
  };
}

/** The connector was closed and something was fixed after that: what lies inside cannot be reached without opening it. */
export function sealedInside(bench: Bench): boolean {
  const { steps } = bench.progress;
  const closed = closedAt(bench);
  return closed !== undefined && fixed(bench).some((step) => steps.indexOf(step) > steps.indexOf(closed));
}
