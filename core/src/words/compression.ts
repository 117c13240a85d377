/** What is said at a compression plug: made from names and figures alone. */

export const insertWords = ({ endName }: { readonly endName: string }) => ({
  title: `Push the plug on, end ${endName}`,
  text: {
    firstTime:
      'Push the post between foil and braid with a slight turn, until the dielectric is flush with the face of the post, seen through the nut. The foil stays on the dielectric: nothing of it is pushed back.',
    experienced: 'Post under the braid, dielectric flush with its face.',
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['dielectric flush, white and round in the post', 'conductor about 3 mm proud of the nut'],
  bad: ['dielectric standing back or forward', 'foil rucked up', 'braid wire forward'],
});

export const flushLookWords = ({ endName }: { readonly endName: string }) => ({
  title: `Check inside the nut, end ${endName}`,
  text: {
    firstTime: 'The dielectric is level with the post, no wire or foil at the conductor, conductor straight.',
    experienced: 'Flush, clean, straight.',
  },
  why: 'After the compression the cable cannot be moved in the plug.',
  good: ['flush'],
  bad: ['gap or hump'],
});

export const compressWords = ({ endName }: { readonly endName: string }) => ({
  title: `Compress, end ${endName}`,
  text: {
    firstTime:
      'Set the plug straight in the compression tool, conductor in its slot, and close the tool to its stop, once.',
    experienced: 'Straight in the tool, once, to the stop.',
  },
  why: 'The sleeve closes on jacket and braid all round: it holds and seals.',
  good: ['sleeve closed evenly to its ring'],
  bad: ['closed askew', 'conductor bent'],
});

export const braidCutWords = {
  tooLong: 'Braid shows behind the body and lets water in.',
  tooShort: 'Too little braid is pressed between post and body.',
};

export const foilCutWords = {
  tooLong: 'A tongue of foil reaches the conductor.',
  tooShort: 'The foil is pushed back by the post: a gap in the shield.',
};

export const dielectricCutWords = {
  tooLong: 'It stands before the post: the plug does not screw home.',
  tooShort: 'It stands back in the post: water collects and the match suffers.',
};

export const conductorCutWords = {
  tooLong: 'It pushes through the contact of the socket.',
  tooShort: 'It does not reach the contact of the socket.',
};

export const traitsWords = {
  because: 'quick and weather-tight on 75-ohm drop cable',
};

export const entryWords = {
  tooTight: 'The cable does not enter the sleeve: the plug is for a thinner one, or thin the braid.',
  tight: 'The cable enters hard: a turn while pushing.',
  tooLoose: 'The sleeve does not close on this jacket.',
};

export const postWords = ({ overFoil }: { readonly overFoil: number }) => ({
  tooTight: 'The post splits the jacket.',
  tight: 'The post stretches the jacket hard.',
  tooLoose: `The post lies loose: foil over dielectric is ${(overFoil * 1e3).toFixed(2)} mm.`,
});

export const flushLookAdvice = 'Pull the plug off, strip again, and push further or trim.';

export const noShortAdvice = 'Pull the plug off and look for a wire at the conductor.';

export const cableTugAdvice = 'Cut the plug off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a conductor too short for the socket, foil pushed back, braid not under the post',
  short: 'a wire or a tongue of foil at the conductor',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  postHasWall: 'a post has a wall',
  braidJacketLieBetween: 'braid and jacket lie between post and sleeve',
  nutStandsBeforePost: 'the nut stands before the post',
  postLiesWithinBody: 'the post lies within the body',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  dielectricFlushPost: 'Dielectric flush with the post',
} as const;
