import { sealWords } from '../words/seal.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import { shrinkOverlap } from './heat-shrink.ts';

/** How the rear of an end is relieved and sealed. Lengths in metres. */
export interface Seal {
  readonly shrink: 'none' | 'plain' | 'adhesive';
  readonly tape: boolean;
  /** Over the jacket beyond the connector. */
  readonly overlap: number;
  readonly why: string;
}

/** Over the jacket at each side, metres: outdoors and at sea, and buried. House defaults. */
const leastOverlap = { outdoor: 25e-3, marine: 25e-3, buried: 75e-3 } as const;

/** What the place and house practice ask for: plain shrink as relief indoors, adhesive or tape or both elsewhere. */
export function sealFor(environment: Lead['environment'], jacket: number, house: House): Seal {
  if (environment === 'indoor')
    return {
      shrink: 'plain',
      tape: false,
      overlap: shrinkOverlap(jacket),
      why: sealWords.indoor,
    };
  const practice = house.practice.weatherSeal;
  const wet = environment === 'buried' || environment === 'marine';
  const both = practice === 'both' || (practice === 'shrink, and both when buried or at sea' && wet);
  const tapeOnly = practice === 'self-amalgamating tape';
  return {
    shrink: tapeOnly ? 'none' : 'adhesive',
    tape: both || tapeOnly,
    overlap: Math.max(shrinkOverlap(jacket), leastOverlap[environment]),
    why: sealWords.practice(environment),
  };
}
