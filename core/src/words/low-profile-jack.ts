/** What is said at a low-profile jack: made from names and figures alone. */

export const solderSleeveWords = ({
  joint,
  endName,
}: {
  readonly joint: string;
  readonly endName: string;
}) => ({
  title: `Solder ${joint} flat in the recess, end ${endName}`,
  text: {
    firstTime:
      'Tin the recess of the body first. Lay the shield flat in it, spread, no thicker than the recess is deep, and heat body and shield together with the big tip until the solder runs under. Let it cool: the body is a heat sink and gives its heat back slowly.',
    experienced: 'Tin the recess, lay flat, big tip, quick, cool.',
  },
  why: 'A lump here keeps the cover from closing. A small tip heats for so long that the insulation goes soft.',
  good: ['flat, flush with the recess'],
  bad: ['lump over the rim', 'insulation swollen'],
});

export const solderCentreWords = ({
  joint,
  endName,
}: {
  readonly joint: string;
  readonly endName: string;
}) => ({
  title: `Solder ${joint} in the centre hole, end ${endName}`,
  text: {
    firstTime:
      'Let the body cool first. Put the core through the centre hole, feed a little, and trim flush. The insulation stands right up to it.',
    experienced: 'Cool, through, a little, flush.',
  },
  why: 'Bare core beside the body is a short as soon as the cover is on.',
  good: ['flush, no bare core'],
  bad: ['core stands out', 'insulation melted back'],
});

export const orientationWords = ({ endName, turn }: { readonly endName: string; readonly turn: string }) => ({
  title: `Lay the plug the right way round, end ${endName}`,
  text: {
    firstTime: `Lay the cable straight, without twist. This plug points ${turn}, seen along the cable.`,
    experienced: `Points ${turn}.`,
  },
  why: 'A short stiff lead cannot be twisted to meet its sockets.',
  good: ['as drawn on the run'],
  bad: ['cable twisted to make it so'],
});

export const closeWords = {
  firstTime:
    'Lay the insulating disc in. Put the cover on and start both screws by hand before either is tightened; then turn them in turn until they are snug.',
  experienced: 'Disc in, both screws started, then tightened in turn.',
};

export const closeMoreWords = {
  good: ['cover flat all round', 'jacket under the cover'],
  bad: ['one screw tight, the other cross-threaded'],
};

export const traitsWords = {
  because: 'flat where plugs stand side by side; no part to thread',
};

export const orientationAdvice = 'Turn the plug, not the cable.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold joint: the body takes the heat away',
  short: 'the conductive layer left on, bare core at the body, a strand under the cover',
};

/** What is held at until it is answered. */
export const holdLabels = {
  turnedAsPlanned: 'Turned as planned',
} as const;
