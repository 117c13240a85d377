/** What is said at a clamp connector on corrugated feeder: made from names and figures alone. */

export const jacketWords = ({
  endName,
  valleys,
}: {
  readonly endName: string;
  readonly valleys: number;
}) => ({
  title: `Bare the corrugation, end ${endName}`,
  text: {
    firstTime: `Straighten the last half metre by hand. Ring the jacket lightly, never into the copper, and pull it off so that ${valleys + 1} corrugations stand bare. Wipe flooding and dust off.`,
    experienced: `Jacket off ${valleys + 1} corrugations. Do not score the copper.`,
  },
  why: 'Every other length is counted from the jacket edge; a scored outer breaks there.',
  caution: 'Cut away from the hand; clamp the cable.',
  good: ['copper not scored', 'clean valleys'],
  bad: ['score mark in the copper'],
});

export const tubeWords = ({ endName, valleys }: { readonly endName: string; readonly valleys: number }) => ({
  title: `Set the ring and saw, end ${endName}`,
  text: {
    firstTime: `Back nut and greased O-ring are on the cable. Lay the compression ring in valley ${valleys} from the jacket, bring the nut up to it, and saw the outer on the crest before it, lightly, turning the cable, with the end hanging down so that chips fall out. Leave the inner conductor standing.`,
    experienced: `Ring in valley ${valleys}, saw the crest before it, end down, inner left standing.`,
  },
  why: 'Chips in the foam are shorts that come and go with the weather.',
  caution: 'Saw away from the hand; the cut edge is sharp. Glasses on.',
  good: ['square cut on the crest', 'no chip in the foam'],
  bad: ['ring in the wrong valley', 'outer pressed oval'],
});

export const dielectricWords = ({
  endName,
  foamBack,
}: {
  readonly endName: string;
  readonly foamBack: string;
}) => ({
  title: `Clean the foam and flare, end ${endName}`,
  text: {
    firstTime: `Cut the foam away from the inner and ${foamBack} mm from the edge of the outer. Trim the inner to its length, deburr it inside and outside. Deburr the outer, turn the flaring tool until the edge is flared evenly to its diameter, and brush every chip off.`,
    experienced: 'Foam back, trim and deburr the inner, deburr and flare the outer, brush.',
  },
  why: 'The flare is the whole contact of the outer.',
  caution: 'Edges are sharp: gloves for the hand that holds the cable.',
  good: ['even flare, no split', 'foam clear of the edge'],
  bad: ['split or one-sided flare', 'chips on the foam'],
});

export const contactWords = ({
  screwed,
  endName,
}: {
  readonly screwed: boolean;
  readonly endName: string;
}) => ({
  title: `${screwed ? 'Screw' : 'Seize'} the contact, end ${endName}`,
  text: {
    firstTime: screwed
      ? 'Screw the contact into the bore of the inner conductor until it is firm against its end. Hold the inner with its spanner: it must not turn in the foam.'
      : 'Slide the contact over the inner conductor as far as it goes; its fingers close on it when the body is tightened.',
    experienced: screwed ? 'Contact in, firm, inner held.' : 'Contact on to its stop.',
  },
  held: 'Cable straight in soft jaws, the inner conductor free in front.',
  cues: screwed
    ? ['it starts by hand', 'the inner stays still while the contact gets firm']
    : ['the fingers slide on evenly', 'a firm stop'],
  why: 'A loose contact burns at power.',
  good: ['against its stop', 'in the middle'],
  bad: [screwed ? 'inner turned in the foam' : 'short of its stop', 'askew'],
});

export const insertWords = ({ endName }: { readonly endName: string }) => ({
  title: `Bring the body on, end ${endName}`,
  text: {
    firstTime:
      'Grease the O-ring of the body thinly, none on metal faces. Push the body straight over the flare until it meets, and start the back nut by hand. It turns freely or it is crossed.',
    experienced: 'O-rings greased, body on to the flare, nut by hand.',
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['nut turns freely by hand', 'O-rings in their grooves'],
  bad: ['nut crossed', 'O-ring pinched', 'grease on the flare'],
});

export const clampWords = ({ endName }: { readonly endName: string }) => ({
  title: `Tighten the back nut, end ${endName}`,
  text: {
    firstTime:
      'Hold the body still and turn only the nut. Turning the body tears the flare and wrings the contact off the inner.',
    experienced: 'Hold the body, turn the nut.',
  },
  why: 'The clamp presses the flare on its seat.',
  caution: 'Mind the hands when a spanner slips; up a mast follow local rules and licensed practice.',
  good: ['body never turned', 'nut at its torque'],
  bad: ['body turned with the nut'],
});

export const loadTestWords = ({ endName }: { readonly endName: string }) => ({
  title: `Measure through to a load, end ${endName}`,
  text: {
    firstTime:
      'With a load on the far end, read its resistance here: load plus loop. Shake the connector: the reading stands. Only then is it sealed.',
    experienced: 'Load on the far end, read, shake.',
  },
  why: 'Once it is sealed up the mast nobody opens it again.',
  caution: 'Only a line with nothing but the load connected: never a line with a transmitter on it.',
  good: ['load plus loop, steady'],
  bad: ['jumps when shaken', 'open or short'],
});

export const nickAdvice =
  'Brush chips off and look again. A split flare or a nicked inner: saw one pitch further back and flare again.';

export const noShortAdvice = 'Take the body off: a chip lies on the foam. Brush it off.';

export const clampAdvice = ({ series }: { readonly series: string }) =>
  `The body turned: open it, look at flare and contact, and make both again. ${series} parts are used again, O-rings new.`;

export const setbackAdvice = 'Open the nut, check that contact and flare are home, and tighten again.';

export const loadTestAdvice =
  'Open the nut and look at contact and flare; test from the other end before this one is blamed.';

export const tubeCutWords = {
  tooLong: 'The flare is too wide for the seat: the body does not close.',
  tooShort: 'There is too little before the ring to flare: the clamp holds nothing.',
};

export const dielectricCutWords = {
  tooLong: 'Foam under the flare keeps metal off metal: a bad contact and a bad match.',
  tooShort: 'An air gap before the foam spoils the match.',
};

export const conductorCutWords = {
  tooLong: 'It pushes the contact out of the mating face.',
  tooShort: 'The contact holds too little of it and heats up.',
};

export const pitchWords = ({ good }: { readonly good: boolean }) => ({
  consequence: good ? '' : 'The ring is for another corrugation: it does not lie in one valley.',
});

export const conductorWords = {
  tooTight: 'The contact does not enter the inner conductor.',
  tight: 'The contact screws in hard: deburr the inner conductor.',
  tooLoose: 'The contact does not grip in the inner conductor.',
};

export const traitsWords = {
  because: 'the only way on corrugated copper: sealed, re-usable, carries the power',
};

export const oRingWords = {
  tooTight: 'The O-ring is too small for this jacket.',
  tooLoose: 'The O-ring does not close on this jacket: water gets in.',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a loose contact, a body that turned, a flare that does not seat',
  short: 'a chip on the foam, a burr of the inner conductor',
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  madeCorrugatedFeeder: 'It is made for corrugated feeder.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  leastOneCorrugationStands: 'at least one corrugation stands bare behind the ring',
  flareLiesWithinNut: 'the flare lies within the nut',
  tipLiesBeforeRing: 'the tip lies before the ring',
  nutHasWall: 'a nut has a wall',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  backNutTightBody: 'Back nut tight, body not turned',
  loadSeenSteadyWhen: 'Load seen, steady when shaken',
} as const;
