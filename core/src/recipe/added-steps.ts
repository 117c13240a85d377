import { addedPart, liesOverRear } from '../lead/added-part.ts';
import type { ExtraPart, Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { addedWords } from '../words/added-part.ts';
import { shrinkCool } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';

/** An added part brought to its place when the lead is proved. */
export function addedSteps(lead: Lead, extra: Extract<ExtraPart, { kind: 'added' }>): StepDraft[] {
  const { what, colour, distance } = extra;
  const { holds } = addedPart(what);
  const shrinks = holds === 'shrink' || holds === 'adhesive shrink';
  return [
    {
      role: 'added',
      work: shrinks ? 'shrink' : 'seat',
      stage: 'Finish',
      ...addedWords({
        what,
        name: colour ? `${colour} ${what}` : what,
        overRear: liesOverRear(what, distance),
        endName: endById(lead, extra.nearEndId).name,
      }),
      figures: [
        {
          label: 'from the jacket edge',
          figure: {
            value: distance,
            kind: 'length',
            formula: 'as the lead says',
            terms: [],
            source: 'the lead',
          },
          plus: null,
          minus: null,
        },
        ...(shrinks ? [shrinkCool(holds === 'adhesive shrink')] : []),
      ],
      tools: shrinks ? [{ label: 'Hot air', setting: 'kept moving' }] : [],
    },
  ];
}
