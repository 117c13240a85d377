/** What is said at solder lugs: made from names and figures alone. */

export const clampWords = ({
  clamp,
  endName,
}: {
  readonly clamp: 'half shells' | 'clamp tabs';
  readonly endName: string;
}) => ({
  title: `Close the ${clamp}, end ${endName}`,
  text: {
    firstTime: `Bend the ${clamp} round the jacket, not round the cores, one over the other, until it does not turn. ${clamp === 'clamp tabs' ? 'Pliers with smooth jaws; do not cut the jacket.' : 'Both halves together, teeth in the jacket.'}`,
    experienced: `${clamp[0]!.toUpperCase()}${clamp.slice(1)} on the jacket, snug.`,
  },
  why: 'They hold the jacket: the joints carry no pull.',
  good: ['jacket does not turn in them'],
  bad: ['closed on bare cores', 'jacket cut through'],
});

export const closeWords = {
  firstTime:
    'Slide the insulating tube forward over the lugs, then the handle over it, and screw the handle home by hand. The cable does not turn with it.',
  experienced: 'Tube over the lugs, handle home, cable does not turn.',
};

export const closeChuckWords = {
  firstTime:
    'Slide the insulating tube forward over the lugs and the chuck up to it, its jaws on the jacket and not on the cores. Screw the handle over both until it is firm. The cable does not turn with it.',
  experienced: 'Tube over the lugs, chuck on the jacket, handle firm, cable does not turn.',
};

export const traitsWords = {
  because: 'common, cheap, opens again',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a lug not wetted through, a core broken at the tabs, a sleeve that only touched',
  short: 'a strand between lugs, the insulating tube left off, tabs bent into a core',
};
