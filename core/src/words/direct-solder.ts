/** What is said at a plug soldered straight on semi-rigid tube: made from names and figures alone. */

export const jacketWords = ({ endName }: { readonly endName: string }) => ({
  title: `Square the tube, end ${endName}`,
  text: {
    firstTime:
      'Straighten the last 30 mm. Saw or roll the tube square, without pressing it oval, and deburr it inside and outside. Warm the end gently and let the dielectric creep out as far as it wants to, then trim it flush.',
    experienced: 'Square, deburr, relax with heat, trim flush.',
  },
  why: 'PTFE that was never relaxed creeps out when it is soldered and pushes the contact forward.',
  caution: 'Clamp the cable; saw away from the hand. Never overheat PTFE: toxic above about 300 °C.',
  good: ['square, round, no burr'],
  bad: ['oval tube', 'burr into the dielectric'],
});

export const tubeWords = ({ endName, sawn }: { readonly endName: string; readonly sawn: boolean }) => ({
  title: `Ring the tube and bare the conductor, end ${endName}`,
  text: {
    firstTime: `${
      sawn
        ? 'Saw a groove all round at the figure below from the squared end, half through the wall, turning the cable.'
        : 'Close the cutter on the tube at the figure below from the squared end. Turn it round and round, a little deeper each time, until the tube is scored all round.'
    } Bend it gently until it parts, and draw tube and dielectric off together along the conductor. Deburr the tube again and trim the dielectric flush with it. Nothing may be left on the conductor.`,
    experienced: `${sawn ? 'Groove' : 'Score'}, part, draw off, deburr, trim flush.`,
  },
  why: 'The tube end sits on the step in the body: a burr holds it off.',
  caution: 'Cut edges of the tube are sharp.',
  good: ['dielectric flush all round', 'conductor bright'],
  bad: ['ring mark on the conductor', 'chip on the dielectric'],
});

export const insertWords = ({
  endName,
  sex,
}: {
  readonly endName: string;
  readonly sex: 'plug' | 'socket' | 'splice';
}) => ({
  title: `Seat the body on the tube, end ${endName}`,
  text: {
    firstTime: `${sex === 'plug' ? 'The coupling nut is on the tube, its thread toward the end. ' : ''}Brighten and flux the tube, push the body on until the tube sits on its step, and hold both in the fixture so that they cannot part.`,
    experienced: `${sex === 'plug' ? 'Nut on. ' : ''}Flux, push to the step, clamp both.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['tube on its step, no gap', 'contact in the middle'],
  bad: ['body askew', 'contact off centre'],
});

export const bodyWords = ({ endName }: { readonly endName: string }) => ({
  title: `Solder the body, end ${endName}`,
  text: {
    firstTime:
      'Big tip, flooded, against the rear of the body, opposite the feed. Feed at the joint of tube and body when both melt it: it runs round by itself. Off at once. Keep still until it dulls.',
    experienced: 'Big tip at the rear, feed opposite, once round, off.',
  },
  why: 'A big tip is quicker than a hot one: the dielectric has no time to swell.',
  good: ['thin fillet all round', 'none on the thread or under the nut'],
  bad: ['fillet on one side only', 'solder on the coupling', 'dielectric pushed out at the front'],
});

export const dielectricCutWords = {
  tooLong: 'The contact stands forward by as much, and the tube does not reach its step.',
  tooShort: 'An air gap behind the contact spoils the match at high frequency.',
};

export const conductorCutWords = {
  tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
  tooShort: 'Too little of it stands in the contact to be soldered.',
};

export const traitsWords = {
  because: 'the best match, and tight to the tube: for cable that is bent once',
};

export const entryWords = {
  tooTight: 'The tube does not enter the body: it is for a thinner one.',
  tight: 'The tube enters hard: no room for solder. Polish it.',
  tooLoose: 'The gap is too wide for solder to fill, and the tube sits askew.',
};

export const setbackAdvice = 'Pull the body off, look at the flush of the dielectric, and seat it again.';

export const noShortAdvice = 'Pull the body off and look for a chip or solder across the dielectric.';

export const bodyAdvice =
  'Dielectric pushed out: cut the end off. One-sided fillet: flux and heat again, shortly.';

export const afterHeatAdvice = 'Cut the connector off and make the end again.';

export const fixedSetbackAdvice =
  'The contact has moved with the heat: cut off and make the end again; relax the dielectric first.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint at the contact, a tube not soldered all round',
  short: 'solder or a chip across the dielectric, a contact pushed off centre by the heat',
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  madeSemiRigidCoax: 'It is made for semi-rigid coax: a bare copper tube.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  stepLiesWithinBody: 'the step lies within the body',
  contactHasWall: 'a contact has a wall',
  contactPassesIntoBody: 'the contact passes into the body',
  contactShorterThanBody: 'the contact is shorter than the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  filletAllRoundDielectric: 'Fillet all round, dielectric in place',
} as const;
