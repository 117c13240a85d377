import { cutWords, bendWords } from '../words/whole-lead.ts';
import type { CutLength } from '../cut/cut-length.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { liesThere } from '../lead/lying.ts';
import type { Explained } from '../quantity/explained.ts';
import { setbackOf } from '../cut/bend.ts';
import { formatMillimetres } from '../quantity/length.ts';
import type { CutListRow } from '../thread/cut-list.ts';
import type { PieceToCut } from './step.ts';
import type { StepDraft } from './step-draft.ts';

/** Steps before the first end: count, cut, square and inspect. Nothing of a lead that comes back is cut again. */
export function cutSteps(lead: Lead, cuts: readonly CutLength[], tubes: readonly CutListRow[]): StepDraft[] {
  const lies = liesThere(lead);
  const isRepair = lead.fittedEndIds.length > 0 || lies;
  const print =
    lead.signal === 'speaker' ? ' Both of a pair are cut equal, with the print running the same way.' : '';
  const of = (index: number) => (cuts.length > 1 ? `, piece ${index + 1}` : '');
  const figures = cuts.map(({ offTheReel }, index) => ({
    label: `off the reel${of(index)}`,
    figure: offTheReel,
    plus: null,
    minus: null,
  }));
  const squared = cuts.map(({ cut }, index) => ({
    label: `squared, cut end to cut end${of(index)}`,
    figure: cut,
    plus: null,
    minus: null,
  }));
  const isBraided = tubes.some(({ parts }) => parts.some(({ kind }) => kind === 'braided sleeve'));
  return [
    {
      role: 'cut',
      work: 'cut',
      stage: 'Cut',
      ...cutWords({ isRepair, print, tubes: tubes.length, isBraided, lies }),
      figures: lies ? tryFigures(lead, cuts) : isRepair ? [] : [...figures, ...squared],
      cuts: tubes.map(pieceToCut),
      tools: [
        ...(isRepair ? [] : [{ label: 'Cable cutter', setting: 'rotating, not squeezing' }]),
        ...(isBraided ? [{ label: 'Hot knife', setting: 'seals the edge of the sleeve as it cuts' }] : []),
      ],
    },
    ...(lead.bends.length > 0 && !isRepair ? [bendStep(lead)] : []),
  ];
}

/** One piece by what it is for, several alike by how many and of what. */
const pieceToCut = ({ name, colour, cutLength, parts }: CutListRow): PieceToCut => ({
  partIds: parts.map(({ id }) => id),
  label: parts.length === 1 ? parts[0]!.label : `${parts.length} x ${name}`,
  colour: parts.length === 1 ? null : colour,
  length: cutLength,
});

/** Of a cable that lies there: what there is for another try, and what each one takes. */
function tryFigures(lead: Lead, cuts: readonly CutLength[]): NonNullable<StepDraft['figures']> {
  const spare: Explained = {
    value: lead.slack,
    kind: 'length',
    formula: 'as it was asked for',
    terms: [],
    source: 'Cut: cable for another try',
  };
  const open = cuts
    .flatMap(({ retermination }) => retermination)
    .filter(({ endId }) => !lead.fittedEndIds.includes(endId));
  return [
    { label: 'cable for another try', figure: spare, plus: null, minus: null },
    ...open.map(({ endId, length }) => ({
      label: `one more try at end ${endById(lead, endId).name} takes`,
      figure: length,
      plus: null,
      minus: null,
    })),
  ];
}

/** A tube is bent once, before its ends are put on: the developed length is only right with these bends. */
function bendStep(lead: Lead): StepDraft {
  return {
    role: 'bend',
    work: 'bend',
    stage: 'Cut',
    ...bendWords(),
    tools: lead.bends.map(({ angle, radius }) => ({
      label: 'Bending former',
      setting: `radius ${formatMillimetres(radius)} mm, ${Math.round((angle * 180) / Math.PI)}°`,
    })),
    figures: lead.bends.map((bend, index) => ({
      label: `bend ${index + 1} begins, from end A`,
      figure: {
        value: bend.at - setbackOf(bend),
        kind: 'length',
        formula: 'vertex - R tan(angle / 2)',
        terms: [
          { label: 'Vertex', value: bend.at, kind: 'length' },
          { label: 'Radius', value: bend.radius, kind: 'length' },
        ],
        source: 'geometry',
      },
      plus: null,
      minus: null,
    })),
  };
}
