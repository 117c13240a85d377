import type { FeatureName } from '../connector/features.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { SectionRing } from './section.ts';
import { ring } from './section.ts';

/** Values of a card by name, as the formulas of a method read them. */
export type Reader = (name: FeatureName) => number;

export const reader =
  (card: GaugeCard): Reader =>
  (name) =>
    featureValue(card, name);

/** The hollow tip of a UHF plug, with the insulator that carries it, from the dielectric stop to the tip. */
export function hollowTip(value: Reader, rearLip: number, bore: number): SectionRing[] {
  const stop = rearLip + value('stopDepth');
  const plane = rearLip + value('lipToMatingPlane');
  const tip = rearLip + value('lipToTip');
  const [inside, outside] = [value('tipBore'), value('tipOutside')];
  return [
    ring('connector', 'insulator', 'insulator', [stop, plane], [outside, bore]),
    ring('connector', 'hollow tip', 'pin', [stop, tip], [inside, outside]),
  ];
}

/** The insulator before a contact, where the bag has one: it fills the way from the dielectric to the contact. */
export const spacerRings = (
  along: readonly [number, number],
  across: readonly [number, number],
): SectionRing[] =>
  along[1] > along[0] ? [ring('contact', 'insulator before the contact', 'insulator', along, across)] : [];

/** Coupling ring or sleeve of a plug over its body, to the mating plane. */
export function couplingRing(value: Reader, rearLip: number, inside: number): SectionRing {
  const from = rearLip + 0.45 * value('lipToShoulder');
  return ring(
    'connector',
    'coupling',
    'brass',
    [from, rearLip + value('lipToMatingPlane') + 2e-3],
    [inside, Math.max(inside + 1e-3, value('bodyOutside'))],
  );
}
