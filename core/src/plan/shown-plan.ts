import { endInput } from '../end/end-input.ts';
import { coaxLineOf } from './coax-line.ts';
import type { FrozenPlan } from './frozen-plan.ts';
import type { EndPlan, LeadPlan } from './lead-plan.ts';

/** An end as drawings show it. */
export type ShownEnd = Pick<EndPlan, 'end' | 'input' | 'connector' | 'cable' | 'card' | 'strip'>;

/** The part of a plan that is drawn and built to: of a design as it is now, or of a unit as it was frozen. */
export interface ShownPlan extends Pick<LeadPlan, 'lead' | 'coaxLine' | 'cuts' | 'parts' | 'steps'> {
  readonly ends: readonly ShownEnd[];
}

/** What a unit's screens show, from what was frozen with it and nothing else: nothing is planned anew. */
export function shownPlan({ lead, cards, house, strips, cuts, parts, steps }: FrozenPlan): ShownPlan {
  const ends = lead.ends.map((end, index): ShownEnd => {
    const card = cards.find(({ id }) => id === end.gaugeCardId)!;
    const input = endInput(lead, end, card, house);
    return {
      end,
      input,
      connector: input.connector,
      cable: input.cable,
      card: input.card,
      strip: strips[index]!,
    };
  });
  return { lead, ends, cuts, parts, steps, coaxLine: coaxLineOf(ends) ?? null };
}
