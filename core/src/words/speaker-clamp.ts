/** What is said at a speaker connector: made from names and figures alone. */

export const jointWords = ({
  joint,
  endName,
  spring,
  coreCount,
  how,
  sleeved,
}: {
  readonly joint: string;
  readonly endName: string;
  readonly spring: boolean;
  readonly coreCount: number;
  readonly how: 'set screw' | 'rising clamp' | 'spring';
  /** A colour sleeve goes on the core before it is clamped. */
  readonly sleeved: boolean;
}) => ({
  title: `Clamp ${joint}, end ${endName}`,
  text: {
    firstTime: `${sleeved ? 'Its colour sleeve on the core first. ' : ''}${spring ? 'Press the spring fully open' : 'Open the screw fully'}. ${coreCount > 1 ? `Twist ${coreCount} cores into one, trimmed square. ` : ''}Put the twisted strands in to the bottom, none beside it, insulation just outside, ${spring ? 'and let go' : `and tighten the ${how}`}. Tug it.`,
    experienced: `${sleeved ? 'Sleeve on. ' : ''}${spring ? 'Open' : 'Screw fully open'}, all strands in, ${spring ? 'let go' : 'tighten'}, tug.`,
  },
  why: 'A strand beside the clamp lies across to the next one; insulation under it is no contact.',
  good: ['only a sliver of bare metal seen', 'does not pull out'],
  bad: ['tinned end under the clamp', 'a strand outside', 'clamped on insulation'],
});

export const clampsTugWords = ({
  endName,
  spring,
}: {
  readonly endName: string;
  readonly spring: boolean;
}) => ({
  title: `Tug every core, end ${endName}`,
  text: {
    firstTime: `Tug each core on its own${spring ? '' : ', then tighten every screw once more: strands settle'}.`,
    experienced: spring ? 'Tug each.' : 'Tug each, tighten once more.',
  },
  why: 'Strands settle in the first minute, and a loose clamp heats.',
  good: ['nothing moves'],
  bad: ['a core comes out'],
});

export const closeWords = {
  firstTime:
    'Cover the terminals of the panel part with their cap or with shrink, and lay the cores so that none is pinched behind the panel.',
  experienced: 'Covered, cores free.',
};

export const closeMoreWords = {
  firstTime:
    'Push the insert into the shell, key in keyway. Push the chuck forward until its jaws sit on the jacket, and screw the bushing down until its mark meets that of the shell.',
  experienced: 'Insert home, chuck on the jacket, bushing mark to mark.',
};

export const traitsWords = {
  because: 'carries current, locks, no iron on the bench',
};

export const clampsTugAdvice = 'Open it fully, put the strands in again and tighten.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a screw on insulation, strands that slipped out, a screw never tightened',
  short: 'a stray strand across to the next contact',
};

/** What is held at until it is answered. */
export const holdLabels = {
  everyCoreHeld: 'Every core is held',
} as const;
