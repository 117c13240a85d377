/** What is said at joints of cores: made from names and figures alone. */

/** How the contacts of an end are told apart with the part in the hand. */
export type ContactMarks = 'printed numbers' | 'their places' | 'colours';

interface SolderWords {
  readonly joint: string;
  readonly endName: string;
  readonly wait: string;
  readonly several: string;
}

interface Said {
  readonly firstTime: string;
  readonly experienced: string;
}

const still = 'Keep still until it dulls.';

/** A cup: filled before, filled now, or fed with the core in it. */
const cupSaid: Readonly<Record<'filled before' | 'fill and reflow' | 'seat and feed', Said>> = {
  'filled before': {
    firstTime: `Heat the filled cup from the outside until it is liquid to its bottom. Push the core in until it stops, and take the iron away. ${still}`,
    experienced: 'Reflow, push home. Still until dull.',
  },
  'fill and reflow': {
    firstTime: `Fill the cup. Heat it from the outside until it is liquid to its bottom and the flux stops bubbling. Push the core in until it stops, and take the iron away. ${still}`,
    experienced: 'Fill, reflow, push home. Still until dull.',
  },
  'seat and feed': {
    firstTime: `Seat the core in the dry cup. Heat the cup from the outside and feed into its mouth until it is full and level. ${still}`,
    experienced: 'Seat dry, feed to level. Still until dull.',
  },
};

/** How a core comes to lie on each kind of lug. */
const onLug = {
  'lug with a hole': { lie: 'Put the core through the hole of the lug', short: 'Through the hole' },
  'flat lug': { lie: 'Lay it flat along the lug', short: 'Flat on the lug' },
  'grooved lug': { lie: 'Lay the core down in the groove', short: 'Into the groove' },
} as const;
export type LugForm = keyof typeof onLug;

interface LugJoint {
  readonly form: LugForm;
  /** Both are tinned and melted into one. */
  readonly reflow: boolean;
  /** The ends were tinned before. */
  readonly tinned: boolean;
}

const lugSaid = ({ form, reflow, tinned }: LugJoint): Said => ({
  firstTime: reflow
    ? `${tinned ? 'Tin the lug thinly; what goes on it is tinned already' : 'Tin the lug and what goes on it, both thinly'}. ${onLug[form].lie}. Touch both with a wet tip until the two tins melt into one, add a little solder, and take the iron away. ${still}`
    : `${onLug[form].lie} so that it holds by itself. Wet the tip, heat lug and core together, and feed from the other side. ${still}`,
  experienced: `${reflow ? `${tinned ? 'Tin the lug' : 'Tin both'}. ${onLug[form].short}, reflow` : `${onLug[form].short}, heat both, feed`}. Still until dull.`,
});

const solderWords = ({ joint, endName, wait, several }: SolderWords, said: Said) => ({
  title: `Solder ${joint}, end ${endName}`,
  text: {
    firstTime: `${wait}${several}${said.firstTime}`,
    experienced: `${several}${said.experienced}`,
  },
});

export const solderCupWords = (
  words: SolderWords & { readonly how: keyof typeof cupSaid; readonly pulls: string },
) => ({
  ...solderWords(words, cupSaid[words.how]),
  why: `The joint carries the signal. ${words.pulls}`,
  good: ['cup full, level and bright', 'insulation close to it, whole'],
  bad: ['ball or spike', 'dull grain: moved while it set', 'solder outside the cup or across to a neighbour'],
});

export const solderLugWords = (words: SolderWords & LugJoint & { readonly pulls: string }) => ({
  ...solderWords(words, lugSaid(words)),
  why: `The joint carries the signal. ${words.pulls}`,
  good: ['wetted right round, edge drawn in', 'insulation close to it, whole'],
  bad: ['ball or spike', 'dull grain: moved while it set', 'a lump or strand toward the next lug'],
});

export const pullsWords = {
  jacket: 'What holds the jacket takes the pull.',
} as const;

export const fillCupsWords = ({ names, endName }: { readonly names: string; readonly endName: string }) => ({
  title: `Fill the cups, end ${endName}`,
  text: {
    firstTime: `Fill ${names}, one after the other: tip on the outside of the cup, wire into its mouth, until it is level. Leave each to set before its neighbour is heated.`,
    experienced: `${names}: fill level, each to set first.`,
  },
  why: 'With all cups full one hand is free for the cores.',
  good: ['every cup level and bright'],
  bad: ['solder over a rim', 'a cup half full'],
});

