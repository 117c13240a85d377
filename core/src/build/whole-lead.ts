import type { CutLength } from '../cut/cut-length.ts';
import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import { coilDiameter } from '../cable/body.ts';
import { velocityFactor } from '../cable/electrical.ts';
import { speedOfLight } from '../line/line.ts';
import type { Seal } from '../fit/seal.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { lengthColour } from '../house/length-colour.ts';
import { longestWay } from '../lead/in-words.ts';
import { setbackOf } from '../cut/bend.ts';
import { formatMillimetres } from '../quantity/length.ts';
import type { Explained } from '../quantity/explained.ts';
import type { LeadPart } from '../thread/threaded-parts.ts';
import type { HoldPoint } from './step.ts';
import { shrinkCool, shrinkFrom } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

const nothingLost: HoldPoint['rework'] = { backTo: '', advice: '', scrap: [], partsOff: [], uses: 0 };

/** Steps before the first end: count, cut, square and inspect. Nothing of a lead that comes back is cut again. */
export function cutSteps(lead: Lead, cuts: readonly CutLength[]): StepDraft[] {
  const isRepair = lead.fittedEndIds.length > 0;
  const print =
    lead.signal === 'speaker' ? ' Both of a pair are cut equal, with the print running the same way.' : '';
  const figures = cuts.map(({ offTheReel }) => ({
    label: 'off the reel',
    figure: offTheReel,
    plus: null,
    minus: null,
  }));
  const squared = cuts.map(({ cut }) => ({
    label: 'squared, cut end to cut end',
    figure: cut,
    plus: null,
    minus: null,
  }));
  return [
    {
      name: 'cut',
      work: 'cut',
      stage: 'Cut',
      title: isRepair ? 'Look over the lead' : 'Count the parts and cut the cable',
      text: {
        firstTime: isRepair
          ? 'The lead comes with an end fitted. Look the jacket over along its whole length, and cut back to bright copper where it is dark or wet.'
          : `Lay out every part of the kit and count. Look the cable over as it comes off the reel. Measure, and cut square by rotating or sawing lightly: squeezing makes it oval. Mark nothing inside the length that will be kept.${print}`,
        experienced: isRepair
          ? 'Cut back to bright copper.'
          : 'Count the kit, measure, cut square without squeezing.',
      },
      why: 'A cable cut short cannot be lengthened; dark or wet copper does not crimp or solder.',
      figures: isRepair ? [] : [...figures, ...squared],
      tools: isRepair ? [] : [{ label: 'Cable cutter', setting: 'rotating, not squeezing' }],
      caution: 'Cut away from the hand.',
      good: ['round, square ends', 'copper bright'],
      bad: ['oval end', 'dark or wet copper', 'jacket scuffed'],
    },
    ...(lead.bends.length > 0 && !isRepair ? [bendStep(lead)] : []),
  ];
}

/** A tube is bent once, before its ends are put on: the developed length is only right with these bends. */
function bendStep(lead: Lead): StepDraft {
  return {
    name: 'bend',
    work: 'bend',
    stage: 'Cut',
    title: 'Bend the cable',
    text: {
      firstTime:
        'Mark where each bend begins, measured along the tube from end A. Bend round the former once, steadily, and never back: copper hardens. Look that the tube stayed round.',
      experienced: 'Mark, bend once round the former, never back.',
    },
    why: 'A bent tube that is bent again cracks or goes oval, and the match goes with it.',
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
    good: ['round in the bend', 'in one plane'],
    bad: ['flattened or kinked', 'bent back'],
  };
}

/** One step for the parts that go on at one moment. */
export function threadStep(name: string, title: string, threads: StepDraft['threads']): StepDraft {
  return {
    name,
    work: 'thread',
    stage: 'Thread',
    title,
    text: {
      firstTime:
        'Slide the parts on in this order, each facing as said, and park them away from the end. Tick each one with your hand on it.',
      experienced: 'In this order. Tick with your hand on it.',
    },
    why: 'A part left off now means cutting a finished end off again.',
    threads,
    good: ['every part of the list on the cable, in this order'],
    bad: ['right part, wrong way round', 'wrong side of another part'],
  };
}

