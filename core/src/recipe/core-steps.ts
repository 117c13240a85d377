import {
  holdLabels,
  shieldOffAdvice,
  conductiveLayerAdvice,
  nickAndWhiskerAdvice,
  coreJacketWords,
  shieldOffWords,
  tailWords,
  conductiveLayerWords,
  spareWords,
  coresWords,
  measureCoresWords,
  strandWords,
  tinWords,
} from '../words/core.ts';
import { isShieldLifted } from '../end/end-input.ts';
import type { PartKind } from '../thread/part-kind.ts';
import { awgFromArea } from '../quantity/gauge.ts';
import { solderHeat } from '../fit/solder.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { openAtLeast } from '../reading/reading.ts';
import { conductorNames } from '../strip/core-strip.ts';
import type { StripCut } from '../strip/strip-plan.ts';
import { cutKey, stripLength } from '../strip/cut-of.ts';
import { ironTool } from './join-steps.ts';
import type { RecipeInput } from './recipe.ts';
import { goBack, stripAgain } from './recipe.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';
import { cutFigure, stripTool, withTrialFit } from './strip-steps.ts';

export type CoreRecipe = RecipeInput<LayeredCable>;

const at = ({ endName }: CoreRecipe) => `end ${endName}`;

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

/** Jacket off, shield gathered, cores cut and bared, or whatever `cores` does with them, all looked at. */
export function coreStripSteps(
  input: CoreRecipe,
  { clamp, cores = coresStep(input, clamp) }: { clamp: boolean; cores?: StepDraft },
): StepDraft[] {
  return [
    coreJacketStep(input),
    ...tailSteps(input),
    ...conductiveLayerSteps(input),
    ...spareSteps(input),
    cores,
    ...measureCoresSteps(input),
    strandStep(input),
    ...(clamp || input.house.practice.tinning === 'leave bare' ? [] : [tinStep(input)]),
  ];
}

