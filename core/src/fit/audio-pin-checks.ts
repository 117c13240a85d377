import {
  channelColour,
  coldOpen,
  coldTied,
  fourPole,
  phantomMet,
  stereoIntoBalanced,
} from '../words/pin-check.ts';
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
      .map(({ end }) => check('four-pole', 'note', fourPole(end.name))),
  ];
}

/** 48 V stands on 2 and 3 of a microphone input, whatever is plugged into the other end (IEC 61938). */
function phantomChecks(ends: readonly KnownEnd[]): PinCheck[] {
  const jacks = ends.filter((end) => ['ts', 'trs', 'phono'].includes(layoutOf(end)));
  const rounds = ends.filter((end) => layoutOf(end) === 'round-3');
  if (rounds.length === 0 || jacks.length === 0) return [];
  return [check('phantom', 'risk', phantomMet(namesOf(jacks), namesOf(rounds)))];
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
  if (tied) return [check('cold tied', 'note', coldTied(end.name, conductorNames(tied.conductors)))];
  if (!['ts', 'phono'].includes(layoutOf(at))) return [];
  return [check('cold open', 'note', coldOpen(end.name))];
}

function stereoChecks(ends: readonly KnownEnd[]): PinCheck[] {
  const rounds = ends.filter((end) => layoutOf(end) === 'round-3');
  const balanced =
    rounds.length === 0 ? [] : [check('stereo into balanced', 'wrong', stereoIntoBalanced(namesOf(rounds)))];
  const colours = ends.flatMap(({ end }) => {
    const usual = end.channel === 'right' ? 'red' : 'white';
    if (end.channel === null || !end.marker || end.marker === usual) return [];
    return [check('channel colour', 'note', channelColour(end.name, end.channel, end.marker, usual))];
  });
  return [...balanced, ...colours];
}
