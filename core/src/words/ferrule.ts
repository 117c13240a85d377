/** What is said at the strip under a crimped ferrule: made from names and figures alone. */

export const innerFerruleWords = ({
  endName,
  hasFoil,
}: {
  readonly endName: string;
  readonly hasFoil: boolean;
}) => ({
  title: `Slide the inner ferrule under the braid, end ${endName}`,
  text: {
    firstTime: `Open the braid like a funnel. Slide the inner ferrule over the dielectric${hasFoil ? ' and its foil' : ''}, thin edge first, with a slight twist, under the braid until its rear meets the jacket edge. Lay the braid back over it, every wire.`,
    experienced: `Inner ferrule under the braid to the jacket edge, braid over it.`,
  },
  held: 'Cable in soft jaws, end up: one hand spreads the braid, the other turns the ferrule.',
  why: 'The outer ferrule presses the braid on to it; without it the crimp crushes the dielectric.',
  good: ['rear edge at the jacket', 'braid all round it'],
  bad: [hasFoil ? 'foil pushed back' : 'dielectric scored', 'a wire under it'],
});

export const bootWords = ({ endName }: { readonly endName: string }) => ({
  title: `Push the boot up, end ${endName}`,
  text: {
    firstTime:
      'Slide the boot along the jacket and over the ferrule, wide end first, until it stands against the body. Twist it a little as it goes; a wet finger helps, no oil.',
    experienced: 'Boot over the ferrule, against the body.',
  },
  why: 'It takes the bend off the edge of the ferrule.',
  good: ['against the body, straight'],
  bad: ['boot left behind on the cable', 'ferrule showing'],
});

export const braidToTrimWords = {
  tooLong: 'It reaches under the coupling before it is trimmed.',
  tooShort: 'Not all of the stem is covered.',
};

export const braidToCoverWords = {
  tooLong: 'It will stand against the shoulder and the ferrule will not close.',
  tooShort: 'Too little braid lies under the ferrule for the crimp to hold it.',
};

/** Why a kind of cable is refused. */
export const refusalWords = {
  outerConductorTubeThere: 'Its outer conductor is a tube: there is no braid to hold.',
  audioCableConductiveLayer: 'It is an audio cable with a conductive layer: it takes audio ends.',
  hasBraidHold: 'It has no braid to hold.',
} as const;

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  stopLiesFurtherThan: 'the stop lies further in than the shoulder',
  stemHasWall: 'a stem has a wall',
  ferruleGoesOverStem: 'the ferrule goes over the stem',
  tipLiesBeforeStop: 'the tip lies before the stop',
} as const;
