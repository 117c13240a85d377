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
    firstTime: `${nickel ? 'Nickel refuses solder: file the rims of the holes bright and flux them. ' : ''}Tip wider than the hole, flooded, on the body beside the hole until solder flows on ${on}. Feed the hole, off, and let it cool before the next. Opposite holes in turn: a run from one hole blocks its neighbour.`,
    experienced: `${nickel ? 'File and flux the rims. ' : ''}Big tip beside the hole, feed, off, wait; opposite holes in turn.`,
  },
  why: 'The dielectric under the braid is why heat and dwell are limited: first more tip mass, then more temperature, at most 5 s a hole.',
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
  `The ${dielectricMaterial} has melted and the centre has wandered: cut the plug off and make the end again. Less dwell, more tip mass.`;

/** What is held at until it is answered. */
export const holdLabels = {
  everyHoleFilledWetted: 'Every hole filled and wetted',
} as const;
