import type { ConnectorEntry } from '../connector-entry.ts';

const source = 'engineering value, class-typical; measure the connector in hand';

type Features = ConnectorEntry['featuresMm'];

/** Shell, chuck and insert of the round pattern; the rear lip is the rear of the boot's thread. */
const roundShell = { clampFront: 22, clampLength: 9, contactMouth: 34, contactDepth: 4.5 } as const;
const entries = {
  usual: { entryBore: 8.2, clampLeast: 3.5, clampMost: 8.2 },
  large: { entryBore: 10.5, clampLeast: 6, clampMost: 10.5 },
} as const;
const cups = {
  3: { contactBore: 2.3, contactOutside: 3.2 },
  5: { contactBore: 1.6, contactOutside: 2.4 },
} as const;

function roundEnd(
  pins: 3 | 5,
  sex: 'plug' | 'socket',
  body: 'straight' | 'right-angle' | 'large entry',
): ConnectorEntry {
  const angle = body === 'right-angle';
  const tip = angle ? 46 : sex === 'plug' ? 62 : 58;
  return {
    id: `xlr-${pins}-${sex}${body === 'straight' ? '' : `-${body.replace(' ', '-')}`}`,
    name: `${pins}-pin XLR ${sex}${body === 'straight' ? '' : `, ${body}`}`,
    seriesId: pins === 3 ? 'round-3' : 'round-5',
    sex,
    method: 'solder cup',
    contactFixing: 'solder',
    plating: 'silver',
    rightAngle: angle,
    featuresMm: {
      ...roundShell,
      ...(angle ? { contactMouth: 31 } : {}),
      ...entries[body === 'large entry' ? 'large' : 'usual'],
      ...cups[pins],
      lipToShoulder: 40,
      lipToMatingPlane: tip,
      lipToTip: tip,
      bodyOutside: body === 'large entry' ? 20 : 19,
    },
    source,
  };
}

/** 3- and 5-pin XLR pattern, plug and socket: straight, right-angle, and with a bushing for thick cable. */
export const roundEnds: ConnectorEntry[] = ([3, 5] as const).flatMap((pins) =>
  (['plug', 'socket'] as const).flatMap((sex) =>
    (['straight', 'right-angle', 'large entry'] as const).map((body) => roundEnd(pins, sex, body)),
  ),
);

const bigLugs: Features = {
  clampFront: 14,
  clampLength: 6,
  sleeveMouth: 17,
  ringMouth: 21.5,
  contactMouth: 25,
  tipAcross: 1.5,
  ringAcross: 2.5,
  sleeveAcross: 4,
  contactDepth: 0.8,
  contactBore: 1.9,
  contactOutside: 3.2,
  lipToShoulder: 30,
  lipToMatingPlane: 31,
  lipToTip: 62,
  bodyOutside: 14,
};
const smallLugs: Features = {
  clampFront: 9,
  clampLength: 4.5,
  sleeveMouth: 11,
  ringMouth: 13.5,
  contactMouth: 15.5,
  tipAcross: 0.8,
  ringAcross: 1.5,
  sleeveAcross: 2.3,
  contactDepth: 0.6,
  contactBore: 1.5,
  contactOutside: 2.2,
  lipToShoulder: 20,
  lipToMatingPlane: 21,
  lipToTip: 35,
  bodyOutside: 9,
};
const phonoLugs: Features = {
  clampFront: 13,
  clampLength: 5,
  sleeveMouth: 15.5,
  contactMouth: 19,
  tipAcross: 0,
  sleeveAcross: 3.5,
  contactDepth: 0.8,
  contactBore: 1.7,
  contactOutside: 2.8,
  lipToShoulder: 30,
  lipToMatingPlane: 31,
  lipToTip: 45,
  bodyOutside: 11,
};

const withoutRing = ({ ringMouth: _mouth, ringAcross: _across, ...features }: Features): Features => features;

