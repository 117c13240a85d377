/** What is said at trunk cable: made from names and figures alone. */

export const jacketWords = ({
  endName,
  bendRadius,
}: {
  readonly endName: string;
  readonly bendRadius: string;
}) => ({
  title: `Square the cable and bare the sheath, end ${endName}`,
  text: {
    firstTime: `Cut the cable square with a fine saw, without pressing it oval. Wipe flooding gel off with a dry cloth, ring the jacket without scoring the sheath, and pull it off at the figure below. Never bend tighter than ${bendRadius} mm while working in the trench.`,
    experienced: `Square, gel off, jacket off, sheath not scored.`,
  },
  why: 'A scored or kinked sheath breaks in the ground.',
  caution:
    'Trench work, buried plant and live network power follow local codes and licensed practice: have the line powered off and proved dead. No open flame near gel.',
  good: ['round sheath, no score'],
  bad: ['oval or kinked sheath', 'gel left on it'],
});

export const dielectricWords = ({
  endName,
  forDielectric,
  drill,
}: {
  readonly endName: string;
  readonly forDielectric: 'foam polyethylene' | 'fused disc' | undefined;
  readonly drill: boolean;
}) => ({
  title: `Core the dielectric, end ${endName}`,
  text: {
    firstTime: `Core with the tool of this size for ${forDielectric === 'fused disc' ? 'fused discs: the one for foam tears them' : 'foam; a cable with fused discs asks for its own tool and connector'}. ${drill ? 'Drill slowly' : 'Turn the tool by hand, clockwise, with light pressure'} until its stop meets the sheath: this sets the depth.${drill ? ' Let go at once when it grabs: it twists the conductor off.' : ''} Clear every chip out.`,
    experienced: `Core to the stop${drill ? ', slowly' : ' by hand'}, clear the chips.`,
  },
  why: 'The mandrel goes where the dielectric was; it holds the sheath round against the nut.',
  caution: drill
    ? 'A drill can snatch and wring the wrist: brace it.'
    : 'Mind the edge of the sheath: it is sharp.',
  good: ['clean bore down to the metal'],
  bad: ['skin of foam left on the sheath', 'conductor bent or nicked'],
});

export const tubeWords = ({ endName, clad }: { readonly endName: string; readonly clad: boolean }) => ({
  title: `Trim and bevel the sheath, clean the conductor, end ${endName}`,
  text: {
    firstTime: `Trim the sheath to the figure below, bevel its edge and check that it is round. Scrape the residue off the conductor with ${clad ? 'a plastic scraper: copper-clad aluminium takes nothing harder' : 'something softer than it'}, until it is bright, and trim it.`,
    experienced: `Bevel, round; conductor bright with ${clad ? 'plastic only' : 'a soft scraper'}, trim.`,
  },
  why: clad
    ? 'A scratch through the copper rots the aluminium under it.'
    : 'Residue on the conductor is a bad contact.',
  caution: 'Cut edges are sharp.',
  good: ['round, bevelled, bright'],
  bad: ['copper scratched through', 'burr inside the sheath'],
});

export const nutWords = ({ endName }: { readonly endName: string }) => ({
  title: `Slide the back nut on the bare sheath, end ${endName}`,
  text: {
    firstTime:
      'Slide the back nut on the bare sheath, thread toward the end: it does not pass the jacket. Its clamp ring and greased O-ring follow it.',
    experienced: 'Back nut on the sheath, thread forward.',
  },
  held: 'Cable straight and still, the bare sheath in front of you.',
  cues: ['the nut slides to the jacket by hand', 'the O-ring goes into its groove without a twist'],
  why: 'After the body it can no longer be put on.',
  good: ['thread toward the end', 'O-ring in its groove'],
  bad: ['nut the wrong way round', 'nut left in the bag'],
});

export const insertWords = ({ endName, splice }: { readonly endName: string; readonly splice: boolean }) => ({
  title: `Put the cable into the body, end ${endName}`,
  text: {
    firstTime: `${splice ? 'The boot and the back nuts are on the cables. ' : 'The back nut is on the cable. '}Push the cable over the mandrel until the sheath meets its stop and the conductor shows beyond the seizing nut. Start the back nut on its thread before the seizing nut is tightened.`,
    experienced: `${splice ? 'Boot and nuts on. ' : 'Nut on. '}Home on the mandrel, conductor shows, start the back nut first.`,
  },
  why: 'A back nut that is not started first can no longer be started straight. From here on nothing more can be threaded from this end.',
  good: ['conductor shows beyond the seizing nut', 'back nut started by hand'],
  bad: ['nut crossed', 'sheath not home'],
});

