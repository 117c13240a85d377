/** What is said at a UHF plug with a reducer: made from names and figures alone. */

export const insertWords = ({ endName, loose }: { readonly endName: string; readonly loose: boolean }) => ({
  title: `Screw the reducer into the body, end ${endName}`,
  text: {
    firstTime: `${loose ? 'Coupling ring and reducer are on the cable, threads toward the end. ' : 'The reducer is on the cable, its nose toward the end. '}Guide the conductor through the tip, and turn the body on the reducer, the reducer held with pliers by its head, until its shoulder meets the body. Braid must not turn with it.`,
    experienced: `${loose ? 'Coupling and reducer on. ' : 'Reducer on. '}Hold the reducer, turn the body till the shoulder meets.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['shoulder against the body', 'braid in every hole', 'conductor out at the tip'],
  bad: ['braid torn off at the nose', 'gap at the shoulder'],
});

export const holesLookWords = ({ endName }: { readonly endName: string }) => ({
  title: `Check the holes, end ${endName}`,
  text: {
    firstTime: 'Braid shows in every hole, pressed on the nose.',
    experienced: 'Braid in every hole.',
  },
  why: 'It is the only sign that the shield is held.',
  good: ['braid in every hole'],
  bad: ['bare nose in a hole'],
});

export const braidCutWords = {
  tooLong: 'Braid is caught under the shoulder and the reducer does not screw home.',
  tooShort: 'No braid shows in the holes: nothing to see, nothing to solder.',
};

export const traitsWords = {
  because:
    'the body of the thick cable on thin coax: no crimp tool, can be unscrewed where it is not soldered',
};

export const braidWords = {
  tooTight: 'The braid on the nose is too thick for the body: thin it.',
  tight: 'It screws in firmly: hold the braid.',
  tooLoose: 'The braid is not pressed between nose and body.',
};

export const holesLookAdvice = 'Turn the body off; take the strip again with more braid.';

export const noShortAdvice = 'Turn the body off and look for a wire that went forward.';

export const tipAdvice = 'The dielectric has melted: cut the plug off and make the end again.';

export const cableTugAdvice = 'Cut the plug off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint at the tip, braid not pressed between nose and body',
  short: 'a wire forward of the nose, thin dielectric melted',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  holesLieOverNose: 'the holes lie over the nose',
  stopLiesBeforeNose: 'the stop lies before the nose',
  noseHasWall: 'a nose has a wall',
  tipLiesBeforeStop: 'the tip lies before the stop',
  tipHasWall: 'a tip has a wall',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  braidEveryHole: 'Braid in every hole',
} as const;
