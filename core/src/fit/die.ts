import { dieWords } from '../words/die.ts';
import { formatMillimetres } from '../quantity/length.ts';
import type { FitCheck } from './clearance.ts';

/** Within this a die is the right one, metres across flats. */
export const dieTolerance = 0.1e-3;

/** The die of the shop that is nearest to the size wanted; undefined when the shop has none. */
export function nearestDie(wanted: number, dies: readonly number[]): number | undefined {
  return [...dies].sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
}

/** Whether the shop has the hex die (across flats, metres) that a ferrule or contact wants. */
export function judgeDie(id: string, label: string, wanted: number, dies: readonly number[]): FitCheck {
  const nearest = nearestDie(wanted, dies);
  const base = { id, label, about: 'tool' } as const;
  const term = (name: string, value: number) => ({ label: name, value, kind: 'length' as const });
  if (nearest === undefined)
    return {
      ...base,
      kind: 'yes or no',
      verdict: 'does not fit',
      one: 'no die in the shop',
      other: `wanted: hex ${formatMillimetres(wanted, 2)} mm`,
      consequence: dieWords.none,
    };
  const margin = nearest - wanted;
  const right = Math.abs(margin) <= dieTolerance + 1e-8;
  return {
    ...base,
    kind: 'measured',
    verdict: right ? 'fits' : 'does not fit',
    hole: term('nearest die in the shop', nearest),
    shaft: { ...term('die wanted', wanted), assumed: true },
    margin,
    consequence: right ? '' : margin > 0 ? dieWords.tooLarge : dieWords.tooSmall,
  };
}
