/** What is said at the tip of a UHF plug: made from names and figures alone. */

export const tipWords = ({ endName }: { readonly endName: string }) => ({
  title: `Solder the tip, end ${endName}`,
  text: {
    firstTime:
      'Hold the plug in the vice, tip up and leaning a little. Wet the iron, heat the side of the tip, and feed solder at its mouth until it is drawn in and stands just over the rim. Keep still until it dulls.',
    experienced: 'Tip up, heat its side, feed at the mouth, still until dull.',
  },
  why: 'The tip is the centre contact: a cold one heats up in use.',
  good: ['drawn in, small dome at the mouth', 'outside of the tip clean'],
  bad: ['bead on the outside', 'dull grain', 'spike'],
});

export const trimTipWords = ({ endName }: { readonly endName: string }) => ({
  title: `Trim and check the tip, end ${endName}`,
  text: {
    firstTime:
      'When it is cool, nip the conductor flush, file the rim round without thinning the tip, and wipe solder off its outside. Try it in a socket: it goes in without force.',
    experienced: 'Nip flush, round, clean outside, try in a socket.',
  },
  why: 'A thick or sharp tip spreads the contact of every socket it meets.',
  caution: 'Glasses on: the nipped end flies.',
  good: ['flush and round', 'goes into a socket without force'],
  bad: ['solder ridge on the side', 'insulator melted or tip out of line'],
});

export const dielectricCutWords = {
  tooLong: 'It meets the stop before the cable is home, and the body will not go on as far as it should.',
  tooShort: 'Bare conductor stands in the body: braid or solder can reach it.',
};

export const conductorCutWords = {
  tooLong: 'It bends over while the body goes on; trim it.',
  tooShort: 'It does not show at the tip: nobody can see whether solder holds it.',
};

export const trimTipAdvice = 'Heat the tip, shake or wick the excess out, and feed again.';

/** What is held at until it is answered. */
export const holdLabels = {
  tipSolderedFlushClean: 'Tip soldered, flush and clean',
} as const;
