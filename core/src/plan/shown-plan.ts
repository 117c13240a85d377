import type { AnyEndInput } from '../end/end-input.ts';
import { endInput, otherSideInput } from '../end/end-input.ts';
import type { LeadEnd } from '../lead/lead.ts';
import { otherSides } from '../lead/other-side.ts';
import type { Step } from '../recipe/step.ts';
import { stripIdOf } from '../recipe/strip-id.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { coaxLineOf } from './coax-line.ts';
import type { FrozenPlan } from './frozen-plan.ts';
import type { EndPlan, LeadPlan } from './lead-plan.ts';

/** An end as drawings show it. */
export type ShownEnd = Pick<EndPlan, 'end' | 'input' | 'connector' | 'cable' | 'card' | 'strip'>;

/** The part of a plan that is drawn and built to: of a design as it is now, or of a unit as it was frozen. */
export interface ShownPlan extends Pick<LeadPlan, 'lead' | 'coaxLine' | 'cuts' | 'parts' | 'steps'> {
  readonly ends: readonly ShownEnd[];
  /** The cables on the other side of its splices. */
  readonly sides: readonly ShownEnd[];
}

/** Every cable end that is prepared: those of the lead that are made here, and those on the other side of its splices. */
export const preparedEnds = <E extends ShownEnd>({
  ends,
  sides,
}: {
  readonly ends: readonly E[];
  readonly sides: readonly E[];
}): E[] => [...ends.filter(({ end }) => end.lies === undefined), ...sides];

/** The prepared end that a step is about; undefined where it concerns the whole lead. */
export const endOfStep = <E extends ShownEnd>(
  plan: { readonly ends: readonly E[]; readonly sides: readonly E[] },
  step: Pick<Step, 'endId' | 'side'>,
): E | undefined => preparedEnds(plan).find(({ end }) => end.id === stripIdOf(step));

/** What a unit's screens show, from what was frozen with it and nothing else: nothing is planned anew. */
export function shownPlan({ lead, cards, house, strips, cuts, parts, steps }: FrozenPlan): ShownPlan {
  const shown = (end: LeadEnd, input: AnyEndInput): ShownEnd[] => {
    const strip = strips.find(({ endId }) => endId === end.id);
    // A unit from before both sides were planned has one strip for either.
    return strip ? [shownEnd(end, input, strip)] : [];
  };
  const cardOf = ({ gaugeCardId }: LeadEnd) => cards.find(({ id }) => id === gaugeCardId)!;
  const ends = lead.ends.flatMap((end) => shown(end, endInput(lead, end, cardOf(end), house)));
  const sides = otherSides(lead).flatMap((side) =>
    shown(side.end, otherSideInput(side, lead, cardOf(side.of), house)),
  );
  return { lead, ends, sides, cuts, parts, steps, coaxLine: coaxLineOf(ends) ?? null };
}

const shownEnd = (end: LeadEnd, input: AnyEndInput, strip: StripPlan): ShownEnd => ({
  end,
  input,
  connector: input.connector,
  cable: input.cable,
  card: input.card,
  strip,
});
