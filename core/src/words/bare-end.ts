/** What is said at bare ends: made from names and figures alone. */

export const traitsWords = {
  because: 'for clamps that are there already: nothing to buy, nothing to mend',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'strands cut off with the insulation, a core broken at the jacket edge',
  short: 'a stray strand, two bare ends that touch in the parcel',
};

export const looseWords = {
  title: (endName: string) => `Twist and cap the cores, end ${endName}`,
  text: {
    firstTime:
      'Twist each core the way it lies, all strands in, and do not tin it: solder creeps under a clamp. Push a cap over each, so that no two touch and nobody is pricked, until it is clamped at its place.',
    experienced: 'Twist, no solder, a cap on each.',
  },
  held: 'Cable in soft jaws, the cores toward you.',
  cues: [],
  why: 'Strands that spread lie across to the next clamp.',
  good: ['round, tight twist', 'every core capped'],
  bad: ['strands spread', 'tinned', 'bare ends that can touch'],
};

export const coresWords = {
  text: {
    firstTime:
      'Cut all cores to one length, then take the insulation off with the notch for this size, turning, not pulling strands. The figures are from the jacket edge; whoever clamps them cuts them to his clamp.',
    experienced: 'All to one length, bare them, no strand lost.',
  },
  good: ['all of one length', 'no strand lost'],
  bad: ['strands cut off with the insulation', 'insulation torn'],
};

export const betweenWords = (endName: string) => ({
  title: `Measure between the cores, end ${endName}`,
  text: {
    firstTime:
      'Nothing connected at the other end. Ohm meter from each bare core to the next and to the shield: open. Type the lowest reading.',
    experienced: 'Core to core, core to shield: open.',
  },
  why: 'What touches here burns where it is used.',
  good: ['open between all of them'],
  bad: ['a reading that falls while the cable is moved'],
});

export const betweenAdvice =
  'Look for a strand that lies across, or insulation that was cut at the jacket edge.';

/** What is held at until it is answered. */
export const holdLabels = { noShort: 'No short between the cores' } as const;
