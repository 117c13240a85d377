import type { CutLength } from '../cut/cut-length.ts';
import type { EndInput } from '../method/method.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { HoldPoint, StepPart } from './step.ts';

/** What the recipe of an end is computed from. */
export interface RecipeInput extends EndInput {
  readonly strip: StripPlan;
  readonly cut: CutLength;
  /** Parts that must be on the cable before this end is closed. */
  readonly requires: readonly StepPart[];
  /** Ids of the parts that its method threads. */
  readonly partIds: readonly string[];
}

/** A strip taken again costs a squaring cut and the strip itself; nothing is scrap yet. */
export function stripAgain({ strip, house }: RecipeInput, advice: string): HoldPoint['rework'] {
  const conductor = strip.cuts.find(({ layer }) => layer === 'conductor')!;
  return {
    backTo: 'jacket',
    advice,
    scrap: [],
    partsOff: [],
    uses: house.squaring + conductor.position.value,
  };
}

/** A closed end cut off: its parts are scrap and are threaded anew. */
export function cutOffAgain(
  { endId, cut, partIds }: RecipeInput,
  advice: string,
  scrap: string[],
): HoldPoint['rework'] {
  const { length } = cut.retermination.find((candidate) => candidate.endId === endId)!;
  return { backTo: 'jacket', advice, scrap, partsOff: [...partIds], uses: length.value };
}

/** Going back a step costs nothing but the time. */
export function goBack(backTo: string, advice: string): HoldPoint['rework'] {
  return { backTo, advice, scrap: [], partsOff: [], uses: 0 };
}
