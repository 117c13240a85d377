import type { ConnectorEntry } from '../connector-entry.ts';
import { mostPositions } from '../contact.ts';

const source = 'engineering value, class-typical; measure the connector in hand';

const pitches = {
  '3.5': { contactBore: 1.75, depth: 6, height: 9 },
  '3.81': { contactBore: 1.75, depth: 6, height: 9 },
  '5.08': { contactBore: 2.6, depth: 7, height: 11 },
} as const;

function block(pitch: keyof typeof pitches, fixing: 'screw' | 'spring', positions: number): ConnectorEntry {
  const { contactBore, depth, height } = pitches[pitch];
  return {
    id: `terminal-${pitch}-${fixing}-${positions}`,
    name: `terminal block ${pitch} mm, ${positions} positions, ${fixing === 'screw' ? 'rising clamp' : 'spring'}`,
    seriesId: `terminal-${pitch}`,
    sex: 'plug',
    method: 'terminal clamp',
    contactFixing: fixing,
    plating: 'tri-metal',
    positions,
    pitchMm: Number(pitch),
    featuresMm: {
      breakout: 35,
      contactMouth: 1,
      contactDepth: depth,
      contactBore,
      lipToShoulder: 12,
      lipToMatingPlane: 15,
      lipToTip: 18,
      bodyOutside: height,
    },
    source,
  };
}

/** Pluggable terminal blocks of three pitches, rising clamp or spring, 2 to 24 positions. */
export const terminalBlocks: ConnectorEntry[] = (['3.5', '3.81', '5.08'] as const).flatMap((pitch) =>
  (['screw', 'spring'] as const).flatMap((fixing) =>
    Array.from({ length: mostPositions - 1 }, (_, index) => block(pitch, fixing, index + 2)),
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
