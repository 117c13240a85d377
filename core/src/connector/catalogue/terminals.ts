import type { ConnectorEntry } from '../connector-entry.ts';
import { mostPositions } from '../contact.ts';

const source = 'engineering value, class-typical; measure the connector in hand';

const pitches = {
  '3.5': { contactBore: 1.75, depth: 6, height: 9 },
  '3.81': { contactBore: 1.75, depth: 6, height: 9 },
  '5.08': { contactBore: 2.6, depth: 7, height: 11 },
} as const;

/** The cable comes along the way that the block is plugged in, or across it; then the block is deeper. */
const orientations = {
  straight: { id: '', name: '', across: 0 },
  'right-angle': { id: '-right-angle', name: ', right-angle', across: 3 },
} as const;

function block(
  pitch: keyof typeof pitches,
  fixing: 'screw' | 'spring',
  orientation: keyof typeof orientations,
  positions: number,
): ConnectorEntry {
  const { contactBore, depth, height } = pitches[pitch];
  const { id, name, across } = orientations[orientation];
  return {
    id: `terminal-${pitch}-${fixing}${id}-${positions}`,
    name: `terminal block ${pitch} mm, ${positions} positions, ${fixing === 'screw' ? 'rising clamp' : 'spring'}${name}`,
    seriesId: `terminal-${pitch}`,
    sex: 'plug',
    method: 'terminal clamp',
    contactFixing: fixing,
    plating: 'tri-metal',
    rightAngle: orientation === 'right-angle',
    positions,
    pitchMm: Number(pitch),
    featuresMm: {
      breakout: 35,
      contactMouth: 1,
      contactDepth: depth,
      contactBore,
      lipToShoulder: 12 + across,
      lipToMatingPlane: 15 + across,
      lipToTip: 18 + across,
      bodyOutside: height,
    },
    source,
  };
}

/** Pluggable terminal blocks of three pitches, rising clamp or spring, straight or right-angle, 2 to 24 positions. */
export const terminalBlocks: ConnectorEntry[] = (['3.5', '3.81', '5.08'] as const).flatMap((pitch) =>
  (['screw', 'spring'] as const).flatMap((fixing) =>
    (['straight', 'right-angle'] as const).flatMap((orientation) =>
      Array.from({ length: mostPositions - 1 }, (_, index) => block(pitch, fixing, orientation, index + 2)),
    ),
  ),
);

/** RJ45 for lighting control (ANSI E1.27-2), with grooves that take the thick cores of 120-ohm cable. */
export const modularPlugs: ConnectorEntry[] = [
  {
    id: 'rj45-lighting',
    name: 'RJ45 plug, shielded, for cores to 1.4 mm',
    seriesId: 'modular-8',
    sex: 'plug',
    method: 'modular crimp',
    contactFixing: 'displacement',
    plating: 'gold',
    featuresMm: {
      entryBore: 8.4,
      clampFront: 8,
      clampLength: 4,
      clampLeast: 5,
      clampMost: 8.2,
      contactMouth: 9.5,
      contactDepth: 9,
      contactBore: 1.45,
      lipToShoulder: 12,
      lipToMatingPlane: 21.5,
      lipToTip: 21.5,
      bodyOutside: 11.7,
    },
    source,
  },
];