export const seizeWords = ({ endName }: { readonly endName: string }) => ({
  title: `Tighten seizing nut, then sheath nut, end ${endName}`,
  text: {
    firstTime: `Hold the body still with one spanner and turn only nuts: first the seizing nut, then the back nut. A turning body wrings the conductor off.`,
    experienced: `Body held. Seizing nut, then back nut.`,
  },
  why: 'In the other order the sheath is fast while the conductor still moves.',
  caution: 'Mind the hands when a spanner slips.',
  good: ['body never turned', 'both nuts at their torque'],
  bad: ['body turned with the nut', 'nuts in the wrong order'],
});

export const throughWords = ({ endName }: { readonly endName: string }) => ({
  title: `Measure through the splice before the boot, end ${endName}`,
  text: {
    firstTime:
      'With a load on the far end of the line, read through the splice: load plus loop, steady when it is moved. Only then is the boot brought over.',
    experienced: 'Load seen through the splice, steady when moved.',
  },
  why: 'Under a shrunk boot in the ground nothing is opened again: cut back is all that is left.',
  good: ['load plus loop, steady'],
  bad: ['open, short or jumping'],
});

export const bootWords = ({ endName, heated }: { readonly endName: string; readonly heated: string }) => ({
  title: `Shrink the splice boot, end ${endName}`,
  text: {
    firstTime: `Clean gel and dirt off both jackets, roughen them, warm them, and bring the boot to the middle. Heat ${heated}, so that air leaves at the ends, until adhesive shows at both. Tape over both ends. Do not bend or bury before it is cold.`,
    experienced: `Clean, roughen, ${heated}, adhesive at both ends, tape. Cold before it is moved.`,
  },
  why: 'Water that creeps along the sheath ends the line within a season.',
  caution: 'Flooding gel burns: no open flame near it, hot air from a distance. Hot parts burn.',
  good: ['adhesive all round at both ends'],
  bad: ['blister, fold or scorch', 'boot short of the jacket'],
});

export const nickAdvice =
  'Clear the chips and look again. A scratched conductor or kinked sheath: cut back to sound cable; look first how much is left.';

export const nutAdvice = 'Slide it on now, thread toward the end.';

export const noShortAdvice = 'Draw the cable out and look for chips between conductor and sheath.';

export const seizeAdvice =
  'The body turned: open both nuts, draw the cable and look at the conductor. Twisted: cut back and make the end again; the body is used again.';

export const cableTugAdvice = 'Tighten the back nut again with the body held.';

export const throughAdvice = 'Open the nuts and look at both conductors.';

export const tubeCutWords = {
  tooLong: 'It meets the stop before the mandrel is home, or buckles when the nut is turned.',
  tooShort: 'The sheath nut grips too little of it and it pulls out.',
};

export const dielectricCutWords = {
  tooLong: 'The mandrel meets it and the cable does not go home.',
  tooShort: 'A long air space lowers the match.',
};

export const conductorCutWords = {
  tooLong: 'It reaches what lies beyond the seizing nut.',
  tooShort: 'It does not show beyond the seizing nut: nobody can see that it is held.',
};

export const dielectricKindWords = ({
  good,
  material,
}: {
  readonly good: boolean;
  readonly material: string;
}) => ({
  consequence: good ? '' : `The cable is ${material}: it asks for another coring tool and another connector.`,
});

export const entryWords = {
  tooTight: 'The sheath does not enter: the connector is for a thinner trunk.',
  tight: 'The sheath enters hard: make it round first.',
  tooLoose: 'The nut does not grip this sheath.',
};

export const mandrelWords = {
  tooTight: 'The mandrel does not enter the sheath.',
  tight: 'The mandrel enters hard: look for a skin of foam.',
  tooLoose: 'The mandrel does not back the sheath: the nut crushes it.',
};

export const traitsWords = {
  because: 'the way on aluminium trunk, which takes no solder: nuts seize conductor and sheath',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a conductor not seized, twisted off by a turning body, a sheath nut that does not grip',
  short: 'chips between conductor and sheath, a bent conductor',
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  madeSeamlessAluminiumTrunk: 'It is made for seamless-aluminium trunk.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  nutHasWall: 'a nut has a wall',
  conductorLiesWithinMandrel: 'the conductor lies within the mandrel',
  stopLiesWithinBody: 'the stop lies within the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  backNutThreadForward: 'Back nut on, thread forward',
  nutsTightTheirOrder: 'Nuts tight in their order, body not turned',
  loadSeenThroughSplice: 'Load seen through the splice',
} as const;
