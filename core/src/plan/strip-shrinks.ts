import { closeEventId } from '../thread/event-id.ts';
import { partId } from '../thread/lead-part.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { jacketsAcross } from '../fit/core-checks.ts';
import { chooseShrink, tubeSizes } from '../fit/heat-shrink.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { legAtEnd } from '../lead/lead.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import { isShieldLifted } from '../end/end-input.ts';
import { placeOnLeg } from './place-on-leg.ts';

/** Jacket that the shrink over folded cores, or over the edge of a lifted shield, covers, metres. Engineering values. */
const covers = { 'core shrink': 15e-3, 'edge shrink': 10e-3 } as const;

/**
 * Short shrinks that a step of the strip needs: over spare cores where the house folds them back, and over the jacket edge
 * where the shield is cut off. They go on before the end is stripped.
 */
export function stripShrinks(lead: Lead, end: LeadEnd, input: AnyEndInput): LeadPart[] {
  const cores = input.spares.filter(({ kind }) => kind === 'core');
  const folded = input.house.practice.spareCore === 'fold back' ? cores : [];
  const thick = Math.max(0, ...folded.map(({ insulation }) => insulation ?? 0));
  return [
    ...(folded.length > 0 ? [stripShrink(lead, end, input, 'core shrink', thick)] : []),
    ...(isShieldLifted(input) ? [stripShrink(lead, end, input, 'edge shrink', 0)] : []),
  ];
}

/** `thick` is what lies along the jacket under it, metres. */
function stripShrink(
  lead: Lead,
  end: LeadEnd,
  input: AnyEndInput,
  kind: keyof typeof covers,
  thick: number,
): LeadPart {
  const jacket = jacketsAcross(input);
  const largest = jacket + thick;
  const choice = chooseShrink(input.house.shrink, {
    largest,
    smallest: jacket,
    covered: covers[kind],
    adhesive: false,
  });
  const name = choice?.shrink.name ?? 'shrink';
  return {
    id: partId(end.id, kind),
    kind,
    form: 'tube',
    name,
    ends: [end.id],
    label: `${name} for the ${kind === 'core shrink' ? 'spare cores' : 'edge of the shield'}, end ${end.name}`,
    legId: legAtEnd(lead, end).id,
    place: placeOnLeg(lead, end, covers[kind] / 2),
    ...tubeSizes(choice, largest),
    fixedOutside: largest + 1e-3,
    fixedBy: closeEventId(end.id),
    ofMethod: true,
  };
}
