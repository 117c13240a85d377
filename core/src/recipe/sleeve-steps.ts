import { sleeveWords } from '../words/sleeve.ts';
import type { House } from '../house/house.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { shrinkCool } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';

/** A braided sleeve drawn to its place, its ends sealed and held, before the lead is proved. `shrinks` are its own: a split holds an end too. */
export function sleeveSteps(part: LeadPart, shrinks: number, house: House): StepDraft[] {
  const measure = house.practice.sleeveCut === 'measure first';
  const glue = house.practice.sleeveHold === 'shrink and adhesive';
  return [
    {
      role: 'sleeve',
      work: 'shrink',
      stage: 'Finish',
      ...sleeveWords({ measure, glue, shrinks }),
      figures: [
        ...(part.cutLength
          ? [{ label: 'length of sleeve, lying loose', figure: part.cutLength, plus: null, minus: null }]
          : []),
        shrinkCool(glue),
      ],
      tools: measure
        ? [{ label: 'Hot air', setting: 'kept moving' }]
        : [
            { label: 'Hot knife', setting: 'seals the edge as it cuts' },
            { label: 'Hot air', setting: 'kept moving' },
          ],
    },
  ];
}
