/** What is said at a speaker connector: made from names and figures alone. */

/** How a core is held by a screw or a spring. */
export type ScrewedContact = 'set screw' | 'opposed screws' | 'rising clamp' | 'spring clamp';

const open: Readonly<Record<ScrewedContact, string>> = {
  'set screw': 'Open the screw fully',
  'opposed screws': 'Open both screws fully',
  'rising clamp': 'Open the screw fully: the cage goes down',
  'spring clamp': 'Press the release and keep it down',
};

const close: Readonly<Record<ScrewedContact, string>> = {
  'set screw': 'Tighten the screw',
  'opposed screws':
    'Start both screws until each meets the strands, then tighten them in turn, a quarter turn each',
  'rising clamp': 'Tighten until the cage holds the core',
  'spring clamp': 'Let go',
};

const short: Readonly<Record<ScrewedContact, string>> = {
  'set screw': 'Screw open, all strands in, tighten.',
  'opposed screws': 'Both open, all strands in, both started, then in turn.',
  'rising clamp': 'Screw open, all strands in the cage, tighten.',
  'spring clamp': 'Release down, all strands in, let go.',
};

export const jointWords = ({
  joint,
  endName,
  coreCount,
  how,
  sleeved,
}: {
  readonly joint: string;
  readonly endName: string;
  readonly coreCount: number;
  readonly how: ScrewedContact;
  /** A colour sleeve goes on the core before it is clamped. */
  readonly sleeved: boolean;
}) => ({
  title: `Clamp ${joint}, end ${endName}`,
  text: {
    firstTime: `${sleeved ? 'Put its colour sleeve on the core first. ' : ''}${open[how]}. ${coreCount > 1 ? `Twist ${coreCount} cores into one and trim them square. ` : ''}Put the twisted strands in to the bottom, none outside, insulation just outside. ${close[how]}.`,
    experienced: `${sleeved ? 'Sleeve on. ' : ''}${short[how]}`,
  },
  why: 'A strand beside the clamp reaches the next one; insulation under it is no contact.',
  good: ['only a sliver of bare metal seen', 'all strands in'],
  bad: ['tinned end under the clamp', 'a strand outside', 'clamped on insulation'],
});

const screws = (how: ScrewedContact) => how !== 'spring clamp';

export const clampsTugWords = ({
  endName,
  how,
}: {
  readonly endName: string;
  readonly how: ScrewedContact;
}) => ({
  title: `Tug every core, end ${endName}`,
  text: {
    firstTime: `Pull each core by itself, straight out of its ${screws(how) ? 'screw' : 'spring'}.${screws(how) ? ' Then give every screw its second turn: strands settle.' : ''}`,
    experienced: screws(how) ? 'Tug each, second turn on every screw.' : 'Tug each.',
  },
  why: screws(how)
    ? 'Strands settle in the first minute, and a loose clamp heats.'
    : 'A core that the spring has missed looks just like one that it holds.',
  good: ['nothing moves'],
  bad: ['a core comes out'],
});

export const closeWords = {
  firstTime:
    'Cover the terminals of the panel part with their cap or with shrink. Lay the cores so that none is pinched behind the panel.',
  experienced: 'Covered, cores free.',
};

export const panelMoreWords = ({ endName }: { readonly endName: string }) => ({
  title: `Cover the terminals, end ${endName}`,
  held: 'Panel part face down on a cloth, its terminals toward you.',
  cues: [],
  why: 'Behind a panel anything may touch them.',
  good: ['nothing bare', 'no core pinched'],
  bad: ['a bare screw', 'a core under the flange'],
});

export const closeMoreWords = {
  firstTime:
    'Push the insert into the shell, key in keyway. Push the chuck forward until its jaws sit on the jacket, and screw the bushing down until its mark meets that of the shell.',
  experienced: 'Insert home, chuck on the jacket, bushing mark to mark.',
};

export const traitsWords = {
  because: 'carries current, locks, no iron on the bench',
};

export const clampsTugAdvice =
  'Open it fully, twist the strands, trim a squashed end, put them in again and close it.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a screw on insulation, strands that slipped out, a screw never tightened',
  short: 'a stray strand across to the next contact',
};

/** What is held at until it is answered. */
export const holdLabels = {
  everyCoreHeld: 'Every core is held',
} as const;