/** The proof of the finished lead: a hold point that the readings of the Prove stage answer. */
export function proveStep(): StepDraft {
  return {
    name: 'prove',
    work: 'prove',
    stage: 'Prove',
    title: 'Prove the lead',
    text: {
      firstTime: 'Open Prove, take the readings or let the tester read, and come back with the verdict.',
      experienced: 'Readings in Prove.',
    },
    why: 'After the shrink an end is past rescue.',
    caution:
      'Nothing connected at either end. The insulation test puts hundreds of volts on the lead: discharge it after.',
    hold: {
      label: 'Proved Good',
      kind: 'proof',
      reading: null,
      safety: false,
      safetyReason: '',
      rework: { ...nothingLost, advice: 'Prove lists what explains it and the step to go back to.' },
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
    ...(part ? [crotch ? crotchStep(end, part, seal, house) : shrinkStep(end, part, seal, house)] : []),
    ...(seal.tape ? [tapeStep(end, part !== undefined, seal)] : []),
    ...(couples ? [couplingStep(end, part ? 'seal' : 'tape')] : []),
  ];
}

function shrinkStep(end: LeadEnd, part: LeadPart, seal: Seal, house: House): StepDraft {
  const lined = seal.shrink === 'adhesive';
  const flame = house.practice.heatSource === 'open flame';
  return {
    name: 'seal',
    work: 'shrink',
    stage: 'Finish',
    title: `Shrink the ${lined ? 'seal' : 'relief'}, end ${end.name}`,
    text: {
      firstTime: `${lined ? 'Clean and dry the jacket and the body. ' : ''}Slide the shrink against the body, over its rear and on to the jacket. Heat ${shrinkFrom(house, 'the connector outward')}, ${flame ? 'flame' : 'gun'} moving, until it grips all round${lined ? ' and adhesive shows at both edges' : ''}. The coupling stays bare.`,
      experienced: `Against the body, ${shrinkFrom(house, 'the connector outward')}${lined ? ', adhesive at both edges' : ''}. Coupling bare.`,
    },
    why: lined
      ? `${seal.why} Water creeps in under a shrink that is not lined.`
      : 'It takes the bend off the rear of the connector.',
    figures: [
      ...(part.cutLength
        ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
        : []),
      shrinkCool(lined),
    ],
    tools: [{ label: flame ? 'Open flame' : 'Hot air', setting: 'shrink temperature, kept moving' }],
    caution: flame
      ? 'An open flame scorches jacket and foam and lights gel, dust and sleeve: clear the place, keep it moving, hot parts burn.'
      : 'Hot air and a hot body burn: hold the cable, let it cool. Never overheat PTFE: its fumes are toxic.',
    good: ['grips all round', 'even, no bubble', ...(lined ? ['adhesive shows all round'] : [])],
    bad: ['blister or scorch', 'over the coupling'],
  };
}

/** Over the place where the cores leave the jacket. */
function crotchStep(end: LeadEnd, part: LeadPart, seal: Seal, house: House): StepDraft {
  const lined = seal.shrink === 'adhesive';
  return {
    name: 'seal',
    work: 'shrink',
    stage: 'Finish',
    title: `Shrink the crotch, end ${end.name}`,
    text: {
      firstTime: `Slide the shrink forward until it covers the jacket edge and the first of the cores, half and half. Heat ${shrinkFrom(house, 'the cable toward the connector')}, ${house.practice.heatSource === 'open flame' ? 'flame' : 'gun'} moving${lined ? ', until adhesive shows between the cores' : ', until it grips'}. Both cores come out equally long.`,
      experienced: `Half on the jacket, half on the cores${lined ? ', adhesive between them' : ''}.`,
    },
    why: 'It keeps the jacket from running back and takes the bend off the cores.',
    figures: [
      ...(part.cutLength
        ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
        : []),
      shrinkCool(lined),
    ],
    tools: [{ label: 'Hot air', setting: 'shrink temperature, kept moving' }],
    caution: 'Hot air burns: hold the cable, let it cool.',
    good: ['covers the jacket edge', 'cores equally long'],
    bad: ['blister or scorch', 'jacket edge seen'],
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
    name: 'tape',
    work: 'tape',
    stage: 'Finish',
    title: `Wrap self-amalgamating tape, end ${end.name}`,
    text: {
      firstTime: `${overShrink ? 'When the shrink is cold, start' : 'Start'} on the jacket, stretch the tape to about half its width, and wind toward the connector and back, each turn over half of the last. Press the end on unstretched. Outdoors a layer of plain tape keeps the sun off it.`,
      experienced: 'From the jacket up and back, half overlap, stretched; end unstretched.',
    },
    why: `${seal.why} It welds to itself and can be cut off again.`,
    figures: [{ label: 'over the jacket', figure: overlap, plus: null, minus: null }],
    good: ['no gap, no fold', 'coupling bare'],
    bad: ['wound unstretched', 'dirt or grease under it'],
  };
}

function couplingStep(end: LeadEnd, backTo: string): StepDraft {
  return {
    name: 'coupling',
    work: 'look',
    stage: 'Finish',
    title: `Turn the coupling, end ${end.name}`,
    text: {
      firstTime: 'When it is cool, turn the coupling through its whole travel.',
      experienced: 'Cool, then turn it.',
    },
    why: 'A coupling held by shrink or tape cannot be mated.',
    good: ['turns freely'],
    bad: ['drags or is stuck'],
    hold: lookHold('Coupling free', {
      ...nothingLost,
      backTo,
      advice:
        backTo === 'tape'
          ? 'Cut the tape off along its side and wind it again, clear of the coupling.'
          : 'Cut the shrink off along its side and fit a new one: a split or wrap-round kind if the end is closed.',
      scrap: [backTo === 'tape' ? 'tape' : 'shrink'],
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
    name: 'phase',
    work: 'measure',
    stage: 'Cut',
    title: 'Trim to the set',
    text: {
      firstTime:
        'Measure the delay of every unit of the set open-ended from the closed end, all at one temperature. Line lab, Phase set, says how much to trim from each to meet the shortest. Trim less than it says, measure again.',
      experienced: 'Delay of all, trim to the shortest, measure again.',
    },
    why: 'After the second end is closed nothing can be trimmed.',
    figures: [{ label: 'lengths agree within', figure, plus: null, minus: null }],
    good: ['all delays within the figure', 'same reel for the whole set'],
    bad: ['PTFE measured warm and cold: it has a knee near 19 °C'],
  };
}

/** Label, coil and record. */
export function finishSteps(
  lead: Lead,
  house: House,
  sleeves: readonly LeadPart[],
  cable: LayeredCable,
): StepDraft[] {
  const figures = sleeves.flatMap(({ cutLength }) =>
    cutLength ? [{ label: 'length of sleeve', figure: cutLength, plus: null, minus: null }] : [],
  );
  const ring = lead.signal === 'lighting' ? lengthColour(house.lengthColours, longestWay(lead)) : null;
  const rings = ring === null ? '' : ` Ring of the house for this length: ${ring}, at both ends.`;
  return [
    {
      name: 'label',
      work: 'label',
      stage: 'Finish',
      title: 'Label the lead',
      text: {
        firstTime: `Print the label in Finish, put it under its sleeve at its place, text starting at the end named first, and shrink the sleeve.${rings}`,
        experienced: `Label under its sleeve, straight, shrink.${rings}`,
      },
      why: 'Two leads that look alike are told apart by their labels only.',
      figures,
      caution: sleeves.length > 0 ? 'Hot air burns: keep the gun moving.' : null,
      good: ['straight, readable, same place on every lead of the batch'],
      bad: ['no serial', 'text upside down to its neighbour'],
    },
    packStep(lead, house, cable),
  ];
}

/** Coiled no tighter than its cable takes; a tube that is bent once is packed straight. */
function packStep(lead: Lead, house: House, cable: LayeredCable): StepDraft {
  const diameter = coilDiameter(cable);
  if (diameter === null)
    return {
      name: 'coil',
      work: 'coil',
      stage: 'Finish',
      title: 'Pack and hand over',
      text: {
        firstTime:
          'Cap the connectors and pack the lead flat and stiffened, as it was bent: it is never coiled.',
        experienced: 'Caps on, flat and stiffened.',
      },
      why: 'A tube that is bent a second time cracks or goes oval.',
      good: [`${lead.name} as it was bent`],
      bad: ['bent in the parcel'],
    };
  const turns = Math.floor(longestWay(lead) / (Math.PI * diameter));
  const figure: Explained = {
    value: diameter,
    kind: 'length',
    formula: 'by the kind of cable',
    terms: [{ label: 'Jacket', value: cable.jacket.diameter, kind: 'length', assumed: true }],
    source: 'house default: 20 diameters, low-loss foam 30, feeder twice its repeated bend radius',
  };
  return {
    name: 'coil',
    work: 'coil',
    stage: 'Finish',
    title: 'Coil and hand over',
    text: {
      firstTime: `Cap the connectors, coil over-under starting from ${house.practice.coilFrom}, no tighter than the figure below, and tie it so that one pull opens it.`,
      experienced: `Caps on, over-under from ${house.practice.coilFrom}, tie.`,
    },
    why: 'A coil that is too tight deforms the dielectric; one that is wound one way only kinks.',
    figures: [
      { label: 'diameter of the coil, at least', figure, plus: null, minus: null },
      ...(turns >= 1
        ? [
            {
              label: 'turns',
              figure: {
                value: turns,
                kind: 'count' as const,
                formula: 'length / (pi x diameter), whole turns',
                terms: [{ label: 'Length', value: longestWay(lead), kind: 'length' as const }],
                source: 'geometry',
              },
              plus: null,
              minus: null,
            },
          ]
        : []),
    ],
    good: [`${lead.name} coiled flat`],
    bad: ['twisted coil', 'tie cutting into the jacket'],
  };
}
