import { formatMetres } from '../quantity/length.ts';
import type { Lead } from './lead.ts';

/** The finished length of a lead: 3.4 m, or 1 m and legs of 0.5 m and 0.5 m. */
export function lengthInWords({ legs }: Lead): string {
  const [first, ...rest] = legs.map(({ finishedLength }) => formatMetres(finishedLength));
  return rest.length === 0 ? first! : `${first!} and legs of ${rest.join(' and ')}`;
}

/** Finished length from the first end along the longest way, metres. */
export function longestWay({ legs, ends }: Lead): number {
  if (ends.length <= 2) return legs.reduce((sum, { finishedLength }) => sum + finishedLength, 0);
  const [trunk, ...rest] = legs;
  return trunk!.finishedLength + Math.max(...rest.map(({ finishedLength }) => finishedLength));
}

/** Words as a sentence. */
export const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
