import { holdLabels, measureAdvice, chokeWords, measureWords } from '../words/choke.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { beadMaterials, stackLength } from '../line/choke.ts';
import type { Choke } from '../fit/choke-rejection.ts';
import { promisedRejection, rejectionSpread } from '../fit/choke-rejection.ts';
import type { Explained } from '../quantity/explained.ts';
import { formatFrequency } from '../quantity/frequency.ts';
import { goBack } from './recipe.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

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
      role: 'choke',
      work: 'shrink',
      stage: 'Join',
      ...chokeWords({ endName: end.name, beads: choke.beads, material, at: choke.at }),
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
    },
    measureStep(lead, choke),
  ];
}

function measureStep(lead: Lead, choke: Choke): StepDraft {
  const end = endById(lead, choke.nearEndId);
  const expected = promisedRejection(lead, choke);
  const rework = goBack('choke', measureAdvice);
  return {
    role: 'choke-measure',
    work: 'measure',
    stage: 'Join',
    ...measureWords({ endName: end.name, expected }),
    tools: [{ label: 'Analyser', setting: 'through, two clips' }],
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
      : lookHold(holdLabels.chokeMeasuredFixture, rework),
  };
}