function lugEnd(
  id: string,
  name: string,
  seriesId: ConnectorEntry['seriesId'],
  featuresMm: Features,
  relief?: ConnectorEntry['relief'],
): ConnectorEntry {
  return {
    id,
    name,
    seriesId,
    sex: 'plug',
    method: 'solder lugs',
    contactFixing: 'solder',
    plating: 'nickel',
    ...(relief ? { relief } : {}),
    featuresMm,
    source,
  };
}

const bigEntry = { entryBore: 7.4, clampLeast: 3, clampMost: 7.4 } as const;

/** 6.35 mm and 3.5 mm jacks, phono plugs. The nickel of their lugs is tinned where they are soldered. */
export const lugEnds: ConnectorEntry[] = [
  lugEnd('jack-6-ts', '6.35 mm TS plug, clamp tabs', 'jack-6-ts', { ...withoutRing(bigLugs), ...bigEntry }),
  lugEnd('jack-6-trs', '6.35 mm TRS plug, clamp tabs', 'jack-6-trs', { ...bigLugs, ...bigEntry }),
  ...(['ts', 'trs'] as const).flatMap((poles) => {
    const lugs = poles === 'ts' ? withoutRing(bigLugs) : bigLugs;
    const named = (relief: string) => `6.35 mm ${poles.toUpperCase()} plug, ${relief}`;
    return [
      lugEnd(
        `jack-6-${poles}-chuck`,
        named('chuck'),
        `jack-6-${poles}`,
        { ...lugs, entryBore: 8, clampLeast: 4, clampMost: 8, bodyOutside: 14.5 },
        'chuck',
      ),
      lugEnd(
        `jack-6-${poles}-half-shell`,
        named('serrated half shells'),
        `jack-6-${poles}`,
        { ...lugs, entryBore: 8.2, clampLeast: 4, clampMost: 8.2, bodyOutside: 15 },
        'half shells',
      ),
    ];
  }),
  lugEnd('jack-3-trs', '3.5 mm TRS plug, clamp tabs', 'jack-3-trs', {
    ...smallLugs,
    entryBore: 5,
    clampLeast: 2,
    clampMost: 5,
  }),
  lugEnd('jack-3-trs-large', '3.5 mm TRS plug, large entry, clamp tabs', 'jack-3-trs', {
    ...smallLugs,
    entryBore: 7,
    clampLeast: 4,
    clampMost: 7,
    bodyOutside: 10.5,
  }),
  lugEnd(
    'phono-spring',
    'phono plug, relief spring',
    'phono',
    { ...phonoLugs, entryBore: 6.6, clampLeast: 2.5, clampMost: 6.6 },
    'spring',
  ),
  lugEnd(
    'phono-half-shell',
    'phono plug, serrated half-shell relief',
    'phono',
    { ...phonoLugs, entryBore: 8, clampLeast: 3, clampMost: 8, bodyOutside: 13 },
    'half shells',
  ),
];

/** Right-angle low-profile jack: its cover holds the jacket; the tip stands across the cable. */
export const lowProfileEnds: ConnectorEntry[] = [
  {
    id: 'jack-6-ts-low-profile',
    name: '6.35 mm TS plug, right-angle, low-profile',
    seriesId: 'jack-6-ts',
    sex: 'plug',
    method: 'low-profile jack',
    contactFixing: 'solder',
    plating: 'nickel',
    rightAngle: true,
    featuresMm: {
      entryBore: 6.6,
      clampFront: 5,
      clampLength: 4,
      sleeveMouth: 7.5,
      contactMouth: 11,
      tipAcross: 0,
      sleeveAcross: 0,
      contactDepth: 1.2,
      contactBore: 1.5,
      contactOutside: 3,
      lipToShoulder: 11,
      lipToMatingPlane: 11,
      lipToTip: 14,
      bodyOutside: 15,
    },
    source,
  },
];
