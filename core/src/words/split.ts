import { formatMetres } from '../quantity/length.ts';

/** What is said at a split: made from names and figures alone. */

export const splitStripWords = () => ({
  title: 'Strip trunk and legs at the split',
  text: {
    firstTime:
      'Take the jackets back, gather the shields, and cut the cores in steps, each joint a sleeve behind the last, so that no two lie side by side. Legs of equal length are cut together.',
    experienced: 'Jackets back, shields gathered, cores staggered; equal legs together.',
  },
  why: 'Joints side by side make a lump, and one strand between them is a short that nobody finds.',
  caution: 'Cut away from the hand. Glasses on: trimmed ends fly.',
  good: ['joints will lie one behind the other'],
  bad: ['cores all of one length'],
});

export const joinCoresWords = ({
  words,
  innerShrink,
}: {
  readonly words: string[];
  readonly innerShrink: 'clear' | 'coloured';
}) => ({
  title: 'Join the conductors at the split',
  text: {
    firstTime: `A clear sleeve on every core first. Join ${words.join('; ')}: lay the ends along each other, solder, and shrink the sleeve when it has cooled.`,
    experienced: `Sleeves on, then ${words.join('; ')}.`,
  },
  why: 'The shield goes on through every joint: where it ends, hum comes in.',
  caution: 'Glasses on, extraction on. The joint burns, also after it has set.',
  good: ['smooth, no strand out', `${innerShrink} sleeve over every joint`],
  bad: ['a joint without its sleeve', 'a lump that the shrink will not pass'],
});

export const joinOpenWords = () => ({
  title: 'Measure between the joints',
  text: {
    firstTime:
      'Nothing connected at any end. Meter from each joint to the next and to the shield: open. Type the lowest reading.',
    experienced: 'Joint to joint, joint to shield: open.',
  },
  why: 'Once it is shrunk the split is cut out, not mended.',
});

export const sealWords = ({
  equal,
  lengths,
  heated,
}: {
  readonly equal: boolean;
  readonly lengths: number[];
  readonly heated: string;
}) => ({
  title: 'Shrink the split',
  text: {
    firstTime: `Lay the legs out: ${equal && lengths.length > 1 ? `all ${formatMetres(lengths[0]!)}, equal to the tip` : lengths.map((length) => formatMetres(length)).join(' and ')} from the split. Slide the adhesive shrink over the crotch, half on the trunk, half on the legs, and heat ${heated} until adhesive shows between the legs. Press the crotch together while it is warm.`,
    experienced: `Legs measured, shrink half and half, ${heated}, press the crotch.`,
  },
  why: 'It takes the pull of the legs; without it one leg tears the split open.',
  caution: 'Hot air and warm adhesive burn: hold the cable, let it cool.',
  good: ['adhesive shows between the legs', ...(equal ? ['legs equal'] : [])],
  bad: ['a leg pulled short', 'blister or scorch'],
});

export const ringsWords = ({
  marked,
}: {
  readonly marked: readonly {
    readonly name: string;
    readonly marker: string | null;
    readonly channel: string | null;
  }[];
}) => ({
  title: 'Mark the legs',
  text: {
    firstTime: `Colour rings: ${marked.map(({ name, marker, channel }) => `end ${name} ${marker!}${channel ? ` (${channel})` : ''}`).join(', ')}. Meter once more that the ring is on its own leg.`,
    experienced: marked.map(({ name, marker }) => `${name} ${marker!}`).join(', '),
  },
  why: 'Twins are told apart by their rings only.',
  good: ['ring on its own leg'],
  bad: ['rings changed over'],
});

export const joinAdvice = 'Open that joint, clear it, and make it again; the sleeve is new.';

export const splitShrinkAdvice = 'Change the rings over.';

/** What is held at until it is answered. */
export const holdLabels = {
  jointsGoodEveryOne: 'Joints good, every one sleeved',
  ringsTheirOwnLegs: 'Rings on their own legs',
  shortSplit: 'No short at the split',
} as const;
