import type { Verdict } from '../strip/measured.ts';
import type { OhmReading } from '../reading/ohms.ts';

/** A reading judged against one limit, with the instrument's uncertainty as guard band. */
export interface Judged {
  readonly verdict: Verdict;
  readonly reading: number | undefined;
  readonly limit: number;
  /** Both limits where a reading must lie between two; `limit` is then the one that decided. */
  readonly between?: readonly [number, number];
  readonly uncertainty: number;
  readonly reason:
    | 'not measured'
    | 'too close to call'
    | 'this meter cannot decide'
    | 'the leads of the meter are in it: short them and type what it shows'
    | 'within the limit'
    | 'beyond the limit'
    | 'methods disagree';
}

/** Good if reading + uncertainty is at most the limit, Out if reading - uncertainty is above it, else too close to call. */
export function judgeAtMost(reading: number | undefined, limit: number, uncertainty: number): Judged {
  const base = { reading, limit, uncertainty };
  if (reading === undefined) return { ...base, verdict: 'Not yet', reason: 'not measured' };
  if (reading + uncertainty <= limit) return { ...base, verdict: 'Good', reason: 'within the limit' };
  if (reading - uncertainty > limit) return { ...base, verdict: 'Out', reason: 'beyond the limit' };
  return { ...base, verdict: 'Not yet', reason: 'too close to call' };
}

/** The same for a reading that must be at least the limit. */
export function judgeAtLeast(reading: number | undefined, limit: number, uncertainty: number): Judged {
  const base = { reading, limit, uncertainty };
  if (reading === undefined) return { ...base, verdict: 'Not yet', reason: 'not measured' };
  if (reading - uncertainty >= limit) return { ...base, verdict: 'Good', reason: 'within the limit' };
  if (reading + uncertainty < limit) return { ...base, verdict: 'Out', reason: 'beyond the limit' };
  return { ...base, verdict: 'Not yet', reason: 'too close to call' };
}

/** A reading that must lie between two limits: the nearer one decides. */
export function judgeBetween(
  reading: number | undefined,
  [least, most]: readonly [number, number],
  uncertainty: number,
): Judged {
  const between = [least, most] as const;
  const low = { ...judgeAtLeast(reading, least, uncertainty), between };
  const high = { ...judgeAtMost(reading, most, uncertainty), between };
  if (reading === undefined || !Number.isFinite(reading)) return high;
  if (low.verdict === high.verdict) return reading - least < most - reading ? low : high;
  return low.verdict === 'Good' ? high : low;
}

/** Ohms that the leads of a meter are still in are never Out for being high: nobody knows how much of it is the path. */
export function judgeOhms(reading: OhmReading, judge: (ohms: number, uncertainty: number) => Judged): Judged {
  const judged = judge(reading.ohms, reading.uncertainty);
  const isLow = judged.between !== undefined && reading.ohms < judged.between[0];
  return reading.withLeads && judged.verdict !== 'Good' && !isLow
    ? {
        ...judged,
        verdict: 'Not yet',
        reason: 'the leads of the meter are in it: short them and type what it shows',
      }
    : judged;
}

/** What is too close to call is nobody's fault where the meter could not call a sound lead Good either. */
export const orCannotDecide = (judged: Judged, sound: Judged): Judged =>
  judged.reason === 'too close to call' && sound.verdict !== 'Good'
    ? { ...judged, reason: 'this meter cannot decide' }
    : judged;

/** One way in which a check was read. */
export interface MethodReading {
  readonly instrument: string;
  readonly judged: Judged;
}

/**
 * One judgement from several methods side by side: the least uncertain counts. Where another says the opposite and the two
 * cannot both be right, nothing is decided.
 */
export function judgeTogether(methods: readonly MethodReading[], none: Judged): Judged {
  const [first, ...others] = methods;
  if (!first) return none;
  const best = others.reduce(
    (leading, method) => (method.judged.uncertainty <= leading.judged.uncertainty ? method : leading),
    first,
  ).judged;
  const opposite = best.verdict === 'Good' ? 'Out' : best.verdict === 'Out' ? 'Good' : undefined;
  const isDenied = methods.some(({ judged }) => judged.verdict === opposite);
  return isDenied ? { ...best, verdict: 'Not yet', reason: 'methods disagree' } : best;
}