const markWords: Readonly<Record<ContactMarks, string>> = {
  'printed numbers': 'The number is printed beside the contact: read it, do not trust memory.',
  'their places': 'The tip’s lug lies farthest in, the sleeve’s nearest the cable.',
  colours: 'Red is plus.',
};

/** A look at every joint of an end, by how they are made. */
const lookSaid = {
  soldered: {
    firstTime: 'Let it cool. From both sides: filled and smooth, no strand out',
    experienced: 'filled, smooth, no strand out',
    good: 'every joint filled',
    bad: ['a strand across', 'cold or dry joint'],
    advice: 'Heat that joint, clear it with wick, and make it again; the others stay.',
  },
  screwed: {
    firstTime: 'From both sides: every strand held, none beside its clamp, insulation just outside',
    experienced: 'all strands in, none beside',
    good: 'a sliver of bare copper, no more',
    bad: ['a strand beside its clamp', 'insulation held instead of copper'],
    advice:
      'Open that one fully, twist the strands together, put them in again and tighten; the others stay.',
  },
  crimped: {
    firstTime: 'Every barrel: strands at its front, insulation close behind, the mark in the middle',
    experienced: 'strands at the front, mark in the middle',
    good: 'even mark in the middle of the barrel',
    bad: ['a strand outside', 'crimped on insulation'],
    advice: 'Cut that one off with its core and strip again.',
  },
  pierced: {
    firstTime:
      'Through the plug: every core at the front wall, every blade down in it, jacket under the clamp',
    experienced: 'at the wall, blades down, jacket clamped',
    good: 'every blade down',
    bad: ['a core short of the wall', 'a blade that stands proud'],
    advice: 'Cut the plug off and make the end again.',
  },
} as const;
export type JointsMadeBy = keyof typeof lookSaid;

export const jointsLookWords = ({
  endName,
  names,
  by,
  marks,
}: {
  readonly endName: string;
  readonly names: string;
  readonly by: JointsMadeBy;
  readonly marks: ContactMarks;
}) => ({
  title: `Check the joints, end ${endName}`,
  text: {
    firstTime: `${lookSaid[by].firstTime}, each core on its own contact: ${names}. ${markWords[marks]}`,
    experienced: `${names}: right core, ${lookSaid[by].experienced}.`,
  },
  why:
    marks === 'printed numbers'
      ? 'Two cores changed over are found only when the lead is in use. The face is mirrored between its two sides.'
      : 'Two cores changed over are found only when the lead is in use.',
  good: ['each core on its own contact', lookSaid[by].good],
  bad: ['two cores changed over', ...lookSaid[by].bad],
});

export const jointsLookAdvice = (by: JointsMadeBy) => lookSaid[by].advice;

export const noShortWords = ({ endName, shell }: { readonly endName: string; readonly shell: boolean }) => ({
  title: `Measure between the contacts, end ${endName}`,
  text: {
    firstTime: `Nothing connected at the other end. Ohm meter from each contact to the next${shell ? ', and from each to the shell' : ''}: open. Type the lowest reading.`,
    experienced: `Neighbours${shell ? ' and shell' : ''}: open.`,
  },
  why: 'A short found now costs a minute; later it costs the end.',
});

export const noShortAdvice = (by: JointsMadeBy) =>
  by === 'soldered'
    ? 'Find the strand, bridge or tail that touches, and make that joint again.'
    : 'Find the strand or tail that lies across, and make that one again.';

export const tellApartWords = ({
  endName,
  names,
}: {
  readonly endName: string;
  readonly names: string[];
}) => ({
  title: `Tell the like cores apart, end ${endName}`,
  text: {
    firstTime: `${names.join(' and ')} look alike. Meter from the finished end, find which is which, and mark each before anything is joined.`,
    experienced: `${names.join(', ')}: meter and mark.`,
  },
  why: 'Two cores of one colour changed over are found only when the lead is closed.',
  good: ['each marked'],
  bad: ['guessed'],
});

export const holdWords = ({ signal }: { readonly signal: string }) => ({
  safetyReason:
    signal === 'speaker' ? 'A shorted speaker lead can burn an amplifier: it is measured, never waived.' : '',
});

export const tellApartAdvice = 'Meter them again from the finished end.';

/** What is held at until it is answered. */
export const holdLabels = {
  everyCoreContactJoints: 'Every core on its contact, joints good',
  likeCoresToldApart: 'Like cores told apart',
  shortBeforeShellClosed: 'No short before the shell is closed',
  shortBetweenContacts: 'No short between the contacts',
} as const;
