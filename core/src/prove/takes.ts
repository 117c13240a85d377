import type { PairReading, Readings } from '../reading/reading.ts';
import { isEmptyTake, pairKey } from '../reading/reading.ts';

/**
 * Takes with one more: what the same instrument read before is replaced where it was read again, and kept elsewhere. When the
 * paths are read anew, capacitances that placed an earlier fault say nothing any more.
 */
export function withTake(before: readonly Readings[], take: Readings): Readings[] {
  const takes = take.pairs.length > 0 ? before.map(withoutFarads) : before;
  const index = takes.findIndex((other) => isSameMethod(other, take));
  const merged = index < 0 ? take : mergedTake(takes[index]!, take);
  const next = index < 0 ? [...takes, merged] : takes.map((other, n) => (n === index ? merged : other));
  return next.filter((each) => !isEmptyTake(each));
}

const withoutFarads = ({ farads: _placed, ...take }: Readings): Readings => take;

/** The same instrument, or the same hand or file. */
function isSameMethod(a: Readings, b: Readings): boolean {
  return a.instrument === b.instrument && a.device?.serial === b.device?.serial;
}

function mergedTake(before: Readings, now: Readings): Readings {
  return {
    ...before,
    ...now,
    pairs: byPair(before.pairs, now.pairs),
    ...(before.family || now.family ? { family: { ...before.family, ...now.family } } : {}),
    ...(before.farads || now.farads ? { farads: byPair(before.farads ?? [], now.farads ?? []) } : {}),
    ...(before.looks || now.looks ? { looks: { ...before.looks, ...now.looks } } : {}),
  };
}

function byPair<Reading extends Pick<PairReading, 'from' | 'to'>>(
  before: readonly Reading[],
  now: readonly Reading[],
): Reading[] {
  const key = ({ from, to }: Reading) => pairKey(from, to);
  const again = new Set(now.map(key));
  return [...before.filter((reading) => !again.has(key(reading))), ...now];
}

/** The take by hand of a set, or an empty one. */
export function handTake(takes: readonly Readings[], by: string, celsius: number): Readings {
  return (
    takes.find(({ instrument }) => instrument === byHand) ?? { by, instrument: byHand, celsius, pairs: [] }
  );
}

export const byHand = 'by hand';

/** Takes with the one by hand replaced: what was cleared in it is gone. */
export function withHandTake(takes: readonly Readings[], hand: Readings): Readings[] {
  const others = takes.filter(({ instrument }) => instrument !== byHand);
  return isEmptyTake(hand) ? others : [...others, hand];
}
