import {
  holdLabels,
  usualFaults,
  ruleWords,
  braidCutWords,
  foilCutWords,
  dielectricCutWords,
  conductorCutWords,
  traitsWords,
  entryWords,
  postWords,
  flushLookAdvice,
  noShortAdvice,
  cableTugAdvice,
  insertWords,
  flushLookWords,
  compressWords,
} from '../words/compression.ts';
import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { coaxStripSteps, foldBraidStep } from '../recipe/strip-steps.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, dielectricIn, holeTerm } from '../fit/coax-checks.ts';
import { overFoil, cableRings } from '../strip/cable-rings.ts';
import { flush } from '../strip/joint-window.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { refusesFerrule } from './ferrule.ts';

/** Conductor stands this far proud of the nut face. House default. */
const proud = 3e-3;
/** Braid folded back. Engineering value. */
const fold = 5e-3;

const source =
  'seated joint of a compression plug: dielectric flush with the post, conductor proud of the nut';

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const j = value('jacketOffset');
  const face = j + value('stopDepth');
  const tip = j + value('lipToTip');
  const conductorEnd = tip + proud;
  const post = value('postOutside');
  const jacket = cable.jacket.diameter;
  const folded = jacket + 2 * shieldThickness(cable);
  const sleeve = Math.max(value('sleeveBore'), folded);
  const body = value('bodyOutside') * 0.85;
  const atPost = [term('jacketOffset'), term('stopDepth')];
  return { face, conductorEnd, post, folded, atPost, j, tip, jacket, sleeve, body };
}

type Places = ReturnType<typeof placesOf>;

/** Strip: dielectric flush with the face of the post, `xd = j + d`; conductor `xc = j + r(tip) + 3 mm`. Metres. */
function strip(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { j, face, tip } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: Math.max(0, -j),
      shield: 'folded back',
      cuts: cutsOf(input, at),
      section: sectionOf(input, at),
      planes: [
        { label: 'rear lip', at: j },
        { label: 'jacket edge', at: 0 },
        { label: 'face of the post', at: face },
        { label: 'nut face', at: tip },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card, cable } = input;
  const term = (name: FeatureName) => featureTerm(card, name);
  const { face, conductorEnd, atPost } = at;
  return [
    {
      layer: 'braid',
      label: 'Braid, folded back',
      position: lengthOf(fold, '5 mm', [clearanceTerm('Folded back', fold)], source),
      plus: 2e-3,
      minus: 2e-3,
      ...braidCutWords,
    },
    ...(cable.foil
      ? [
          {
            layer: 'foil' as const,
            label: 'Foil, whole to the end of the dielectric',
            position: lengthOf(face, 'j + d', atPost, source),
            plus: flush,
            minus: 1e-3,
            strokeOf: 'dielectric' as const,
            ...foilCutWords,
          },
        ]
      : []),
    {
      layer: 'dielectric',
      label: 'Dielectric, flush with the post',
      position: lengthOf(face, 'j + d', atPost, source),
      plus: 0.3e-3,
      minus: 0.3e-3,
      ...dielectricCutWords,
    },
    {
      layer: 'conductor',
      label: 'Conductor end',
      position: lengthOf(
        conductorEnd,
        'j + r + proud',
        [term('jacketOffset'), term('lipToTip'), clearanceTerm('Proud of the nut', proud)],
        source,
      ),
      plus: 1e-3,
      minus: 1e-3,
      ...conductorCutWords,
    },
  ];
}

/** The seated joint, cut along its axis. */
function sectionOf(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { j, face, tip, conductorEnd, post, jacket, folded, sleeve, body } = at;
  return [
    ...cableRings(cable, {
      back: -j + 8e-3,
      foil: face,
      dielectric: face,
      conductor: conductorEnd,
    }),
    ring('cable', 'braid', 'braid', [-fold, 0], [jacket, folded], ['crimp']),
    ring(
      'connector',
      'post',
      'brass',
      [face - value('postLength'), face],
      [value('postBore'), post],
      ['crimp'],
    ),
    ring('connector', 'body', 'metal', [j, face - 1e-3], [sleeve, Math.max(body, sleeve + 1e-3)]),
    ring(
      'connector',
      'post flange',
      'brass',
      [face - 1e-3, face],
      [value('postBore'), Math.max(body, sleeve + 1e-3)],
    ),
    ring(
      'connector',
      'nut',
      'brass',
      [face, tip],
      [0.85 * input.connector.series.face.coupling, value('bodyOutside')],
    ),
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  const { endName, connector } = input;
  const scrap = [connectorScrap(connector)];
  return [
    ...coaxStripSteps(input, { braid: [foldBraidStep(input, 'the jacket')] }),
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName }),
      requires: [...input.requires],
    },
    {
      role: 'flush-look',
      work: 'look',
      joint: 'compression sleeve',
      stage: 'Join',
      ...flushLookWords({ endName }),
      hold: lookHold(holdLabels.dielectricFlushPost, {
        ...stripAgain(input, flushLookAdvice),
      }),
    },
    noShortStep(input, 'before it is compressed', goBack('insert', noShortAdvice)),
    {
      role: 'compress',
      work: 'crimp',
      joint: 'compression sleeve',
      stage: 'Join',
      ...compressWords({ endName }),
      tools: [{ label: 'Compression tool', setting: 'set for this length of plug' }],
    },
    cableTugStep(input, 'plug', 'compression sleeve', cutOffAgain(input, cableTugAdvice, scrap)),
  ];
}

/** Compression plug: F on 6 class and RG-59. */
export const compression: Method = {
  name: 'compression',
  traits: {
    shieldBy: 'crimp',
    ...traitsWords,
    reusable: false,
    heat: 'none',
    needs: ['compression tool', 'two-position prep tool'],
    shopTools: ['compression tool'],
  },
  usualFaults,
  firstFeatures: ['stopDepth', 'postLength', 'lipToTip'],
  foldedFeatures: [
    'jacketOffset',
    'postOutside',
    'postBore',
    'sleeveBore',
    'lipToShoulder',
    'lipToMatingPlane',
    'pinBore',
    'bodyOutside',
  ],
  rules: [
    { smaller: 'postBore', larger: 'postOutside', at: 'postBore', because: ruleWords.postHasWall },
    {
      smaller: 'postOutside',
      larger: 'sleeveBore',
      at: 'postOutside',
      because: ruleWords.braidJacketLieBetween,
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.nutStandsBeforePost },
    { smaller: 'postLength', larger: 'lipToTip', at: 'postLength', because: ruleWords.postLiesWithinBody },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    judgeClearance({
      id: 'entry',
      label: 'Jacket with folded braid in the sleeve',
      hole: holeTerm(input, 'sleeveBore'),
      shaft: cableTerm(
        'over the folded braid',
        input.cable.jacket.diameter + 2 * shieldThickness(input.cable),
      ),
      free: 0.1e-3,
      loose: 1.1e-3,
      ...entryWords,
    }),
    dielectricIn(input, 'postBore', 'post', 0.4e-3),
    judgeClearance({
      id: 'post',
      label: 'Post under the jacket',
      hole: cableTerm('jacket diameter', input.cable.jacket.diameter),
      shaft: holeTerm(input, 'postOutside'),
      free: 0.4e-3,
      loose: 3e-3,
      ...postWords({ overFoil: overFoil(input.cable) }),
    }),
    conductorIn(input, 'pinBore', 'socket it mates with', 0.6e-3),
  ],
  strip,
  parts: () => [],
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, 0.8 * featureValue(card, 'bodyOutside')),
    covered: 12e-3,
  }),
  steps,
};
