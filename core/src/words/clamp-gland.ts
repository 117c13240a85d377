import { formatMillimetres } from '../quantity/length.ts';

/** What is said at a clamp and gland connector: made from names and figures alone. */

export const fanWords = ({
  braids,
  endName,
  them,
  hasFoil,
  coneRim,
}: {
  readonly braids: string;
  readonly endName: string;
  readonly them: string;
  readonly hasFoil: boolean;
  readonly coneRim: number;
}) => ({
  title: `Fan ${braids} over the clamp, end ${endName}`,
  text: {
    firstTime: `Slide the braid clamp over ${braids} against the jacket edge, cone forward. Comb ${braids} out, fan ${them} back over the cone evenly all round, and trim ${them} just inside its rim.${hasFoil ? ' Foil is trimmed at the front of the clamp.' : ''}`,
    experienced: `Clamp on, cone forward; comb, fan, trim inside the rim.`,
  },
  why: 'The whole shield current passes where braid is pressed between cone and body.',
  caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
  good: ['even all round, cone hidden', `ends inside the rim of ${formatMillimetres(coneRim)} mm`],
  bad: ['a bare flank of the cone', 'a wire past the rim or forward of the cone'],
});

export const sleeveWords = ({
  braids,
  endName,
  them,
  hasFoil,
}: {
  readonly braids: string;
  readonly endName: string;
  readonly them: string;
  readonly hasFoil: boolean;
}) => ({
  title: `Lay ${braids} over the sleeve, end ${endName}`,
  text: {
    firstTime: `Comb ${braids} out a little. Slide the clamp sleeve, narrow end first, under ${them} and over the dielectric${hasFoil ? ' and its foil' : ''} until its rear meets the jacket edge. Lay ${braids} down over it evenly all round, no gap and no heap, and trim ${them} at the rim of the sleeve.${hasFoil ? ' Foil is trimmed at the front of the sleeve.' : ''}`,
    experienced: 'Sleeve under the braid to the jacket edge; lay it over, trim at the rim.',
  },
  why: 'The whole shield current passes where braid is pressed between sleeve and body.',
  caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
  good: ['sleeve hidden all round', 'ends at the rim, none beyond it'],
  bad: ['sleeve over the braid', 'a wire past the rim'],
});

export const braidWasherWords = ({ hole }: { readonly hole: string }) =>
  ` The washer with the smaller hole (${hole}) goes over the braid to the jacket edge first.`;

export const spacerWords = ({ endName }: { readonly endName: string }) => ({
  title: `Put the insulator on the conductor, end ${endName}`,
  text: {
    firstTime:
      'Slide the insulator on the conductor until it sits against the dielectric with no gap. The contact follows it in the next step.',
    experienced: 'Insulator on, against the dielectric.',
  },
  held: 'Cable in soft jaws, end up, the conductor free.',
  cues: ['it slides on by hand', 'no light between it and the dielectric'],
  why: 'Without it the contact stands back by its thickness, and nothing keeps it off the body.',
  good: ['flat against the dielectric'],
  bad: ['insulator left in the bag', 'a strand behind it'],
});

export const sleeveBraidWords = {
  tooLong: 'A wire stands past the rim and reaches the contact: a dead short.',
  tooShort: 'Too little braid is pressed between sleeve and body.',
};

