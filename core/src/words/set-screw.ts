/** What is said at set screws: made from names and figures alone. */

export const closeWords = {
  firstTime:
    'Tighten the two opposed screws of each plug in turn, so that the strands stay in the middle. Push the colour sleeve over each barrel and shrink it. Check that red is plus and that both breakouts are as long as planned.',
  experienced: 'Both screws in turn, sleeves shrunk, red is plus.',
};

export const closeMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Tighten the plugs, end ${endName}`,
  good: ['strands in the middle', 'screws covered', 'colour and polarity agree'],
});

export const traitsWords = {
  because: 'for posts and amplifier sockets; no iron, opens again',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a screw beside the strands, or never tightened',
  short: 'a stray strand at the rear of a plug',
};
