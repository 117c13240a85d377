/** What is said at a modular plug: made from names and figures alone. */

export const jointWords = ({ endName, order }: { readonly endName: string; readonly order: string }) => ({
  title: `Push the cores home, end ${endName}`,
  text: {
    firstTime: `Push all cores into the plug until each is seen at its front wall, and the jacket lies under the clamp. Read the order once more through the plug, tab underneath: ${order}.`,
    experienced: `All at the front wall, jacket under the clamp: ${order}.`,
  },
  why: 'Once crimped nothing can be changed.',
  good: ['every core at the front wall', 'jacket under the clamp'],
  bad: ['a core short of the wall', 'two cores swapped'],
});

export const layCoresWords = ({ endName }: { readonly endName: string }) => ({
  title: `Lay the cores in order, end ${endName}`,
});

export const layCoresTextWords = ({ order }: { readonly order: string }) => ({
  firstTime: `Untwist no more than needed, lay the cores flat in this order and cut them square together: ${order}. Do not bare them. The shield tail goes to its contact in a sleeve.`,
  experienced: `Flat, square, not bared: ${order}.`,
});

export const closeWords = {
  firstTime: 'Put the plug into the tool until it stops, and crimp in one stroke. The tool opens by itself.',
  experienced: 'One stroke, to the stop.',
};

export const closeMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Crimp the plug, end ${endName}`,
  why: 'Blades and clamp go down together, and never come up again.',
  good: ['blades all down', 'clamp on the jacket'],
  bad: ['a blade stands proud'],
});

export const traitsWords = {
  because: 'where the installation is wired for it; not for touring',
};

export const jointAdvice = 'Pull out, lay the cores anew, cut them square again.';

export const stepsAdvice = 'Cut the plug off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a core short of the front wall, a blade not down',
  short: 'a shield wire among the cores',
};

/** What is held at until it is answered. */
export const holdLabels = {
  orderRightAllCores: 'Order right, all cores home',
} as const;
