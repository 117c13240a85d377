/** What is said at a plug with a hollow tip: made from names and figures alone. */

export const insertWords = ({ endName, loose }: { readonly endName: string; readonly loose: boolean }) => ({
  title: `Push the body on, end ${endName}`,
  text: {
    firstTime: `${loose ? 'The coupling ring and the ferrule are on the cable, the thread of the ring toward the end. ' : 'The ferrule is on the cable. '}Flare the braid a little. Pass the conductor through the body and out at the tip while the stem goes under the braid, until the jacket edge is at the lip. Conductor stands 1 to 2 mm out of the tip.`,
    experienced: `${loose ? 'Coupling and ferrule on. ' : 'Ferrule on. '}Conductor out at the tip, stem under the braid, jacket at the lip.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['conductor 1 to 2 mm out of the tip', 'braid even round the stem'],
  bad: ['strand caught inside the tip', 'braid pushed up before the stem'],
});

export const traitsWords = {
  because: 'one solder joint at the tip, the shield crimped: little heat for the dielectric',
};

export const stepsAdvice = 'Melted inside: cut the plug off and make the end again.';

export const noShortAdvice = 'Pull the body off and look for a whisker or braid before the stem.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint at the tip, a broken conductor, braid not under the ferrule',
  short: 'a strand in front of the stem, dielectric melted at the tip',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  tipHasWall: 'a tip has a wall',
} as const;
