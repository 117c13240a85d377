import {
  holdLabels,
  reworkWords,
  couplingOutWords,
  threadWords,
  proveWords,
  shrinkWords,
  crotchWords,
  tapeWords,
  couplingWords,
  phaseWords,
  finishWords,
  finishedLengthAdvice,
  finishedLengthWords,
} from '../words/whole-lead.ts';
import { tapeScrap } from './scrap.ts';
import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import { velocityFactor } from '../cable/electrical.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { Seal } from '../fit/seal.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { lengthColour } from '../house/length-colour.ts';
import { longestWay } from '../lead/in-words.ts';
import type { Explained } from '../quantity/explained.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import type { CutLength } from '../cut/cut-length.ts';
import { lengthTolerance } from '../lead/length-tolerance.ts';
import { formatMetres } from '../quantity/length.ts';
import type { HoldPoint } from './step.ts';
import { packStep } from './pack-steps.ts';
import { crotchShrinkFrom, shrinkCool, shrinkFrom } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

const nothingLost: HoldPoint['rework'] = { backTo: null, advice: '', scrap: [], partsOff: [], uses: 0 };

/** One step for the parts that go on at one moment. */
export function threadStep(eventId: string, title: string, threads: StepDraft['threads']): StepDraft {
  return {
    role: 'thread',
    about: eventId,
    work: 'thread',
    stage: 'Thread',
    title,
    ...threadWords(),
    threads,
  };
}

/** The proof of the finished lead: a hold point that the readings of the Prove stage answer. */
export function proveStep(): StepDraft {
  return {
    role: 'prove',
    work: 'prove',
    stage: 'Prove',
    ...proveWords(),
    hold: {
      label: holdLabels.provedGood,
      kind: 'proof',
      reading: null,
      safety: false,
      safetyReason: '',
      rework: { ...nothingLost, ...reworkWords },
    },
  };
}

/** Relief or seal over the rear of an end, by where the lead lives, and the look whether the coupling still turns. */
export function sealSteps(
  end: LeadEnd,
  part: LeadPart | undefined,
  seal: Seal,
  house: House,
  { couples, crotch }: { readonly couples: boolean; readonly crotch: boolean },
): StepDraft[] {
  return [
    ...(part
      ? [crotch ? crotchStep(end, part, seal, house) : shrinkStep(end, part, seal, house, couples)]
      : []),
    ...(seal.tape ? [tapeStep(end, part !== undefined, seal)] : []),
    ...(couples ? [couplingStep(end, part)] : []),
  ];
}

function shrinkStep(end: LeadEnd, part: LeadPart, seal: Seal, house: House, turns: boolean): StepDraft {
  const lined = seal.shrink === 'adhesive';
  const flame = house.practice.heatSource === 'open flame';
  return {
    role: 'seal',
    work: 'shrink',
    stage: 'Finish',
    ...shrinkWords({
      lined,
      endName: end.name,
      heated: shrinkFrom(house, 'the connector outward'),
      flame,
      sealWhy: seal.why,
      turns,
    }),
    figures: [
      ...(part.cutLength
        ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
        : []),
      shrinkCool(lined),
    ],
    tools: [{ label: flame ? 'Open flame' : 'Hot air', setting: 'shrink temperature, kept moving' }],
  };
}

/** Over the place where the cores leave the jacket. */
function crotchStep(end: LeadEnd, part: LeadPart, seal: Seal, house: House): StepDraft {
  const lined = seal.shrink === 'adhesive';
  return {
    role: 'seal',
    work: 'shrink',
    stage: 'Finish',
    ...crotchWords({
      endName: end.name,
      heated: crotchShrinkFrom(house),
      heatSource: house.practice.heatSource,
      lined,
    }),
    figures: [
      ...(part.cutLength
        ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
        : []),
      shrinkCool(lined),
    ],
    tools: [{ label: 'Hot air', setting: 'shrink temperature, kept moving' }],
  };
}

function tapeStep(end: LeadEnd, overShrink: boolean, seal: Seal): StepDraft {
  const overlap: Explained = {
    value: seal.overlap,
    kind: 'length',
    formula: 'by where the lead lives',
    terms: [],
    source: seal.why,
  };
  return {
    role: 'tape',
    work: 'tape',
    stage: 'Finish',
    ...tapeWords({ endName: end.name, overShrink, sealWhy: seal.why }),
    figures: [{ label: 'over the jacket', figure: overlap, plus: null, minus: null }],
  };
}

