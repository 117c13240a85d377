import type { House } from '../house/house.ts';
import type { LeadPart } from '../thread/threaded-parts.ts';
import { shrinkCool } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';

/** A braided sleeve drawn to its place, its ends sealed and held, before the lead is proved. */
export function sleeveSteps(part: LeadPart, house: House): StepDraft[] {
  const measure = house.practice.sleeveCut === 'measure first';
  const glue = house.practice.sleeveHold === 'shrink and adhesive';
  return [
    {
      name: 'sleeve',
      work: 'shrink',
      stage: 'Finish',
      title: 'Fix the braided sleeve',
      text: {
        firstTime: `${measure ? 'Cut it to the figure below, lying loose, with a hot knife so that the edges hold together' : 'Leave it over-long, draw it on, and cut it where it ends with a hot knife'}. Milk it along the cable from the middle outward until it lies tight, and hold both ends with a short shrink${glue ? ' over a ring of adhesive' : ''}.`,
        experienced: `${measure ? 'Hot knife to length' : 'On over-long, hot knife'}, milk tight, hold with shrink${glue ? ' and adhesive' : ''}.`,
      },
      why: 'A sleeve grows shorter as it opens: one cut to the finished length ends a hand short.',
      figures: [
        ...(part.cutLength
          ? [{ label: 'length of sleeve, lying loose', figure: part.cutLength, plus: null, minus: null }]
          : []),
        shrinkCool(glue),
      ],
      tools: [{ label: 'Hot knife', setting: 'seals the edge as it cuts' }],
      caution:
        'The hot knife burns and its fumes are sharp: extraction on. Keep the heat gun off the sleeve itself.',
      good: ['tight all along', 'edges sealed, no fibre out'],
      bad: ['frayed edge', 'sleeve scorched', 'loose in the middle'],
    },
  ];
}
