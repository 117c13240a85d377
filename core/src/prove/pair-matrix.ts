import type { Verdict } from '../strip/measured.ts';
import type { PairReading, Readings } from '../reading/reading.ts';
import { isConnected, ohmsOf, openAtLeast, pairKey } from '../reading/reading.ts';
import type { Contradiction, Partition, Wiring } from '../wiring/wiring.ts';
import { pairsOfPoints, partitionFromPairs, placeOfPair, plannedPartition } from '../wiring/wiring.ts';

/** One pair of points: what is planned, what was read. */
export interface PairCheck {
  readonly from: number;
  readonly to: number;
  readonly planned: boolean;
  readonly read: boolean | undefined;
  readonly ohms: number | undefined;
  readonly verdict: Verdict;
  /** Neither a connection nor an insulation: a leak between the two limits, ohm. */
  readonly leak: boolean;
}

/** Every pair of points as it was read, and what they say together. */
export interface PairMatrix {
  readonly pairs: readonly PairCheck[];
  readonly partition: Partition;
  /** Pairs that the others contradict, and pairs that two methods read differently. */
  readonly contradictions: readonly Contradiction[];
  /** Every pair has been read. */
  readonly complete: boolean;
}

/** Puts the pairs of all takes together: ohms count before a tick, the later before the earlier. */
export function pairMatrix(wiring: Wiring, takes: readonly Readings[]): PairMatrix {
  const { points } = wiring;
  const planned = plannedPartition(wiring);
  const read = new Map<string, PairReading>();
  const disputed = new Set<string>();
  for (const pair of takes.flatMap(({ pairs }) => pairs)) {
    const key = pairKey(pair.from, pair.to);
    const before = read.get(key);
    const [now, then] = [isConnected(pair), isConnected(before)];
    if (now !== undefined && then !== undefined && now !== then) disputed.add(key);
    if (!before || ohmsOf(pair) !== undefined || ohmsOf(before) === undefined) read.set(key, pair);
  }
  const pairs = pairsOfPoints(points.length).map(([from, to]): PairCheck => {
    const pair = read.get(pairKey(points[from]!.id, points[to]!.id));
    return checkPair(planned[from] === planned[to], from, to, pair);
  });
  const { partition, contradictions } = partitionFromPairs(
    points.length,
    (a, b) => pairs[placeOfPair(points.length, a, b)]!.read === true,
  );
  const denied = pairs.filter(({ from, to }) => disputed.has(pairKey(points[from]!.id, points[to]!.id)));
  return {
    pairs,
    partition,
    contradictions: [...contradictions, ...denied.map(({ from, to }) => ({ a: from, b: to }))],
    complete: pairs.every((pair) => pair.read !== undefined),
  };
}

function checkPair(planned: boolean, from: number, to: number, pair: PairReading | undefined): PairCheck {
  const read = isConnected(pair);
  const ohms = ohmsOf(pair);
  const leak = !planned && ohms !== undefined && read === false && ohms < openAtLeast;
  const verdict: Verdict = read === undefined ? 'Not yet' : read === planned && !leak ? 'Good' : 'Out';
  return { from, to, planned, read, ohms, verdict, leak };
}