function couplingStep(end: LeadEnd, part: LeadPart | undefined): StepDraft {
  return {
    role: 'coupling',
    work: 'look',
    stage: 'Finish',
    ...couplingWords({ endName: end.name }),
    hold: lookHold(holdLabels.couplingFree, {
      ...nothingLost,
      backTo: part ? 'seal' : 'tape',
      ...couplingOutWords({ part }),
      scrap: [part ? { kind: part.kind, name: part.name } : tapeScrap],
    }),
  };
}

/** The length that a set agrees in: measured open-ended before the second end is closed, and trimmed. */
export function phaseStep(match: NonNullable<Lead['phaseMatch']>, cable: CoaxCable): StepDraft {
  const speed = speedOfLight * velocityFactor(cable);
  const allowed = (match.within / (2 * Math.PI)) * (speed / match.frequency);
  const figure: Explained = {
    value: allowed,
    kind: 'length',
    formula: 'phase / 360 x v / f',
    terms: [
      { label: 'Phase allowed, degrees', value: (match.within * 180) / Math.PI, kind: 'ratio' },
      { label: 'Frequency', value: match.frequency, kind: 'frequency' },
      { label: 'Velocity factor', value: velocityFactor(cable), kind: 'ratio', assumed: true },
    ],
    source: 'a length of line turns the phase by 360 degrees each wavelength',
  };
  return {
    role: 'phase',
    work: 'measure',
    stage: 'Cut',
    ...phaseWords(),
    figures: [{ label: 'lengths agree within', figure, plus: null, minus: null }],
  };
}

/** Label, coil and record. */
export function finishSteps(
  lead: Lead,
  house: House,
  sleeves: readonly LeadPart[],
  cable: LayeredCable,
  cut: CutLength,
): StepDraft[] {
  const figures = sleeves.flatMap(({ cutLength }) =>
    cutLength ? [{ label: 'length of sleeve', figure: cutLength, plus: null, minus: null }] : [],
  );
  const ring = lead.signal === 'lighting' ? lengthColour(house.lengthColours, longestWay(lead)) : null;
  const rings = ring === null ? '' : ` Ring of the house for this length: ${ring}, at both ends.`;
  return [
    ...lengthStep(lead, cut),
    {
      role: 'label',
      work: 'label',
      stage: 'Finish',
      ...finishWords({
        rings,
        sleeveCount: sleeves.length,
        length: formatMetres(longestWay(lead)),
        polarity: lead.signal === 'speaker',
      }),
      figures,
    },
    packStep(lead, house, cable),
  ];
}

/**
 * The finished length against what was asked; slack and spare may be in it. Not for a matched lead, whose phase decides, nor
 * for one that lies in a trench or came back.
 */
function lengthStep(lead: Lead, { betweenJackets, leastBetweenJackets }: CutLength): StepDraft[] {
  const [leg, ...others] = lead.legs;
  const isElsewhere = lead.environment === 'buried' || lead.fittedEndIds.length > 0;
  if (others.length > 0 || lead.phaseMatch || isElsewhere) return [];
  const { finishedLength } = leg!;
  const off = lengthTolerance(lead, finishedLength);
  const asked = formatMetres(finishedLength);
  const planes = lead.ends.map(({ referencePlane }) => referencePlane).join(' to ');
  return [
    {
      role: 'finished-length',
      work: 'measure',
      stage: 'Finish',
      ...finishedLengthWords({ asked, planes }),
      tools: [{ label: 'Rule or tape', setting: 'straight, not stretched' }],
      hold: {
        label: holdLabels.finishedLength,
        kind: 'reading',
        reading: {
          label: `Finished length, asked ${asked}`,
          quantity: 'length',
          min: finishedLength - off,
          max: finishedLength + off + (betweenJackets - leastBetweenJackets),
        },
        safety: false,
        safetyReason: '',
        rework: { ...nothingLost, advice: finishedLengthAdvice },
      },
    },
  ];
}
