import { featureValue } from '../connector/gauge-card.ts';
import { jacketsAcross } from '../fit/core-checks.ts';
import type { SectionRing } from '../strip/section.ts';
import { ring } from '../strip/section.ts';
import type { ReliefPlace } from './method.ts';
import type { AnyEndInput } from '../end/end-input.ts';

/** Two plugs side by side at the end of their breakout. */
export function breakoutRings(input: AnyEndInput, lip: number): SectionRing[] {
  const value = (name: 'lipToTip' | 'bodyOutside' | 'contactBore') => featureValue(input.card, name);
  return [
    ring('cable', 'jacket', 'jacket', [-14e-3, 0], [0, jacketsAcross(input)]),
    ring(
      'connector',
      'plugs',
      'brass',
      [lip, lip + value('lipToTip')],
      [value('contactBore'), value('bodyOutside')],
    ),
  ];
}

/** Insulation that the sleeve of a barrel reaches over, metres. Engineering value. */
export const coreCovered = 10e-3;

/** What is shrunk over the crotch where the cores leave the jacket. */
export function crotchRelief(input: AnyEndInput): ReliefPlace {
  return { over: jacketsAcross(input), covered: 12e-3 };
}
