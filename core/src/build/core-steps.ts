import { awgFromArea } from '../quantity/gauge.ts';
import { solderHeat } from '../fit/solder.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { openAtLeast } from '../prove/reading.ts';
import { conductorNames } from '../strip/core-strip.ts';
import { cutKey, stripLength } from '../strip/strip-plan.ts';
import { ironTool } from './join-steps.ts';
import type { RecipeInput } from './recipe.ts';
import { goBack, stripAgain } from './recipe.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';
import { cutFigure, withTrialFit } from './strip-steps.ts';

export type CoreRecipe = RecipeInput<LayeredCable>;

const at = ({ endName }: CoreRecipe) => `end ${endName}`;
const glasses = 'Glasses on: trimmed ends fly.';

/** What a shield is made of, in the word that the hand knows it by. */
function shieldOf({ cable }: CoreRecipe): 'braid' | 'spiral' | 'drain' | null {
  if (cable.structure === 'coax') return 'braid';
  if (!cable.shield) return null;
  return cable.shield.kind === 'foil and drain'
    ? 'drain'
    : cable.shield.kind === 'spiral'
      ? 'spiral'
      : 'braid';
}

/** Jacket off, shield gathered, cores cut and bared, all looked at. */
export function coreStripSteps(input: CoreRecipe, { clamp }: { clamp: boolean }): StepDraft[] {
  return [
    coreJacketStep(input),
    ...tailSteps(input),
    ...conductiveLayerSteps(input),
    ...spareSteps(input),
    coresStep(input, clamp),
    ...measureCoresSteps(input),
    strandStep(input),
    ...(clamp || input.house.practice.tinning === 'leave bare' ? [] : [tinStep(input)]),
  ];
}

function coreJacketStep(input: CoreRecipe): StepDraft {
  const shield = shieldOf(input);
  const many = input.cables.length > 1;
  return {
    name: 'jacket',
    work: 'strip',
    stage: 'Strip',
    title: `Take the jacket off, ${at(input)}`,
    text: {
      firstTime: `Square the end${many ? 's of both cables' : ''}. Mark the jacket at the figure below from the cut end, score it round without reaching ${shield ?? 'the cores'}, bend it at the score, and pull the ring off. ${layersUnder(input)}`,
      experienced: `Square, score, bend, pull. ${layersUnder(input)}`,
    },
    why: 'Every other length is counted from the jacket edge, which has to lie in its clamp.',
    tools: [
      {
        label: input.house.practice.stripping === 'blade' ? 'Blade' : 'Jacket stripper',
        setting: 'depth tried on an offcut',
      },
    ],
    figures: [{ label: 'from the cut end', figure: stripLength(input.strip), plus: null, minus: null }],
    caution: 'Cut away from the hand; clamp the cable.',
    good: ['clean, square jacket edge', 'cores and shield whole'],
    bad: ['score reaches a core or the shield', 'edge torn'],
  };
}

/** What comes off under the jacket, layer by layer. */
function layersUnder({ cable }: CoreRecipe): string {
  if (cable.structure === 'coax') return '';
  const kind = cable.shield?.kind;
  const foil =
    kind === 'foil and drain' || kind === 'foil and braid'
      ? 'Peel the foil back to the jacket edge and cut it there. '
      : '';
  const filler = cable.family === 'speaker' ? '' : 'Cut filler and thread flush.';
  return `${foil}${filler}`.trim();
}

