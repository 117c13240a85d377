/** What is said at solder lugs: made from names and figures alone. */

const holderSaid = {
  'clamp tabs': {
    firstTime:
      'Bend one tab down on the jacket, then the other over it, until the jacket no longer turns. Pliers with smooth jaws; the tabs go on jacket, never on cores.',
    experienced: 'Tabs on the jacket, one over the other, snug.',
    bad: ['closed on bare cores', 'jacket cut through'],
  },
  'half shells': {
    firstTime:
      'Lay the jacket in the lower shell, its edge past the teeth. Close the upper one on it and press both together along their whole length.',
    experienced: 'Jacket in, shells closed along their whole length.',
    bad: ['closed on bare cores', 'halves gape at one end'],
  },
} as const;

export const clampWords = ({
  clamp,
  endName,
}: {
  readonly clamp: keyof typeof holderSaid;
  readonly endName: string;
}) => ({
  title: `Close the ${clamp}, end ${endName}`,
  text: { firstTime: holderSaid[clamp].firstTime, experienced: holderSaid[clamp].experienced },
  why: 'They hold the jacket: the joints carry no pull.',
  good: ['jacket does not turn in them'],
  bad: [...holderSaid[clamp].bad],
});

export const closeWords = {
  firstTime:
    'Slide the insulating tube forward over the lugs, then the handle over it, and screw the handle home by hand. The cable does not turn with it.',
  experienced: 'Tube over the lugs, handle home, cable does not turn.',
};

export const handleHeldWords = {
  held: 'Plug by its body in one hand, the handle turned with the other; the cable does not turn.',
  cues: ['the handle starts by hand and runs freely', 'it gets firm evenly'],
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
