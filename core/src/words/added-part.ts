/** What is said when an added part is put in its place: made from names and figures alone. */

interface AddedWords {
  readonly doing: string;
  readonly short: string;
  readonly why: string;
  readonly good: string[];
  readonly bad: string[];
  readonly caution?: string;
}

const hot = 'Hot air burns: keep it off the connector and the hand.';

const said = {
  'relief shrink': {
    doing:
      'Slide the shrink half over the rear of the connector, half over the jacket, and shrink it from the connector outward.',
    short: 'Half on the connector, half on the jacket; shrink outward.',
    why: 'It takes the bend off the edge of the connector.',
    good: ['tight on both, no wrinkle'],
    bad: ['only on the jacket', 'jacket soft'],
    caution: hot,
  },
  'jacket seal': {
    doing:
      'Wipe connector and jacket dry. Slide the lined shrink over the rear of the connector and the jacket, and shrink it from the connector outward until a bead of adhesive shows at both edges.',
    short: 'Dry, over rear and jacket, shrink till adhesive shows at both edges.',
    why: 'Water that gets under the jacket runs along the braid for metres.',
    good: ['a bead of adhesive all round at both edges'],
    bad: ['dry edge', 'coupling stuck'],
    caution: hot,
  },
  'colour band': {
    doing: 'Slide the band to its place, square to the cable, and shrink it.',
    short: 'Square, shrink.',
    why: 'It tells this lead from its likes from across the room.',
    good: ['square, right colour'],
    bad: ['wrong end', 'askew'],
    caution: hot,
  },
  'marker ring': {
    doing: 'Slide the ring to its place. It stays by its own grip.',
    short: 'Ring to its place.',
    why: 'It tells this lead from its likes.',
    good: ['right colour at the right end'],
    bad: ['slides by itself'],
  },
  tube: {
    doing: 'Slide the tube to its place, over what it keeps from rubbing.',
    short: 'Tube to its place.',
    why: 'A jacket rubs through where the cable passes an edge.',
    good: ['covers the edge on both sides'],
    bad: ['slid away from its place'],
  },
  boot: {
    doing: 'Push the boot along the jacket, wide end first, over the rear of the connector until it stands.',
    short: 'Boot up, wide end first.',
    why: 'It takes the bend off the edge of the connector.',
    good: ['straight, against the body'],
    bad: ['left behind on the cable'],
  },
  'plug cover': {
    doing:
      'Bring the cover with its loop up to the connector, and put it on. The loop must not slip over the coupling.',
    short: 'Cover on, loop holds.',
    why: 'A plug that hangs open at sea or on a mast is dead within a season.',
    good: ['closes, stays on its loop'],
    bad: ['loop slips off'],
  },
  tie: {
    doing: 'Put the tie round the cable at its place, snug and not tight, the free end cut flush.',
    short: 'Tie snug, cut flush.',
    why: 'The coil stays with its cable.',
    good: ['turns by hand on the jacket'],
    bad: ['bites into the jacket', 'sharp end'],
  },
} satisfies Record<string, AddedWords>;

/** The same shrinks where they lie on the jacket alone. */
const onJacket: Readonly<Partial<Record<keyof typeof said, AddedWords>>> = {
  'relief shrink': {
    doing: 'Slide the shrink to its place on the jacket and shrink it from the middle outward.',
    short: 'To its place, shrink from the middle.',
    why: 'It stiffens the cable where it bends or rubs.',
    good: ['tight, no wrinkle'],
    bad: ['jacket soft'],
    caution: hot,
  },
  'jacket seal': {
    doing:
      'Wipe the jacket dry. Slide the lined shrink to its place and shrink it from the middle outward until a bead of adhesive shows at both edges.',
    short: 'Dry, to its place, shrink till adhesive shows at both edges.',
    why: 'Water that gets under the jacket runs along the braid for metres.',
    good: ['a bead of adhesive all round at both edges'],
    bad: ['dry edge'],
    caution: hot,
  },
};

export const addedWords = ({
  what,
  name,
  endName,
  overRear,
}: {
  readonly what: keyof typeof said;
  readonly name: string;
  readonly endName: string;
  readonly overRear: boolean;
}) => {
  const words: AddedWords = (overRear ? undefined : onJacket[what]) ?? said[what];
  const { doing, short, why, good, bad, caution } = words;
  return {
    title: `Put the ${name} in its place, near end ${endName}`,
    text: { firstTime: doing, experienced: short },
    why,
    good,
    bad,
    ...(caution ? { caution } : {}),
  };
};
