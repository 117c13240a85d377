import {
  holdLabels,
  usualFaults,
  ruleWords,
  braidCutWords,
  traitsWords,
  windowsAdvice,
  noShortAdvice,
  tipAdvice,
  cableTugAdvice,
  coreWords,
  insertWords,
  windowsWords,
} from '../words/screw-on.ts';
import { couplingFit, couplingParts } from './uhf-coupling.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { shieldThickness } from '../cable/braid.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, ironTool, noShortStep, solderCaution } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { coaxStripSteps, foldBraidStep } from '../recipe/strip-steps.ts';
import { biteCheck, conductorIn, dielectricIn } from '../fit/coax-checks.ts';
import { solderHeat } from '../fit/solder.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import type { Lip } from './uhf-tip.ts';
import { dielectricCut, tipCut, tipSteps } from './uhf-tip.ts';
import { refusesFerrule } from './ferrule.ts';

/** Braid folded back covers this share of the thread. Engineering value. */
const foldShare = 0.7;
/** A tip tighter than this takes no tinned core. Engineering value. */
const roomForTin = 0.15e-3;

const source = 'seated joint of a one-piece screw-on plug: rear thread, windows, dielectric stop, tip';

const lipOf = ({ card }: EndInput): Lip => {
  const term = featureTerm(card, 'threadLength');
  return { value: -term.value, terms: [{ ...term, value: -term.value }], formula: '-a' };
};

/** Strip: the jacket fills the thread, `j = -a`; `xd = j + d - g`, `xc = j + r(tip) + proud`, metres from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const lip = lipOf(input);
  const fold = foldShare * value('threadLength');
  const dielectric = dielectricCut(input, lip);
  const tip = tipCut(input, lip);
  const jacket = cable.jacket.diameter;
  const folded = jacket + 2 * shieldThickness(cable);
  const body = Math.max(folded + 2e-3, 0.72 * value('bodyOutside'));
  const window = lip.value + value('holeCentre');
  const half = value('holeDiameter') / 2;
  const plane = lip.value + value('lipToMatingPlane');
  return writeStrip(
    {
      endId: input.endId,
      rearLip: lip.value,
      covered: -lip.value,
      shield: 'folded back',
      cuts: [
        {
          layer: 'braid',
          label: 'Braid, folded back',
          position: lengthOf(fold, `${foldShare} a`, [featureTerm(card, 'threadLength')], source),
          plus: Math.min(1e-3, value('threadLength') - fold),
          minus: 0.3 * fold,
          ...braidCutWords,
        },
        dielectric,
        tip,
      ],
      section: [
        ...cableRings(cable, {
          back: -lip.value + 8e-3,
          ...(cable.foil ? { foil: dielectric.position.value - 1e-3 } : {}),
          dielectric: dielectric.position.value,
          conductor: tip.position.value,
        }),
        ring('cable', 'braid', 'braid', [-fold, 0], [jacket, folded], ['bite']),
        ring('connector', 'rear thread', 'metal', [lip.value, 0], [value('threadBore'), body], ['bite']),
        ring('connector', 'body before the windows', 'metal', [0, window - half], [value('bodyBore'), body]),
        ring('connector', 'body', 'metal', [window + half, plane], [value('bodyBore'), body]),
        ...hollowTip(value, lip.value, value('bodyBore')),
        couplingRing(value, lip.value, body),
      ],
      planes: [
        { label: 'rear lip', at: lip.value },
        { label: 'jacket edge', at: 0 },
        { label: 'window', at: window },
        { label: 'tip', at: lip.value + value('lipToTip') },
      ],
    },
    input.stripper,
  );
}

function tins({ card, cable, house }: EndInput): boolean {
  const room = featureValue(card, 'tipBore') - cable.conductor.diameter;
  return house.practice.screwOnCore === 'twist and tin' && cable.conductor.strands > 1 && room >= roomForTin;
}

function steps(input: RecipeInput): StepDraft[] {
  const { endName, house, connector } = input;
  const heat = solderHeat('tinning', { length: 8e-3, outside: 1.5e-3 }, house);
  const tin = tins(input);
  return [
    ...coaxStripSteps(input, {
      braid: [foldBraidStep(input, 'the jacket')],
      core: [
        {
          role: 'core',
          work: tin ? 'tin' : 'strip',
          stage: 'Strip',
          ...coreWords({ tin, endName }),
          tools: tin ? [ironTool(heat)] : [],
          caution: tin ? solderCaution(input) : null,
        },
      ],
    }),
    {
      role: 'insert',
      work: 'seat',
      joint: 'screwed body',
      stage: 'Join',
      ...insertWords({ endName, loose: input.contents.coupling === 'loose ring' }),
      requires: [...input.requires],
    },
    {
      role: 'windows',
      work: 'look',
      joint: 'screwed body',
      stage: 'Join',
      ...windowsWords({ endName }),
      hold: lookHold(holdLabels.insulationWindowsCoreTip, goBack('braid', windowsAdvice)),
    },
    noShortStep(input, 'before the tip is soldered', goBack('insert', noShortAdvice)),
    ...tipSteps(input, cutOffAgain(input, tipAdvice, [connectorScrap(connector)])),
    cableTugStep(input, 'thread', 'screwed body', cutOffAgain(input, cableTugAdvice, []), 0.12),
  ];
}

/** UHF plug for thin coax, one piece bored for the cable. */
export const screwOn: Method = {
  name: 'screw-on body',
  traits: {
    shieldBy: 'screw-on',
    ...traitsWords,
    reusable: true,
    heat: 'small iron',
    needs: ['fine iron'],
    shopTools: ['fine iron'],
  },
  usualFaults,
  firstFeatures: ['threadLength', 'holeCentre', 'stopDepth', 'lipToTip'],
  foldedFeatures: [
    'holeDiameter',
    'threadBore',
    'bodyBore',
    'tipBore',
    'tipOutside',
    'couplingBore',
    'lipToShoulder',
    'lipToMatingPlane',
    'bodyOutside',
  ],
  contents: ['coupling', 'shrink'],
  rules: [
    {
      smaller: 'threadLength',
      larger: 'holeCentre',
      at: 'holeCentre',
      because: ruleWords.windowsLieBeforeThread,
    },
    {
      smaller: 'holeCentre',
      larger: 'stopDepth',
      at: 'stopDepth',
      because: ruleWords.windowsLieBehindDielectric,
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeStop },
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: ruleWords.tipHasWall },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    biteCheck(
      input,
      'threadBore',
      'rear thread',
      input.cable.jacket.diameter + 2 * shieldThickness(input.cable),
    ),
    dielectricIn(input, 'bodyBore', 'body', 1e-3),
    conductorIn(input, 'tipBore', 'hollow tip', 1.6e-3),
    ...couplingFit(input),
  ],
  strip,
  parts: (input) => couplingParts(input),
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, 0.6 * featureValue(card, 'bodyOutside')),
    covered: 8e-3,
  }),
  steps,
};
