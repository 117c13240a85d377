import type { EndInput } from '../end/end-input.ts';

/** Which of two back caps goes on, where the bag has both: above the house's power the one that sheds heat. */
export function capOf({ contents, power, house }: EndInput): 'ribbed' | 'plain' | undefined {
  if (contents.cap === 'plain') return undefined;
  return contents.cap === 'heat-shedding' || power > house.tackAbove ? 'ribbed' : 'plain';
}