export const insertWords = ({
  endName,
  bores,
  hasWasher,
  loose,
}: {
  readonly endName: string;
  readonly bores: string[];
  readonly hasWasher: boolean;
  readonly loose: boolean;
}) => ({
  title: `Seat the cable in the body, end ${endName}`,
  text: {
    firstTime: `On the cable, from the end: gasket, ${hasWasher ? 'washer, ' : ''}nut${loose ? ', coupling ring' : ''}${hasWasher ? `; gasket and washer are told apart by their holes (${bores.join(', ')})` : ''}; the groove of the gasket toward the clamp. Push clamp and contact into the body until the contact seats, bring ${hasWasher ? 'gasket and washer' : 'the gasket'} up, and start the nut by hand. It turns freely for three turns or it is crossed.`,
    experienced: `Gasket groove to the clamp, ${hasWasher ? 'washer, ' : ''}nut. Push home, start the nut by hand three turns.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['contact seated', 'nut turns freely by hand'],
  bad: ['nut crossed', hasWasher ? 'washer behind the nut, gasket inside out' : 'gasket inside out'],
});

/** The ribbed cap is fitted, is wanted and not in the bag, or nothing is said of it. */
export type CapWords = 'fitted' | 'wanted' | 'none';

const capSaid: Readonly<Record<CapWords, readonly [long: string, short: string]>> = {
  fitted: [' It is the ribbed, heat-shedding nut.', ' The ribbed, heat-shedding nut.'],
  wanted: [
    ' At this power a ribbed, heat-shedding nut belongs here, where the series has one; this bag had only the plain one.',
    ' Heat-shedding nut wanted at this power.',
  ],
  none: ['', ''],
};

export const glandWords = ({ endName, cap }: { readonly endName: string; readonly cap: CapWords }) => ({
  title: `Tighten the gland, end ${endName}`,
  text: {
    firstTime: `Two spanners: one holds the body still, the other turns the nut. Turning the body instead twists the braid off the cone and the contact off its seat. Tighten until the gasket closes on the jacket.${capSaid[cap][0]}`,
    experienced: `Hold the body, turn the nut.${capSaid[cap][1]}`,
  },
  why: 'The gland holds the shield, the cable and the weather.',
  good: ['gasket closed on the jacket', 'body never turned'],
  bad: ['body turned with the nut', 'gasket squeezed out behind'],
});

export const setbackAdvice = 'Take it out, look at the strip, and seat it again.';

export const noShortAdvice = 'Take it out and look for a wire forward of the cone.';

export const glandAdvice = ({ series }: { readonly series: string }) =>
  `The body turned: open the gland, unsolder the contact, and make the strip again. ${series} body, nut and clamp are used again.`;

export const cableTugAdvice =
  'Tighten again with the body held; if it still slips, the gasket is for another cable.';

export const fixedSetbackAdvice =
  'Open the gland, unsolder the contact, and strip again: every part is used again.';

export const braidCutWords = {
  tooLong: 'It passes the rim, and the gland nut shears it or the gasket does not seal.',
  tooShort: 'Too little braid is pressed between cone and body.',
};

export const foilEndWords = {
  tooLong: 'It can touch the contact: a dead short.',
  tooShort: 'The foil ends inside the clamp and the shield has a gap there.',
};

export const dielectricCutWords = {
  tooLong: 'The contact will stand too far forward and strain the mating contact.',
  tooShort: 'The contact will stand back, and a gap behind its flange spoils the match.',
};

export const conductorCutWords = {
  tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
  tooShort: 'Too little of it stands in the contact to be soldered.',
};

export const traitsWords = {
  because: 'no die, re-usable, seals on the jacket: the one to repair in the field',
};

export const gasketWords = {
  tooTight: 'The gasket does not go on the jacket.',
  tight: 'The gasket goes on hard: a little grease.',
  tooLoose: 'The gasket does not close on this jacket: it neither holds nor seals.',
};

export const sleeveFitWords = {
  tooTight: 'The sleeve does not go over the dielectric.',
  tight: 'The sleeve goes on with a twist: do not push the foil up.',
  tooLoose: 'The sleeve sits loose and off centre on the dielectric.',
};

export const clampWords = {
  tooTight: 'The clamp does not go over the braid.',
  tight: 'The clamp goes over the braid with a twist.',
  tooLoose: 'The clamp sits loose and off centre.',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint at the contact, a body that turned, braid not between cone and body',
  short: 'a wire forward of the cone, dielectric melted at the contact',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  clampPartStack: 'the clamp is part of the stack',
  coneOpensTowardRim: 'a cone opens toward its rim',
  tipLiesBeforeStack: 'the tip lies before the stack',
  flangeSitsBehindSeat: 'the flange sits behind the seat',
  contactHasWall: 'a contact has a wall',
  contactShorterThanBody: 'the contact is shorter than the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  glandTightBodyNot: 'Gland tight, body not turned',
} as const;
