import { ringOnCable, ringOnCableShort } from './coupling.ts';

/** What is said at a soldered body: made from names and figures alone. */

export const trimBraidWords = ({
  tack,
  braids,
  endName,
  them,
  hasFoil,
  tackAbove,
  tooShort,
}: {
  readonly tack: boolean;
  readonly braids: string;
  readonly endName: string;
  readonly them: string;
  readonly hasFoil: boolean;
  readonly tackAbove: number;
  readonly tooShort: string;
}) => ({
  title: `${tack ? 'Tack and trim' : 'Comb and trim'} ${braids}, end ${endName}`,
  text: {
    firstTime: tack
      ? `Smooth ${braids} flat on the dielectric, tin ${them} thinly all round, quick and without lumps, let it cool, then ring ${them} with a fine blade at the figure below and snap the ring off.`
      : `Comb ${braids} straight, lay ${them} flat on the dielectric and trim ${them} all round at the figure below. ${hasFoil ? 'Foil is trimmed with it.' : ''} Brush loose wires away.`,
    experienced: tack ? 'Tin thinly, no lumps, ring, snap off.' : 'Comb flat, trim all round, brush off.',
  },
  why: tack
    ? `Above ${tackAbove} W this house tacks: no strand can come loose while the body turns. It is custom more than electrical need.`
    : `Too short: ${tooShort}`,
  good: [tack ? 'thin, bright, still round' : 'flat and even all round'],
  bad: [tack ? 'lump that will not pass the body' : 'a single long wire', 'dielectric soft or scored'],
});

export const holesWords = ({ endName }: { readonly endName: string }) => ({
  title: `Leave the holes, end ${endName}`,
  text: {
    firstTime:
      'House practice leaves the holes unsoldered: the threads hold. Through each hole: braid pressed flat against the body.',
    experienced: 'No solder: braid bears on the body.',
  },
  why: 'Accepted indoors at low power; outdoors water creeps in and the bond ages.',
  good: ['braid bears on the body in every hole'],
  bad: ['gap between braid and body'],
});

export const insertWords = ({ endName, loose }: { readonly endName: string; readonly loose: boolean }) => ({
  title: `Screw the body on, end ${endName}`,
  text: {
    firstTime: `${ringOnCable(loose)}Turn the body on to the jacket, cable held in the vice, straight and steadily until conductor stands 1 to 2 mm out of the tip. The thread bites the jacket. Never turn back and forth.`,
    experienced: `${ringOnCableShort(loose)}Body on until the conductor stands out at the tip.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['braid in every hole, no dielectric', 'conductor out at the tip'],
  bad: ['bare dielectric under a hole', 'braid screwed up into a plug'],
});

export const holesLookWords = ({ endName }: { readonly endName: string }) => ({
  title: `Check the holes, end ${endName}`,
  text: {
    firstTime:
      'Turn the body under the light: each hole is full of braid, none shows dielectric, nothing stands forward at the tip.',
    experienced: 'Braid in every hole.',
  },
  why: 'After the solder nothing can be moved.',
  good: ['braid fills every hole'],
  bad: ['white or clear dielectric in a hole'],
});

export const braidCutWords = {
  tooLong: 'A strand reaches the front bore and lies at the centre: a dead short.',
  tooShort: 'Bare dielectric shows under a hole: solder has nothing to hold and melts it.',
};

export const braidFitWords = {
  tooTight: 'The braid will not enter the body: it is screwed up into a plug.',
  tight: 'The braid enters with a twist; tack it, or it rucks up.',
  tooLoose: 'The braid does not reach the body: solder has to bridge the gap. Use a reducer.',
};

export const traitsWords = {
  because: 'strongest and sealed by solder; can be made without crimp tools',
};

export const holesAdvice = 'Turn the body back off and comb the braid evenly.';

export const holesLookAdvice = 'Turn the body off and take the strip again with more braid.';

export const noShortAdvice = 'Turn the body off: a strand has gone forward. Trim it and screw on again.';

export const trimCaution = 'Glasses on: trimmed wires fly. Cover the offcut.';

export const tipAdvice = 'The dielectric has melted: cut the plug off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint at the tip, holes that never wetted, braid short of the holes',
  short: 'a strand that went forward, dielectric melted under the holes so that the centre wandered',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  holesLieBehindDielectric: 'the holes lie behind the dielectric stop',
  tipLiesBeforeStop: 'the tip lies before the stop',
  tipHasWall: 'a tip has a wall',
  holesLieWithinBody: 'the holes lie within the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  braidBearsBody: 'Braid bears on the body',
  braidUnderEveryHole: 'Braid under every hole',
} as const;