function tailSteps(input: CoreRecipe): StepDraft[] {
  const shield = shieldOf(input);
  if (!shield) return [];
  const joined = input.joints.some(({ conductors }) => conductors.some(({ kind }) => kind === 'shield'));
  if (!joined)
    return [
      {
        name: 'shield-off',
        work: 'strip',
        stage: 'Strip',
        title: `Cut the shield back, ${at(input)}`,
        text: {
          firstTime:
            'The shield is not connected at this end. Cut it flush with the jacket, and cover the edge with a ring of shrink so that no wire can reach a contact or the shell.',
          experienced: 'Flush with the jacket, covered.',
        },
        why: 'It is connected at the other end only: a stray wire here makes the loop it was cut for.',
        caution: glasses,
        good: ['no wire stands out'],
        bad: ['a wire left over the cores'],
        hold: lookHold('Shield off and covered', stripAgain(input, 'Cut what is left, or strip again.')),
      },
    ];
  const link = input.signal === 'lighting' && input.house.practice.lightingTail === 'solder a stranded link';
  const tail = input.strip.cuts.find(({ layer }) => layer === 'tail');
  const shorter = input.house.practice.shieldTail === 'shorter than the cores';
  return [
    {
      name: 'tail',
      work: 'braid',
      stage: 'Strip',
      title: shield === 'drain' ? `Sleeve the drain, ${at(input)}` : `Make the shield tail, ${at(input)}`,
      text: {
        firstTime:
          shield === 'drain'
            ? 'Straighten the drain and put its own small sleeve on, down to the jacket edge. It is cut with the cores.'
            : link
              ? 'Comb the braid out, twist it short, and solder a stranded link of the figure below to it: the link flexes where a twisted braid would break. Sleeve the joint.'
              : `${shield === 'spiral' ? 'Unwind the spiral to one side' : 'Open the braid from the jacket edge, strand by strand'}, twist it into one tail the way it lies, and put a sleeve on it down to the jacket edge.`,
        experienced:
          shield === 'drain'
            ? 'Straighten, sleeve.'
            : link
              ? 'Comb, twist short, link, sleeve.'
              : 'Open, twist one way, sleeve.',
      },
      why: `${shorter ? 'It is a little shorter than the cores, so that it takes the pull and stays clear of the contacts. ' : 'It is longer than the cores, so that it lets go last. '}A bare tail finds the shell or a neighbour.`,
      figures: tail ? [cutFigure('tail, from the jacket edge', tail)] : [],
      caution: glasses,
      good: ['every wire in the tail', 'sleeve reaches the jacket edge'],
      bad: ['a wire left on a core', 'nicked wires at the jacket edge'],
    },
  ];
}

function conductiveLayerSteps(input: CoreRecipe): StepDraft[] {
  const cut = input.strip.cuts.find(({ layer }) => layer === 'conductive layer');
  if (!cut) return [];
  return [
    {
      name: 'conductive-layer',
      work: 'strip',
      stage: 'Strip',
      title: `Take the conductive layer off, ${at(input)}`,
      text: {
        firstTime:
          'The black skin on the insulation conducts. Score it lightly, peel it back to the jacket edge and wipe what is left off with alcohol: black traces conduct, too.',
        experienced: 'Peel to the jacket edge, wipe clean.',
      },
      why: cut.tooLong,
      figures: [cutFigure('conductive layer, from the jacket edge', cut)],
      good: ['insulation clear and clean all the way'],
      bad: ['black left near the contact', 'insulation cut'],
      hold: {
        label: 'Conductive layer is off',
        kind: 'reading',
        reading: {
          label: 'Insulation surface to shield',
          quantity: 'resistance',
          min: openAtLeast,
          max: null,
        },
        safety: false,
        safetyReason: '',
        rework: goBack(
          'conductive-layer',
          'Peel and wipe again, then measure: both tips on the insulation read nothing once it is clean.',
        ),
      },
    },
  ];
}

function spareSteps(input: CoreRecipe): StepDraft[] {
  const spares = input.spares.filter(({ kind }) => kind === 'core');
  if (spares.length === 0) return [];
  const fold = input.house.practice.spareCore === 'fold back';
  const names = conductorNames(spares);
  return [
    {
      name: 'spare',
      work: 'seat',
      stage: 'Strip',
      title: `${fold ? 'Fold back' : 'Cut off'} the spare ${spares.length > 1 ? 'cores' : 'core'}, ${at(input)}`,
      text: {
        firstTime: fold
          ? `${names}: not stripped. Fold back along the jacket and hold with a short shrink, so that the lead can be changed later.`
          : `${names}: cut flush with the jacket, staggered, so that no two ends can meet.`,
        experienced: fold ? `${names}: back under shrink.` : `${names}: flush, staggered.`,
      },
      why: 'In the proof it is connected to nothing. A loose end inside a shell finds something.',
      caution: fold ? 'Hot air burns: keep the gun moving, away from the other cores.' : glasses,
      good: ['no bare metal on it'],
      bad: ['loose inside the shell'],
    },
  ];
}

