import { formatMillimetres } from '../quantity/length.ts';

/** What is said at a contact of its own and a crimped ferrule: made from names and figures alone. */

export const crimpContactWords = ({
  endName,
  conductorStrands,
  hole,
  against,
}: {
  readonly endName: string;
  readonly conductorStrands: number;
  readonly hole: { value: number; state: 'assumed' | 'measured' } | undefined;
  readonly against: string;
}) => ({
  title: `Crimp the contact, end ${endName}`,
  text: {
    firstTime: `Push the centre contact on until its flange sits against ${against}. ${conductorStrands > 1 ? 'All strands inside: twist them tight first. ' : ''}${hole ? `Conductor shows in the inspection hole, ${formatMillimetres(hole.value)} mm from its rear. ` : ''}Crimp once, in the middle of the barrel.`,
    experienced: `Flange on ${against}, ${hole ? 'conductor in the hole, ' : ''}crimp once.`,
  },
  why: 'The contact carries the whole current and is hidden afterwards.',
  good: ['conductor seen in the hole', 'no gap behind the flange', 'contact straight'],
  bad: ['gap over 0.1 mm', 'strand outside', 'crimped twice'],
});

export const contactTugWords = ({ endName, tug }: { readonly endName: string; readonly tug: string }) => ({
  title: `Tug the contact, end ${endName}`,
  text: {
    firstTime: `Hold the cable and pull the contact straight, about ${tug}. It must not move on the conductor.`,
    experienced: `About ${tug}, straight.`,
  },
  why: 'Once it is in the body a loose contact cannot be reached.',
  good: ['does not move'],
  bad: ['turns or slides'],
});

export const contactWords = ({
  endName,
  fixing,
  through,
  against,
}: {
  readonly endName: string;
  readonly fixing: string;
  readonly through: boolean;
  readonly against: string;
}) => ({
  title: `Solder the contact, end ${endName}`,
  text: {
    firstTime: `${fixing} Tin the conductor thinly, no thicker than bare. Hold the cable upright in the vice, push the contact on until its flange sits against ${against}, wet the tip. Heat the contact itself and feed the solder ${through ? 'through its hole' : 'as a bead round its edge'}. Keep still until it dulls.`,
    experienced: `Tin thinly, flange on ${against}, ${through ? 'through the hole' : 'bead at the edge'}, still until dull.`,
  },
  why: 'The contact carries the whole current and is hidden afterwards.',
  good: ['drawn in, smooth concave edge', 'no gap behind the flange', 'nothing on the outside'],
  bad: ['bead or spike outside', 'dull grain: moved while it set', 'dielectric swollen'],
});

export const contactLookWords = ({
  endName,
  against,
}: {
  readonly endName: string;
  readonly against: string;
}) => ({
  title: `Check the contact, end ${endName}`,
  text: {
    firstTime: `Let it cool. Pull lightly and clean the flux off. Flange against ${against}, dielectric round and not swollen, no solder outside.`,
    experienced: 'Light pull, clean, look.',
  },
  why: 'Melted dielectric lets the contact wander off its centre.',
  good: ['contact straight and clean'],
  bad: ['dielectric melted or swollen', 'solder joint cracked'],
});

export const insertWords = ({ endName }: { readonly endName: string }) => ({
  title: `Seat the contact in the body, end ${endName}`,
  text: {
    firstTime:
      'Flare the braid a little. Push the body on so that its stem goes under the braid and over the dielectric, straight, until the contact seats. Braid lies evenly round the stem.',
    experienced: 'Stem under the braid, push till it seats.',
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['contact seats with a click or a firm stop', 'braid even round the stem'],
  bad: ['braid pushed up in front of the stem', 'contact pushed back'],
});

const crimpSaid = {
  'bell at the cable end': {
    firstTime:
      'Set the die hard against the body and leave a small bell at the cable end: no sharp edge on the braid.',
    experienced: 'bell at the cable end',
    good: ['bell at the cable end'],
  },
  'over its whole length': { firstTime: 'Crimp its whole length.', experienced: 'whole length', good: [] },
  'a small gap at both ends': {
    firstTime: 'Set the die in its middle and leave about 1 mm uncrimped at both ends.',
    experienced: '1 mm free at both ends',
    good: ['both ends left round'],
  },
} as const;

export const ferruleWords = ({
  endName,
  school,
}: {
  readonly endName: string;
  readonly school: keyof typeof crimpSaid;
}) => ({
  title: `Crimp the ferrule, end ${endName}`,
  text: {
    firstTime: `Lay the braid flat on the stem. Slide the ferrule over it until it stands against the body. ${crimpSaid[school].firstTime} Crimp once.`,
    experienced: `Against the body, crimp once, ${crimpSaid[school].experienced}.`,
  },
  why: 'The ferrule holds the braid electrically and the cable mechanically.',
  good: ['ferrule against the body', 'even hexagon', ...crimpSaid[school].good],
  bad: ['gap between ferrule and body', 'braid wires outside', 'crimped twice'],
});

export const trimBraidWords = ({ endName }: { readonly endName: string }) => ({
  title: `Trim what shows of the braid, end ${endName}`,
  text: {
    firstTime:
      'Braid that was left long stands out between ferrule and body. Trim it flush with the tip of a blade, all round, and brush the wires off.',
    experienced: 'Flush at the ferrule, brush off.',
  },
  why: 'A wire that stands out pricks the hand and lies in the thread.',
  caution: 'Glasses on: trimmed wires fly.',
  good: ['nothing stands out'],
  bad: ['a wire toward the coupling'],
});

export const setbackAdvice = 'Pull the body off, look at the strip, and seat it again.';

export const noShortAdvice = 'Pull the body off and look for a whisker or braid in front of the stem.';

export const fixedSetbackAdvice =
  'It cannot be moved any more: cut the connector off and make the end again.';

export const ferruleReworkAdvice =
  'The die is not exact: crimp once more, turned by a flat, and note it. Not a third time.';

export const ferruleReworkAdvice2 =
  'Cut the connector off and make the end again. Never crimp a ferrule twice.';

export const contactTugAdvice =
  'Cut the contact off with its conductor and strip again. The contact is scrap.';

export const contactLookAdvice =
  'Excess: wick or scrape it off and look again. Melted dielectric: cut back and strip again; the contact can be unsoldered and used.';

export const foilCutWords = {
  tooLong: 'It can touch the contact: a dead short.',
  tooShort: 'The foil ends inside the stem and the shield has a gap there.',
};

export const dielectricCutWords = {
  tooLong: 'The contact will stand too far forward and strain the mating contact.',
  tooShort: 'The contact will stand back, and a gap behind its flange spoils the match.',
};

export const conductorCutWords = ({ hasHole }: { readonly hasHole: boolean }) => ({
  tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
  tooShort: hasHole
    ? 'It does not reach past the inspection hole: too little of it is held.'
    : 'Too little of it stands in the contact to be held.',
});

export const traitsWords = {
  because: 'quick, spares the dielectric, the same every time',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a contact not crimped or soldered through, a broken conductor, braid not under the ferrule',
  short: 'a whisker or braid in front of the stem, crushed dielectric',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  holeLiesWithinBore: 'the hole lies within the bore',
  contactHasWall: 'a contact has a wall',
  contactPassesThroughStem: 'the contact passes through the stem',
  contactShorterThanBody: 'the contact is shorter than the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  contactCrimpedTugged: 'Contact crimped and tugged',
  contactSolderedDielectricWhole: 'Contact soldered, dielectric whole',
} as const;
