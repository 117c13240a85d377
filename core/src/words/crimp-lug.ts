/** What is said at crimped lugs: made from names and figures alone. */

export const jointWords = ({
  joint,
  endName,
  coreCount,
  tug,
  sleeved,
}: {
  readonly joint: string;
  readonly endName: string;
  readonly coreCount: number;
  readonly tug: string;
  /** A colour sleeve goes on the core before it is crimped. */
  readonly sleeved: boolean;
}) => ({
  title: `Crimp ${joint}, end ${endName}`,
  text: {
    firstTime: `${sleeved ? 'Its colour sleeve on the core first. ' : ''}${coreCount > 1 ? `Twist ${coreCount} cores into one. ` : ''}All strands into the barrel until they show at its front, insulation close behind. Crimp once, in the middle. Tug, about ${tug}.`,
    experienced: `${sleeved ? 'Sleeve on. ' : ''}All strands, crimp once, tug about ${tug}.`,
  },
  why: 'A crimp on a few strands holds and still burns.',
  good: ['strands seen at the front', 'insulation close behind the barrel'],
  bad: ['crimped on insulation', 'strands outside', 'crimped twice'],
});

export const clampsTugWords = ({ endName }: { readonly endName: string }) => ({
  title: `Look at the crimps, end ${endName}`,
  text: { firstTime: 'Look at both barrels and tug both once more.', experienced: 'Look, tug.' },
  why: 'A missed crimp holds until somebody moves it.',
  good: ['even mark in the middle of the barrel'],
  bad: ['a core comes out'],
});

export const closeWords = ({ lug }: { readonly lug: 'spade' | 'ferrule' }) => ({
  firstTime:
    lug === 'ferrule'
      ? 'Slide the collars up to the insulation, red on plus. Nothing but the sleeve stays bare; under a clamp it is never tinned.'
      : 'Shrink the colour sleeve over each barrel, red on plus. Nothing but the fork stays bare.',
  experienced: 'Sleeves on, red on plus.',
});

export const closeMoreWords = ({
  endName,
  lug,
}: {
  readonly endName: string;
  readonly lug: 'spade' | 'ferrule';
}) => ({
  title: `Cover the barrels, end ${endName}`,
  caution: 'Hot air burns: keep the gun moving.',
  good: [lug === 'ferrule' ? 'only the sleeve is bare' : 'only the fork is bare'],
});

export const traitsWords = {
  because: 'for screw terminals; a ferrule keeps strands together under any clamp',
};

export const clampsTugAdvice = ({ lug }: { readonly lug: 'spade' | 'ferrule' }) =>
  `Cut the ${lug} off with its core and strip again. The ${lug} is scrap.`;

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'crimped on insulation or on a few strands',
  short: 'barrels that touch, sleeves left off',
};

/** What is held at until it is answered. */
export const holdLabels = {
  crimpsHold: 'Crimps hold',
} as const;
