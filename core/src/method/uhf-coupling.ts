import type { FitCheck } from '../fit/clearance.ts';
import { jacketThrough } from '../fit/coax-checks.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';

/** The coupling ring of a UHF plug where it is loose: on the cable before the body, its thread toward the end. */
export function couplingParts({ card, contents }: Pick<EndInput, 'card' | 'contents'>): MethodPart[] {
  if (contents.coupling === 'captive') return [];
  const ring: MethodPart = {
    kind: 'coupling',
    form: 'coupling',
    back: 12e-3,
    opening: featureValue(card, 'couplingBore'),
    outside: featureValue(card, 'bodyOutside'),
    fixedOutside: featureValue(card, 'bodyOutside'),
    face: 'thread',
  };
  return [ring];
}

/** A loose ring goes over the jacket. */
export const couplingFit = (input: EndInput): FitCheck[] =>
  input.contents.coupling === 'captive'
    ? []
    : [jacketThrough(input, 'couplingBore', 'coupling', Infinity, 'coupling')];
