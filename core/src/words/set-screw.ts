/** What is said at set screws: made from names and figures alone. */

export const closeWords = {
  firstTime:
    'Tighten the two opposed screws of each plug in turn, so that the strands stay in the middle. Look that red is plus and that both breakouts are as long as planned.',
  experienced: 'Both screws in turn; red is plus.',
};

export const closeMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Tighten the plugs, end ${endName}`,
  good: ['strands in the middle', 'colour and polarity agree'],
});

export const traitsWords = {
  because: 'for posts and amplifier sockets; no iron, opens again',
};
