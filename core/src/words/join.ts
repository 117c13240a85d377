/** What is said at joining a coaxial end: made from names and figures alone. */

export const noShortWords = ({ endName }: { readonly endName: string }) => ({
  title: `Measure centre to body, end ${endName}`,
  text: {
    firstTime:
      'Nothing connected at the other end. Ohm meter from the contact to the body: open, and open still while you move the cable.',
    experienced: 'Contact to body: open, also when moved.',
  },
});

export const setbackWords = ({ first, endName }: { readonly first: boolean; readonly endName: string }) => ({
  title: first
    ? `Measure where the contact stands, end ${endName}`
    : `Measure the contact again, end ${endName}`,
  text: {
    firstTime: first
      ? 'With the depth gauge on the mating face, read how far the contact stands before (+) or behind (-) its place.'
      : 'Depth gauge as before: fixing the body can push the contact.',
    experienced: first ? 'Depth gauge: before +, behind -.' : 'Depth gauge again.',
  },
  why: first
    ? 'A contact too far forward strains the mating one; too far back it does not meet it.'
    : 'This is the setback that the mating connector meets.',
});

const heightSaid = {
  'by look': {
    firstTime:
      'Hold the mating face level with the eye, a straight edge across it. The contact is straight, in the middle, and level with what a good one of its kind shows.',
    experienced: 'Straight edge across the face: straight, middle, level.',
  },
  'by a mating trial': {
    firstTime:
      'Mate it by hand with a part that you can spare. It goes together without force, to its stop, and the meter shows the contact through.',
    experienced: 'Mate with a spare part: no force, contact through.',
  },
} as const;

/** Where no depth gauge is used. */
export const heightLookWords = ({
  first,
  endName,
  by,
}: {
  readonly first: boolean;
  readonly endName: string;
  readonly by: keyof typeof heightSaid;
}) => ({
  title: `${first ? 'Check where the contact stands' : 'Check the contact again'}, end ${endName}`,
  text: { firstTime: heightSaid[by].firstTime, experienced: heightSaid[by].experienced },
  why: 'Too far forward it strains the mating contact; too far back it does not meet it. Without a gauge only what is plainly out is found.',
  good: ['straight and in the middle', 'level with its likes'],
  bad: ['leaning', 'plainly proud or sunk'],
});

export const cableTugWords = ({
  endName,
  pull,
  held,
}: {
  readonly endName: string;
  readonly pull: string;
  readonly held: string;
}) => ({
  title: `Tug the cable, end ${endName}`,
  text: {
    firstTime: `Hold the body and pull the cable straight, about ${pull}. Nothing moves.`,
    experienced: `About ${pull}, straight.`,
  },
  why: 'What is not held shows now, not in use.',
  good: ['nothing moves'],
  bad: [`jacket or shield slides in the ${held}`],
});

export const dryFitWords = ({ endName }: { readonly endName: string }) => ({
  title: `Dry-fit the body, end ${endName}`,
  text: {
    firstTime:
      'Slip the body over the contact. It goes on by its own weight, to its stop. If it sticks, scrape the solder off the outside of the contact, and brush the scrapings away from the dielectric.',
    experienced: 'Body on by its own weight; scrape, brush, again.',
  },
  why: 'Solder on the outside keeps the contact from entering the body, or pushes its insulator out.',
  good: ['slides on without force', 'nothing scraped lies across to the shield'],
  bad: ['contact jams in the body', 'bead or spike on the contact'],
});

export const holdWords = {
  safetyReason:
    'A shorted lead can burn whoever or whatever stands at a transmitter or a fed port. It is measured, never waived.',
};

export const afterHeatWords = {
  why: 'A dielectric that went soft lets the conductor wander into the shield.',
  caution: 'The body stays hot for minutes: let it cool, then measure.',
};

export const dryFitAdvice = 'Wick or scrape the excess off the contact.';

/** What is held at until it is answered. */
export const holdLabels = {
  contactPassesBody: 'Contact passes the body',
} as const;
