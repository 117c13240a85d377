import type { LeadEnd } from '../lead/lead.ts';
import type { AnyEndInput } from '../end/end-input.ts';

/** How much a check weighs: it will not work, it works with a risk, or it wants to be known. */
export type PinWeight = 'wrong' | 'risk' | 'note';

/** Something about the pin plan that wants a look, with the reason and what to do. */
export interface PinCheck {
  readonly code:
    | 'nothing connected'
    | 'device gone'
    | 'polarity'
    | 'roles meet'
    | 'no way on'
    | 'shield missing'
    | 'shield on the shell'
    | 'split pair'
    | 'double'
    | 'phantom'
    | 'stereo into balanced'
    | 'cold tied'
    | 'cold open'
    | 'four-pole'
    | 'channel colour'
    | 'second pair';
  readonly weight: PinWeight;
  readonly message: string;
}

export interface KnownEnd {
  readonly end: LeadEnd;
  readonly input: AnyEndInput;
}

export const check = (code: PinCheck['code'], weight: PinWeight, message: string): PinCheck => ({
  code,
  weight,
  message,
});

export const layoutOf = ({ input: { connector } }: KnownEnd) =>
  connector.series.kind === 'pins' ? connector.series.layout : 'coax';
export const namesOf = (ends: readonly KnownEnd[]) => ends.map(({ end }) => end.name).join(', ');
