import type { ConnectorEntry } from '../connector-entry.ts';

const source = 'engineering value, class-typical; measure the connector in hand';

const speakerFigures = {
  2: { entryBore: 10.5, clampLeast: 4, clampMost: 10.5, contactBore: 3.2, bodyOutside: 20 },
  4: { entryBore: 15, clampLeast: 6, clampMost: 15, contactBore: 3.4, bodyOutside: 24 },
  8: { entryBore: 21, clampLeast: 9, clampMost: 21, contactBore: 3.2, bodyOutside: 36 },
} as const;

/** Set screws in a row of barrels; the panel part has no clamp of its own. */
function speakerEnd(poles: 2 | 4 | 8, sex: 'plug' | 'socket'): ConnectorEntry {
  const { entryBore, clampLeast, clampMost, contactBore, bodyOutside } = speakerFigures[poles];
  const panel = sex === 'socket';
  return {
    id: `speaker-${poles}-${panel ? 'panel' : 'cable'}`,
    name: `locking speaker connector, ${poles}-pole, ${panel ? 'panel' : 'cable'}`,
    seriesId: `speaker-${poles}`,
    sex,
    method: 'speaker clamp',
    contactFixing: 'screw',
    plating: 'silver',
    featuresMm: {
      ...(panel
        ? { breakout: 45, contactMouth: 1 }
        : { clampFront: 30, clampLength: 12, clampLeast, clampMost, entryBore, contactMouth: 44 }),
      contactDepth: 10,
      contactBore,
      contactOutside: contactBore + 2,
      lipToShoulder: panel ? 20 : 50,
      lipToMatingPlane: panel ? 26 : 55,
      lipToTip: panel ? 26 : 70,
      bodyOutside,
    },
    source,
  };
}

/** 2, 4 and 8 poles, cable and panel. */
export const speakerEnds: ConnectorEntry[] = ([2, 4, 8] as const).flatMap((poles) =>
  (['plug', 'socket'] as const).map((sex) => speakerEnd(poles, sex)),
);

/** `bore` and outside of the barrel, and its die, millimetres. */
function spadePair(
  id: string,
  size: string,
  [bore, outside]: readonly [number, number],
  dieMm: number,
): ConnectorEntry {
  return {
    id,
    name: `pair of spades, red and black, ${size}`,
    seriesId: 'spade',
    sex: 'plug',
    method: 'crimp lug',
    contactFixing: 'crimp',
    plating: 'tri-metal',
    pinDieMm: dieMm,
    featuresMm: {
      breakout: 55,
      contactMouth: 0.5,
      contactDepth: 6,
      contactBore: bore,
      contactOutside: outside,
      lipToShoulder: 9,
      lipToMatingPlane: 20,
      lipToTip: 24,
      bodyOutside: 11,
    },
    source,
  };
}

/** Bore and outside of the barrel, its length, and its die, millimetres. */
function ferrulePair(
  areaMm2: number,
  [bore, outside]: readonly [number, number],
  lengthMm: number,
  dieMm: number,
): ConnectorEntry {
  return {
    id: `wire-ferrule-pair-${areaMm2}`,
    name: `pair of wire-end ferrules, ${areaMm2} mm2`,
    seriesId: 'wire-ferrule',
    sex: 'plug',
    method: 'crimp lug',
    contactFixing: 'crimp',
    plating: 'tri-metal',
    pinDieMm: dieMm,
    featuresMm: {
      breakout: 45,
      contactMouth: 0.5,
      contactDepth: lengthMm,
      contactBore: bore,
      contactOutside: outside,
      lipToShoulder: lengthMm,
      lipToMatingPlane: lengthMm + 1,
      lipToTip: lengthMm + 1,
      bodyOutside: bore + 1.6,
    },
    source,
  };
}

const bareFigures = {
  breakout: 80,
  contactMouth: 0,
  contactDepth: 10,
  contactBore: 6,
  contactOutside: 6.5,
  lipToShoulder: 10,
  lipToMatingPlane: 10,
  lipToTip: 10,
  bodyOutside: 6.5,
} as const;

function bareCores(positions: number): ConnectorEntry {
  return {
    id: `bare-cores-${positions}`,
    name: `bare ends, ${positions} conductors`,
    seriesId: 'bare-cores',
    sex: 'plug',
    method: 'bare end',
    contactFixing: 'conductor',
    plating: 'bare',
    positions,
    pitchMm: 8,
    featuresMm: bareFigures,
    source,
  };
}

/** Cores that go into clamps at their place: a pair, or cores and shield in their order. */
export const bareEnds: ConnectorEntry[] = [
  {
    ...bareCores(2),
    id: 'bare-pair',
    name: 'bare pair, plus and minus',
    seriesId: 'bare-pair',
    positions: undefined,
    pitchMm: undefined,
  },
  ...[2, 3, 5, 9].map(bareCores),
];

/** Ends of single cores, in pairs: 4 mm bananas with two opposed set screws, spades and wire-end ferrules. */
export const pairEnds: ConnectorEntry[] = [
  {
    id: 'banana-pair',
    name: 'pair of 4 mm bananas, red and black',
    seriesId: 'banana',
    sex: 'plug',
    method: 'set screw',
    contactFixing: 'screw',
    plating: 'gold',
    featuresMm: {
      breakout: 60,
      contactMouth: 0.5,
      contactDepth: 12,
      contactBore: 4.2,
      contactOutside: 8,
      lipToShoulder: 20,
      lipToMatingPlane: 22,
      lipToTip: 42,
      bodyOutside: 11,
    },
    source,
  },
  spadePair('spade-pair-2.5', 'up to 2.5 mm2', [2.4, 3.08], 2.54),
  spadePair('spade-pair-6', '4 to 6 mm2', [3.6, 5.2], 4.52),
  ferrulePair(0.34, [1, 1.32], 7, 1.07),
  ferrulePair(1.5, [1.9, 2.18], 9, 1.73),
  ferrulePair(2.5, [2.4, 3.03], 10, 2.54),
  ferrulePair(4, [3, 3.25], 12, 2.54),
];
