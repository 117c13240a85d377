/** Level loss of a speaker lead or line, dB: aimed at, and at most. House defaults. */
export const speakerTargets = { target: 0.5, limit: 1 } as const;

/** A speaker loop takes at most this part of the load: more costs level and damping. House default. */
export const loopShare = 0.05;

/** From this part of its power on, an amplifier has nothing in hand. Engineering value. */
const amplifierShare = 0.8;

export type SpeakerVerdict = 'Good' | 'tight' | 'Out';

/** One lead: level loss and wanted loss in dB, loop and load in ohm. */
export function speakerVerdict(
  levelLossDb: number,
  loop: number,
  load: number,
  target: number = speakerTargets.target,
): SpeakerVerdict {
  if (levelLossDb <= target && loop <= loopShare * load) return 'Good';
  return levelLossDb <= speakerTargets.limit ? 'tight' : 'Out';
}

/** Whether taps that ask for `sum` watts leave the amplifier nothing in hand. */
export const isAmplifierFull = (sum: number, amplifier: number) => sum > amplifierShare * amplifier;

/** A constant-voltage line: loss at its weakest tap in dB, what the taps ask for and what the amplifier gives in watts. */
export function distributedVerdict(lossDb: number, sum: number, amplifier: number): SpeakerVerdict {
  if (lossDb > speakerTargets.limit || sum > amplifier) return 'Out';
  return lossDb > speakerTargets.target || isAmplifierFull(sum, amplifier) ? 'tight' : 'Good';
}
