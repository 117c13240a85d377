import { speedOfLight } from '../quantity/speed-of-light.ts';

/** One lead of a set, as measured. */
export interface SetMember {
  readonly name: string;
  /** One-way delay, seconds. */
  readonly delay: number;
}

/** What to do with it. */
export interface SetResult extends SetMember {
  /** Phase against the shortest, degrees at the frequency; positive is longer. */
  readonly phaseDegrees: number;
  /** Cable to take off to equal the shortest, metres. */
  readonly trim: number;
}

/** A set at one frequency. */
export interface PhaseSet {
  readonly members: readonly SetResult[];
  /** Longest less shortest, degrees. */
  readonly spreadDegrees: number;
  /** Trim that still leaves the set within the tolerance: the longest ones only. */
  readonly withinTolerance: boolean;
}

/** Delay of a length of cable: `l / (vf c)`. */
export function delayOfLength(length: number, velocityFactor: number): number {
  return length / (velocityFactor * speedOfLight);
}

/** Cable that turns the phase by one degree, metres: `vf c / (360 f)`. */
export function lengthOfDegree(velocityFactor: number, frequency: number): number {
  return (velocityFactor * speedOfLight) / frequency / 360;
}

/**
 * Phase spread of a set at a frequency and what to trim from each: a lead can only be shortened, so the shortest stands.
 * @throws RangeError with fewer than two leads or a delay that is not above 0.
 */
export function phaseSet(
  members: readonly SetMember[],
  frequency: number,
  velocityFactor: number,
  toleranceDegrees: number,
): PhaseSet {
  if (!(members.length >= 2))
    throw new RangeError(`set: expected two or more leads, found ${members.length}`);
  if (!(
    members.every(({ delay }) => delay > 0) &&
    frequency > 0 &&
    velocityFactor > 0 &&
    velocityFactor <= 1
  ))
    throw new RangeError('set: expected delays, a frequency and a velocity factor above 0');
  const shortest = Math.min(...members.map(({ delay }) => delay));
  const results = members.map((member) => ({
    ...member,
    phaseDegrees: 360 * frequency * (member.delay - shortest),
    trim: (member.delay - shortest) * velocityFactor * speedOfLight,
  }));
  const spreadDegrees = Math.max(...results.map(({ phaseDegrees }) => phaseDegrees));
  return { members: results, spreadDegrees, withinTolerance: spreadDegrees <= toleranceDegrees };
}
