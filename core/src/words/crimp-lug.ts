/** What is said at crimped lugs: made from names and figures alone. */

export type CrimpedLug = 'spade' | 'ferrule';

const intoLug = {
  spade: {
    first: 'Push all strands into the barrel until they show at its front, insulation close behind.',
    short: 'All strands to the front',
    good: 'insulation close behind the barrel',
  },
  ferrule: {
    first:
      'Push all strands into the sleeve until they are level with its front and the collar is over the insulation.',
    short: 'Strands level with the front, collar over the insulation',
    good: 'collar over the insulation',
  },
} as const;

export const jointWords = ({
  joint,
  endName,
  coreCount,
  tug,
  lug,
}: {
  readonly joint: string;
  readonly endName: string;
  readonly coreCount: number;
  readonly tug: string;
  readonly lug: CrimpedLug;
}) => {
  const { first, short, good } = intoLug[lug];
  const sleeved = lug === 'spade';
  return {
    title: `Crimp ${joint}, end ${endName}`,
    text: {
      firstTime: `${sleeved ? 'Put its colour sleeve on the core first. ' : ''}${coreCount > 1 ? `Twist ${coreCount} cores into one. ` : ''}${first} Crimp once${sleeved ? ', in the middle' : ''}. Pull it straight, about ${tug}.`,
      experienced: `${sleeved ? 'Sleeve on. ' : ''}${short}, crimp once, pull about ${tug}.`,
    },
    why: 'A crimp on a few strands holds and still burns.',
    good: ['strands seen at the front', good],
    bad: ['crimped on insulation', 'strands outside', 'crimped twice'],
  };
};

export const clampsTugWords = ({ endName, lug }: { readonly endName: string; readonly lug: CrimpedLug }) => ({
  title: `Pull the ${lug}s, end ${endName}`,
  text: {
    firstTime: `Pull each ${lug} once more, straight. Nothing moves, and the mark of the die is even.`,
    experienced: 'Pull each, mark even.',
  },
  why: 'A missed crimp holds until somebody moves it.',
  good: ['even mark of the die'],
  bad: ['a core comes out'],
});

export const closeWords = ({ lug }: { readonly lug: CrimpedLug }) =>
  lug === 'ferrule'
    ? {
        firstTime:
          'Lay the pair straight and put a cap over each sleeve until it is clamped at its place. Red is on plus. Never tin a ferrule.',
        experienced: 'A cap on each, red is plus, no tin.',
      }
    : {
        firstTime:
          'Shrink the colour sleeve over each barrel. Red is on plus. Nothing but the fork stays bare.',
        experienced: 'Sleeves shrunk, red is plus.',
      };

export const closeMoreWords = ({ endName, lug }: { readonly endName: string; readonly lug: CrimpedLug }) =>
  lug === 'ferrule'
    ? {
        title: `Cap the ferrules, end ${endName}`,
        held: 'Pair laid straight on the bench.',
        cues: [],
        why: 'Two bare sleeves that touch are a short as soon as the far end is connected.',
        good: ['every strand inside', 'red is plus'],
        bad: ['two bare sleeves that can touch', 'red on minus'],
      }
    : {
        title: `Cover the barrels, end ${endName}`,
        work: 'shrink' as const,
        why: 'A bare barrel finds its neighbour.',
        caution: 'Hot air burns: keep the gun moving.',
        good: ['only the fork is bare', 'colour and polarity agree'],
        bad: ['barrel bare', 'red on minus'],
      };

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
