/** What is said at joints of cores: made from names and figures alone. */

export const solderJointWords = ({
  joint,
  endName,
  wait,
  several,
  kind,
  reflow,
}: {
  readonly joint: string;
  readonly endName: string;
  readonly wait: string;
  readonly several: string;
  readonly kind: 'cup' | 'lug';
  readonly reflow: boolean;
}) => ({
  title: `Solder ${joint}, end ${endName}`,
  text: {
    firstTime: `${wait}${several}${
      kind === 'lug'
        ? 'Hook or lay the core through the lug so that it holds by itself, wet the tip, heat lug and core together and feed from the other side.'
        : reflow
          ? 'Fill the cup, heat it from the outside till it is liquid all the way down and the flux stops bubbling, and push the tinned core to the bottom.'
          : 'Seat the core in the dry cup, heat the cup from the outside and feed into its mouth till it is full and level.'
    } Keep still until it dulls.`,
    experienced: `${wait}${several}${kind === 'lug' ? 'Through, heat both, feed.' : reflow ? 'Fill, reflow, push home.' : 'Seat dry, feed to level.'} Still until dull.`,
  },
  why: 'The joint carries the signal, not the pull: the clamp does that.',
  good: [
    kind === 'cup' ? 'cup full, level and bright' : 'wetted round, smooth concave edge',
    'insulation close to it, whole',
  ],
  bad: ['ball or spike', 'dull grain: moved while it set', 'solder outside the cup or across to a neighbour'],
});

export const jointsLookWords = ({
  endName,
  names,
}: {
  readonly endName: string;
  readonly names: string;
}) => ({
  title: `Look at the joints, end ${endName}`,
  text: {
    firstTime: `Cool, then look at ${names} from both sides: filled, smooth, no strand out, each core on its own number. The number is printed beside the contact: read it, do not remember it.`,
    experienced: `${names}: right core, filled, no strand.`,
  },
  why: 'The shell hides it. Faces are mirrored between solder side and mating side.',
  good: ['each core on its number', 'every joint filled'],
  bad: ['a strand across', 'a core on its mirror image', 'cold or dry joint'],
});

export const noShortWords = ({ endName, shell }: { readonly endName: string; readonly shell: boolean }) => ({
  title: `Measure between the contacts, end ${endName}`,
  text: {
    firstTime: `Nothing connected at the other end. Ohm meter from each contact to the next${shell ? ', and from each to the shell' : ''}: open. Type the least that was read.`,
    experienced: `Neighbours${shell ? ' and shell' : ''}: open.`,
  },
  why: 'This is the last moment at which a bridge costs nothing.',
});

export const tellApartWords = ({
  endName,
  names,
}: {
  readonly endName: string;
  readonly names: string[];
}) => ({
  title: `Tell the like cores apart, end ${endName}`,
  text: {
    firstTime: `${names.join(' and ')} look alike. Meter from the finished end: find which is which and mark it before anything is joined.`,
    experienced: `${names.join(', ')}: meter and mark.`,
  },
  why: 'Two cores of one colour swapped are found only when the lead is closed.',
  good: ['each marked'],
  bad: ['guessed'],
});

export const holdWords = ({ signal }: { readonly signal: string }) => ({
  safetyReason:
    signal === 'speaker' ? 'A shorted speaker lead can burn an amplifier: it is measured, never waived.' : '',
});

export const jointsLookAdvice = 'Heat it, clear it with wick, and make this joint again; the others stay.';

export const noShortAdvice = 'Look for a strand, a bridge or a tail that touches, and make that joint again.';

export const tellApartAdvice = 'Meter them again from the finished end.';

/** What is held at until it is answered. */
export const holdLabels = {
  everyCoreContactJoints: 'Every core on its contact, joints good',
  likeCoresToldApart: 'Like cores told apart',
  shortBeforeShellClosed: 'No short before the shell is closed',
} as const;
