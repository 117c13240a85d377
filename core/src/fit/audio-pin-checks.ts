import type { Lead } from '../lead/lead.ts';
import { conductorNames } from '../strip/core-strip.ts';
import type { PinCheck, KnownEnd } from './pin-check.ts';
import { check, layoutOf, namesOf } from './pin-check.ts';

export function audioChecks(lead: Lead, ends: readonly KnownEnd[]): PinCheck[] {
  const mono = lead.signal === 'balanced' || lead.signal === 'unbalanced';
  return [
    ...(mono ? [...phantomChecks(ends), ...ends.flatMap((end) => coldChecks(end, ends))] : []),
    ...(lead.signal === 'stereo' ? stereoChecks(ends) : []),
    ...ends
      .filter(({ input }) => input.connector.series.id === 'jack-3-trs')
      .map(({ end }) =>
        check(
          'four-pole',
          'note',
          `End ${end.name}: many 3.5 mm sockets have four poles, and their sleeve is a microphone. There a three-pole plug loses a channel or hums; look at the device.`,
        ),
      ),
  ];
}

/** 48 V stands on 2 and 3 of a microphone input, whatever is plugged into the other end (IEC 61938). */
function phantomChecks(ends: readonly KnownEnd[]): PinCheck[] {
  const jacks = ends.filter((end) => ['ts', 'trs', 'phono'].includes(layoutOf(end)));
  const rounds = ends.filter((end) => layoutOf(end) === 'round-3');
  if (rounds.length === 0 || jacks.length === 0) return [];
  return [
    check(
      'phantom',
      'risk',
      `End ${namesOf(jacks)} can meet phantom power (48 V) through end ${namesOf(rounds)}: it can harm an output that is not made for it. Switch phantom off at that input, and label the lead.`,
    ),
  ];
}

/** Cold toward an end that has no place for it: tied to the shield, or open. */
function coldChecks(at: KnownEnd, ends: readonly KnownEnd[]): PinCheck[] {
  const { end, input } = at;
  const elsewhere = ends.some(
    (other) => other.end !== end && other.input.joints.some(({ role }) => role === 'cold'),
  );
  if (!elsewhere) return [];
  const tied = input.joints.find(
    ({ role, conductors }) => role === 'shield' && conductors.some(({ kind }) => kind === 'core'),
  );
  if (tied)
    return [
      check(
        'cold tied',
        'note',
        `Cold is tied to the shield at end ${end.name} (${conductorNames(tied.conductors)}): right for transformer outputs; some electronic outputs want it open. Ask the device's maker.`,
      ),
    ];
  if (!['ts', 'phono'].includes(layoutOf(at))) return [];
  return [
    check(
      'cold open',
      'note',
      `Cold is open at end ${end.name}: right for outputs that must not drive a short; a transformer output gives nothing then. Ask the device's maker.`,
    ),
  ];
}

function stereoChecks(ends: readonly KnownEnd[]): PinCheck[] {
  const rounds = ends.filter((end) => layoutOf(end) === 'round-3');
  const balanced =
    rounds.length === 0
      ? []
      : [
          check(
            'stereo into balanced',
            'wrong',
            `Left and right meet a balanced contact pair at end ${namesOf(rounds)}: the input takes their difference, and everything in the middle is lost. Sum them with resistors, or use two inputs.`,
          ),
        ];
  const colours = ends.flatMap(({ end }) => {
    const usual = end.channel === 'right' ? 'red' : 'white';
    if (end.channel === null || !end.marker || end.marker === usual) return [];
    return [
      check(
        'channel colour',
        'note',
        `End ${end.name} carries ${end.channel} and is marked ${end.marker}: ${usual} is usual for ${end.channel}.`,
      ),
    ];
  });
  return [...balanced, ...colours];
}
