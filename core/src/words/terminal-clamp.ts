/** What is said at terminal blocks: made from names and figures alone. */

export const closeWords = {
  firstTime:
    'Offer the block up to its header, contact 1 at the mark of the header: turned over, every core is on the wrong contact. Lay the cores side by side and tie them behind the block.',
  experienced: 'Contact 1 at the mark, cores tied.',
};

export const closeMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Offer the block up, end ${endName}`,
  held: 'Block between thumb and finger, the cores hanging free.',
  cues: ['it goes on to its header by hand, all positions at once'],
  why: 'The order of contacts is that of this device, read from its profile.',
  caution: 'Mains voltage may stand beside it in a cabinet: that is for licensed hands.',
  good: ['contact 1 at the mark of the header'],
  bad: ['block turned over', 'core squeezed by the next one'],
});

export const traitsWords = {
  because: 'no tool but a screwdriver; every device has its own order',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'clamped on insulation, a core below the clamp instead of in it, a screw never tightened',
  short: 'a stray strand across to the next position',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  clampLiesWithinBlock: 'the clamp lies within the block',
} as const;
