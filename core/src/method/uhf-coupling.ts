import { featureValue } from '../connector/gauge-card.ts';
import type { MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';

/** The loose coupling ring of a UHF plug: on the cable before the body, its thread toward the end. */
export function couplingPart({ card }: EndInput): MethodPart {
  return {
    kind: 'coupling',
    form: 'coupling',
    back: 12e-3,
    opening: featureValue(card, 'couplingBore'),
    outside: featureValue(card, 'bodyOutside'),
    fixedOutside: featureValue(card, 'bodyOutside'),
    face: 'thread',
  };
}