function coreJacketStep(input: CoreRecipe): StepDraft {
  const shield = shieldOf(input);
  const many = input.cables.length > 1;
  return {
    role: 'jacket',
    work: 'strip',
    stage: 'Strip',
    ...coreJacketWords({ where: at(input), many, shield, under: layersUnder(input) }),
    tools: [stripTool(input, 'depth tried on an offcut')],
    figures: [{ label: 'from the cut end', figure: stripLength(input.strip), plus: null, minus: null }],
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
  if (isShieldLifted(input))
    return [
      {
        role: 'shield-off',
        work: 'strip',
        stage: 'Strip',
        ...shieldOffWords({ where: at(input) }),
        requires: partOf(input, 'edge shrink'),
        tools: [{ label: 'Hot air', setting: 'kept moving' }],
        hold: lookHold(holdLabels.shieldOffCovered, stripAgain(input, shieldOffAdvice)),
      },
    ];
  const link = input.signal === 'lighting' && input.house.practice.lightingTail === 'solder a stranded link';
  const tail = input.strip.cuts.find(({ layer }) => layer === 'tail');
  const shorter = input.house.practice.shieldTail === 'shorter than the cores';
  return [
    {
      role: 'tail',
      work: 'braid',
      stage: 'Strip',
      ...tailWords({ shield, where: at(input), link, shorter }),
      figures: tail ? [cutFigure('tail, from the jacket edge', tail)] : [],
    },
  ];
}

function conductiveLayerSteps(input: CoreRecipe): StepDraft[] {
  const cut = input.strip.cuts.find(({ layer }) => layer === 'conductive layer');
  if (!cut) return [];
  return [
    {
      role: 'conductive-layer',
      work: 'strip',
      stage: 'Strip',
      ...conductiveLayerWords({ where: at(input), tooLong: cut.tooLong }),
      figures: [cutFigure('conductive layer, from the jacket edge', cut)],
      hold: {
        label: holdLabels.conductiveLayerOff,
        kind: 'reading',
        reading: {
          label: 'Insulation surface to shield',
          quantity: 'resistance',
          min: openAtLeast,
          max: null,
        },
        safety: false,
        safetyReason: '',
        rework: goBack('conductive-layer', conductiveLayerAdvice),
      },
    },
  ];
}

/** A part of this end that has to be on the cable by now. */
const partOf = ({ requires, endId }: CoreRecipe, wanted: PartKind) =>
  requires.filter(({ kind, ends }) => kind === wanted && ends.includes(endId));

function spareSteps(input: CoreRecipe): StepDraft[] {
  const spares = input.spares.filter(({ kind }) => kind === 'core');
  if (spares.length === 0) return [];
  const fold = input.house.practice.spareCore === 'fold back';
  const names = conductorNames(spares);
  return [
    {
      role: 'spare',
      work: 'seat',
      stage: 'Strip',
      ...spareWords({ fold, spareCount: spares.length, where: at(input), names }),
      requires: partOf(input, 'core shrink'),
      tools: fold ? [{ label: 'Hot air', setting: 'kept moving' }] : [],
    },
  ];
}

export function coresStep(input: CoreRecipe, clamp: boolean): StepDraft {
  const cuts = input.strip.cuts.filter(({ layer }) => layer === 'core' || layer === 'insulation');
  return {
    role: 'cores',
    work: 'strip',
    stage: 'Strip',
    ...coresWords({ where: at(input), clamp }),
    tools: [{ label: 'Wire stripper', setting: notchFor(input) }],
    figures: alike(cuts).map((same) =>
      cutFigure(`${calledTogether(same, cuts)}, from the jacket edge`, same[0]!),
    ),
  };
}

/** Cuts of one layer at one place with one tolerance: said once. */
function alike(cuts: readonly StripCut[]): StripCut[][] {
  const groups = new Map<string, StripCut[]>();
  for (const cut of cuts) {
    const { layer, position, plus, minus } = cut;
    const key = [layer, ...[position.value, plus, minus].map((metres) => metres.toFixed(6))].join();
    groups.set(key, [...(groups.get(key) ?? []), cut]);
  }
  return [...groups.values()];
}

/** One cut by its name, several by theirs, all of a layer as every core. */
function calledTogether(same: readonly StripCut[], all: readonly StripCut[]): string {
  const [{ layer }] = same as [StripCut];
  if (same.length === 1) return cutKey(same[0]!);
  const ofLayer = all.filter((cut) => cut.layer === layer);
  if (same.length === ofLayer.length) return layer === 'core' ? 'every core' : `${layer} of every core`;
  return `${layer} ${same.map(({ of }) => of).join(' and ')}`;
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
    role: 'measure',
    work: 'measure',
    stage: 'Strip',
    ...measureCoresWords({ where: at(input) }),
    tools: [{ label: 'Caliper', setting: 'from the jacket edge' }],
    figures: input.strip.cuts.map((cut) => cutFigure(cutKey(cut), cut)),
    recordsStrip: true,
  });
}

function strandStep(input: CoreRecipe): StepDraft {
  return {
    role: 'nick-and-whisker',
    work: 'look',
    stage: 'Strip',
    ...strandWords({ where: at(input) }),
    tools: [{ label: 'Magnifier', setting: '' }],
    hold: lookHold(holdLabels.nickStrayStrand, stripAgain(input, nickAndWhiskerAdvice)),
  };
}

function tinStep(input: CoreRecipe): StepDraft {
  const heat = solderHeat('tinning', { length: 4e-3, outside: 1.2e-3 }, input.house);
  return {
    role: 'tin',
    work: 'tin',
    stage: 'Strip',
    ...tinWords({
      where: at(input),
      shared: input.joints.some(({ conductors }) => conductors.length > 1),
    }),
    tools: [ironTool(heat)],
    caution: coreSolderCaution(input),
  };
}

/** The usual caution at a solder joint on cores. */
export function coreSolderCaution({ house }: CoreRecipe): string {
  return `Glasses on, extraction on. The iron and the joint burn, also after it has set.${house.practice.solder === 'leaded' ? ' Wash hands afterwards: lead.' : ''}`;
}
