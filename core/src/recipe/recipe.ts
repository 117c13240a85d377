import type { Scrap } from './scrap.ts';
import type { CutLength } from '../cut/cut-length.ts';
import type { AnyEndInput, EndInput } from '../end/end-input.ts';
import type { LayeredCable, CoaxCable } from '../cable/cable.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { stripLength } from '../strip/cut-of.ts';
import type { StepRole } from './role.ts';
import type { HoldPoint, StepPart } from './step.ts';

/** What the recipe of an end is computed from. */
export interface RecipeInput<C extends LayeredCable = CoaxCable> extends EndInput<C> {
  readonly strip: StripPlan;
  readonly cut: CutLength;
  /** The cable on the other side of a splice, prepared too. */
  readonly otherSide: (AnyEndInput & { readonly strip: StripPlan }) | null;
  /** Parts that must be on the cable before this end is closed. */
  readonly requires: readonly StepPart[];
  /** Ids of the parts that its method threads. */
  readonly partIds: readonly string[];
  /** Another end is finished already: a meter can be put on it. */
  readonly othersClosed: boolean;
}

/** What of a recipe is known before the threading plan: the rest follows from when the end is closed. */
export type LeadRecipe = Omit<RecipeInput<LayeredCable>, 'requires' | 'partIds' | 'othersClosed'>;

/** What the strip of an end begins with: the tool decides. */
export const stripBegins = ({ stripper }: Pick<RecipeInput<LayeredCable>, 'stripper'>): StepRole =>
  stripper.kind === 'two-position rotary tool'
    ? 'dielectric'
    : stripper.kind === 'three-blade rotary tool'
      ? 'one-spin'
      : 'jacket';

/** A strip taken again costs a squaring cut and the strip itself; nothing is scrap yet. */
export function stripAgain(input: RecipeInput<LayeredCable>, advice: string): HoldPoint['rework'] {
  const { strip, house } = input;
  return {
    backTo: stripBegins(input),
    advice,
    scrap: [],
    partsOff: [],
    uses: house.squaring + stripLength(strip).value,
  };
}

/** A closed end cut off: its parts are scrap and are threaded anew. */
export function cutOffAgain(
  input: RecipeInput<LayeredCable>,
  advice: string,
  scrap: Scrap[],
): HoldPoint['rework'] {
  const { endId, cut, partIds } = input;
  const { length } = cut.retermination.find((candidate) => candidate.endId === endId)!;
  return { backTo: stripBegins(input), advice, scrap, partsOff: [...partIds], uses: length.value };
}

/** Going back a step costs nothing but the time. */
export function goBack(backTo: StepRole, advice: string): HoldPoint['rework'] {
  return { backTo, advice, scrap: [], partsOff: [], uses: 0 };
}
