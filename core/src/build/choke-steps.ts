import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { beadMaterials, stackLength } from '../line/choke.ts';
import type { Choke } from '../prove/choke-rejection.ts';
import { promisedRejection, rejectionFixture, rejectionSpread } from '../prove/choke-rejection.ts';
import type { Explained } from '../quantity/explained.ts';
import { formatFrequency } from '../quantity/frequency.ts';
import { goBack } from './recipe.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

const why: Readonly<Record<Choke['at'], string>> = {
  feedpoint: 'At the feedpoint it keeps the feeder from becoming part of the antenna.',
  'radio end': 'At the radio end it keeps what the feeder picks up out of the equipment.',
};

/** Beads to their place, stopped from sliding and sealed, and measured, before the lead is proved. */
export function chokeSteps(lead: Lead, choke: Choke): StepDraft[] {
  const end = endById(lead, choke.nearEndId);
  const { stack, endTube, shrink } = stackLength(choke.bead, choke.beads);
  const material = beadMaterials.find(({ id }) => id === choke.material);
  const stated = (value: number, formula: string, terms: Explained['terms'] = []): Explained => ({
    value,
    kind: 'length',
    formula,
    terms,
    source: 'geometry; end tubes and overlap are engineering values',
  });
  const figure = (label: string, value: Explained) => ({ label, figure: value, plus: null, minus: null });
  return [
    {
      name: 'choke',
      work: 'shrink',
      stage: 'Join',
      title: `Fix the choke near end ${end.name}`,
      text: {
        firstTime: `Push the ${choke.beads} beads${material ? ` (${material.name})` : ''} together at their place, the same free tube at both ends. Wind filler over the cable into each end tube until it is as thick as the beads, so that the shrink seals down to the cable without a step. Shrink over, from the middle outward; heat the tube, not the beads.`,
        experienced: 'Beads together, same free tube at both ends, ends filled, shrink from the middle.',
      },
      why: `${why[choke.at]} Beads that slide end up against the connector, chafe the jacket and change the choke.`,
      figures: [
        figure('from the jacket edge to the first bead', stated(choke.distance, 'as the lead says')),
        figure('free tube at each end', stated(endTube, 'half a bead')),
        figure(
          'length of shrink over the stack',
          stated(shrink, 'beads x length + end tubes and overlap at both ends', [
            { label: 'Stack', value: stack, kind: 'length' },
            { label: 'Free tube at each end', value: endTube, kind: 'length' },
          ]),
        ),
      ],
      caution: 'Hot air burns, and ferrite that is heated or cooled fast cracks.',
      good: [`${choke.beads} beads, none cracked, none loose`, 'both ends sealed down to the jacket'],
      bad: ['a bead chipped or missing', 'stack slides on the jacket', 'one end tube longer than the other'],
    },
    measureStep(lead, choke),
  ];
}

function measureStep(lead: Lead, choke: Choke): StepDraft {
  const end = endById(lead, choke.nearEndId);
  const expected = promisedRejection(lead, choke);
  const rework = goBack(
    'choke',
    'Count the beads and look at their material. A stack of the wrong material is cut off and made again: beads pass only an open end.',
  );
  return {
    name: 'choke-measure',
    work: 'measure',
    stage: 'Join',
    title: `Measure the choke near end ${end.name}`,
    text: {
      firstTime: `Common-mode rejection with ${rejectionFixture}${expected ? ` at ${formatFrequency(expected.frequency)}` : ''}, leads as short as they will go.`,
      experienced: `Rejection in the 100-ohm fixture${expected ? ` at ${formatFrequency(expected.frequency)}` : ''}.`,
    },
    why: 'Beads of two materials look alike; only the measurement tells them.',
    tools: [{ label: 'Analyser', setting: 'through, two clips' }],
    caution: 'Nothing connected to the lead: never on a line with a transmitter on it.',
    hold: expected
      ? {
          label: 'Choke rejects what its class promises',
          kind: 'reading',
          reading: {
            label: `Rejection in 100 ohm at ${formatFrequency(expected.frequency)}`,
            quantity: 'decibel',
            min: Math.max(0, expected.db - rejectionSpread),
            max: null,
          },
          safety: false,
          safetyReason: '',
          rework,
        }
      : lookHold('Choke measured in its fixture', rework),
  };
}
