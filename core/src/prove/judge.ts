import type { House } from '../house/house.ts';
import type { Verdict } from '../strip/measured.ts';

/** A reading judged against one limit, with the instrument's uncertainty as guard band. */
export interface Judged {
  readonly verdict: Verdict;
  readonly reading: number | undefined;
  readonly limit: number;
  readonly uncertainty: number;
  readonly reason: 'not measured' | 'too close to call' | 'within the limit' | 'beyond the limit';
}

/** Uncertainty of an ohm reading with the shop's meter, ohm: part of the reading plus a fixed part. */
export function meterUncertainty(reading: number, meter: House['meter']): number {
  return Number.isFinite(reading) ? meter.relative * reading + meter.fixed : 0;
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
  const low = judgeAtLeast(reading, least, uncertainty);
  const high = judgeAtMost(reading, most, uncertainty);
  return low.verdict === 'Good' ? high : low;
}
