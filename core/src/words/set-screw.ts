/** What is said at set screws: made from names and figures alone. */

export const closeWords = {
  firstTime:
    'Push each colour sleeve over its barrel and both screws, and shrink it. Red is on plus, and both cores come out as long as planned.',
  experienced: 'Sleeves over the screws, shrunk; red is plus.',
};

export const closeMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Cover the barrels, end ${endName}`,
  why: 'A bare barrel finds its neighbour, and a bare screw works loose unseen.',
  good: ['screws covered', 'colour and polarity agree'],
  bad: ['a screw left bare', 'red on minus'],
  caution: 'Hot air burns: keep the gun moving.',
});

export const traitsWords = {
  because: 'for posts and amplifier sockets; no iron, opens again',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a screw beside the strands, or never tightened',
  short: 'a stray strand at the rear of a plug',
};
