/** What is said at solder holes of a UHF plug: made from names and figures alone. */

export const solderHolesWords = ({
  endName,
  nickel,
  on,
}: {
  readonly endName: string;
  readonly nickel: boolean;
  readonly on: 'body and braid' | 'body, braid and nose';
}) => ({
  title: `Solder the holes, end ${endName}`,
  text: {
    firstTime: `${nickel ? 'Nickel refuses solder: file the rims of the holes bright and flux them. ' : ''}Flood a tip that is wider than the hole. Set it on the body beside the hole until solder flows on ${on}, feed the hole, and lift off. Go to the opposite hole without a long wait, then to the two between. After the last, let it cool until it can be touched.`,
    experienced: `${nickel ? 'File and flux the rims. ' : ''}Wide tip beside the hole, feed, off; opposite holes in turn, cool after the last.`,
  },
  why: 'The dielectric lies under the braid. Longer than 12 s at a hole: more tip mass, not more time.',
  good: [`filled level, concave, bright on ${on}`, 'every hole'],
  bad: [
    'ball on the body that does not wet',
    'hole bridged over a void',
    'dielectric pushing out at the tip',
  ],
});

export const afterHolesWords = {
  why: 'Too much heat lets the centre wander into the braid.',
  caution: 'The body is hot: wait.',
};

export const holesAdvice = 'Not wetted: file the rim, flux, and use more tip mass. Do not hold longer.';

export const noShortAdvice = ({ dielectricMaterial }: { readonly dielectricMaterial: string }) =>
  `The ${dielectricMaterial} has melted and the centre has wandered: cut the plug off and make the end again. Less time, more tip mass.`;

/** What is held at until it is answered. */
export const holdLabels = {
  everyHoleFilledWetted: 'Every hole filled and wetted',
} as const;
