import { commonModeImpedance } from '../line/choke.ts';
import { formatFrequency } from '../quantity/frequency.ts';

/** How a stack is measured: in the system that its rejection is stated for. */
export const rejectionFixture = `the shield clipped on either side of the stack into two 50-ohm ports in series (${commonModeImpedance} ohm)`;

/** What is said at a choke of beads: made from names and figures alone. */

const why = {
  feedpoint: 'At the feedpoint it keeps the feeder from becoming part of the antenna.',
  'radio end': 'At the radio end it keeps what the feeder picks up out of the equipment.',
} as const;

export const chokeWords = ({
  endName,
  beads,
  material,
  at,
}: {
  readonly endName: string;
  readonly beads: number;
  readonly material: { readonly name: string } | undefined;
  readonly at: 'feedpoint' | 'radio end';
}) => ({
  title: `Fix the choke near end ${endName}`,
  text: {
    firstTime: `Push the ${beads} beads${material ? ` (${material.name})` : ''} together at their place, the same free tube at both ends. Wind filler over the cable into each end tube until it is as thick as the beads, so that the shrink seals down to the cable without a step. Shrink over, from the middle outward; heat the tube, not the beads.`,
    experienced: 'Beads together, same free tube at both ends, ends filled, shrink from the middle.',
  },
  why: `${why[at]} Beads that slide end up against the connector, chafe the jacket and change the choke.`,
  caution: 'Hot air burns, and ferrite that is heated or cooled fast cracks.',
  good: [`${beads} beads, none cracked, none loose`, 'both ends sealed down to the jacket'],
  bad: ['a bead chipped or missing', 'stack slides on the jacket', 'one end tube longer than the other'],
});

export const measureWords = ({
  endName,
  expected,
}: {
  readonly endName: string;
  readonly expected: { readonly frequency: number } | undefined;
}) => ({
  title: `Measure the choke near end ${endName}`,
  text: {
    firstTime: `Common-mode rejection with ${rejectionFixture}${expected ? ` at ${formatFrequency(expected.frequency)}` : ''}, leads as short as they will go.`,
    experienced: `Rejection in the 100-ohm fixture${expected ? ` at ${formatFrequency(expected.frequency)}` : ''}.`,
  },
  why: 'Beads of two materials look alike; only the measurement tells them.',
  caution: 'Nothing connected to the lead: never on a line with a transmitter on it.',
});

export const measureAdvice =
  'Count the beads and look at their material. A stack of the wrong material is cut off and made again: beads pass only an open end.';

/** What is held at until it is answered. */
export const holdLabels = {
  chokeMeasuredFixture: 'Choke measured in its fixture',
} as const;