function coresStep(input: CoreRecipe, clamp: boolean): StepDraft {
  const cuts = input.strip.cuts.filter(({ layer }) => layer === 'core' || layer === 'insulation');
  return {
    name: 'cores',
    work: 'strip',
    stage: 'Strip',
    title: `Cut and bare the cores, ${at(input)}`,
    text: {
      firstTime: `Lay the cores where they will go in the connector, bend them there, and cut each to its own length. Then take the insulation off with the notch for this size: half a turn, and pull. Twist the strands the way they lie${clamp ? '. Never tin them: tin creeps under a clamp and the joint works loose' : ''}.`,
      experienced: `To length where they lie, right notch, twist${clamp ? ', never tin' : ''}.`,
    },
    why: 'Core lengths follow the contacts: a short one takes the pull, a long one is squeezed by the shell.',
    tools: [{ label: 'Wire stripper', setting: notchFor(input) }],
    figures: cuts.map((cut) => cutFigure(`${cutKey(cut)}, from the jacket edge`, cut)),
    caution: glasses,
    good: ['every strand there', 'insulation edge square'],
    bad: ['strands cut off', 'insulation stretched or scored'],
  };
}

function notchFor({ joints }: CoreRecipe): string {
  const areas = [
    ...new Set(
      joints.flatMap(({ conductors }) =>
        conductors.filter(({ kind }) => kind === 'core').map(({ area }) => area),
      ),
    ),
  ];
  return areas
    .map((area) => `${Number((area * 1e6).toFixed(2))} mm², about AWG ${Math.round(awgFromArea(area))}`)
    .join('; ');
}

function measureCoresSteps(input: CoreRecipe): StepDraft[] {
  return withTrialFit(input, {
    name: 'measure',
    work: 'measure',
    stage: 'Strip',
    title: `Measure the strip, ${at(input)}`,
    text: {
      firstTime:
        'Type what the caliper says from the jacket edge. Leave a field empty when it was not measured.',
      experienced: 'Type what you cut, or go on.',
    },
    why: 'A core can still be trimmed; one that is too short takes the jacket back.',
    tools: [{ label: 'Caliper', setting: 'from the jacket edge' }],
    figures: input.strip.cuts.map((cut) => cutFigure(cutKey(cut), cut)),
    recordsStrip: true,
  });
}

function strandStep(input: CoreRecipe): StepDraft {
  return {
    name: 'nick-and-whisker',
    work: 'look',
    stage: 'Strip',
    title: `Look for cut and stray strands, ${at(input)}`,
    text: {
      firstTime:
        'Under the magnifier, look at every core: no strand cut, none standing out, insulation whole down to the jacket.',
      experienced: 'Every core under the magnifier.',
    },
    why: 'A stray strand lies across to the next contact; a cut one leaves less copper than was counted.',
    tools: [{ label: 'Magnifier', setting: '' }],
    good: ['all strands together'],
    bad: ['a strand cut off or standing out', 'insulation nicked at the jacket edge'],
    hold: lookHold(
      'No nick, no stray strand',
      stripAgain(input, 'A stray strand: twist it in and look again. A cut one: take the strip again.'),
    ),
  };
}

function tinStep(input: CoreRecipe): StepDraft {
  const heat = solderHeat('small pin', { length: 4e-3, outside: 1.2e-3 }, input.house);
  return {
    name: 'tin',
    work: 'tin',
    stage: 'Strip',
    title: `Tin the cores, ${at(input)}`,
    text: {
      firstTime:
        'Tin each end thinly, and stop short of the insulation: what is tinned does not flex. It must still go into its contact.',
      experienced: 'Thin, short of the insulation.',
    },
    why: 'Tinned ends take solder at once, and no strand strays.',
    tools: [ironTool(heat)],
    caution: coreSolderCaution(input),
    good: ['strands still seen under the tin', 'insulation not shrunk back'],
    bad: ['a blob that does not enter the contact', 'tin wicked under the insulation'],
  };
}

/** The usual caution at a solder joint on cores. */
export function coreSolderCaution({ house }: CoreRecipe): string {
  return `Glasses on, extraction on. The iron and the joint burn, also after it has set.${house.practice.solder === 'leaded' ? ' Wash hands afterwards: lead.' : ''}`;
}
