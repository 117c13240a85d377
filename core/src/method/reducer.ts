import {
  holdLabels,
  usualFaults,
  ruleWords,
  braidCutWords,
  traitsWords,
  braidWords,
  holesLookAdvice,
  noShortAdvice,
  tipAdvice,
  cableTugAdvice,
  insertWords,
  holesLookWords,
} from '../words/reducer.ts';
import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { connectorScrap } from '../recipe/scrap.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripBegins } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { coaxStripSteps, foldBraidStep } from '../recipe/strip-steps.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough, solderingCheck } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { couplingFit, couplingParts } from './uhf-coupling.ts';
import { solderHolesSteps } from './uhf-holes.ts';
import type { Lip } from './uhf-tip.ts';
import { dielectricCut, tipCut, tipSteps } from './uhf-tip.ts';
import { refusesFerrule } from './ferrule.ts';

/** Folded braid stays this far from the shoulder of the reducer. Engineering value. */
const foldClearance = 1e-3;
/** Folded braid covers the holes by this, and may be this much short of it. Engineering values. */
const overHoles = 2.4e-3;
const pastHole = 1e-3;

const source = 'seated joint of a reducer: nose, holes over the nose, dielectric stop, tip';

/** The jacket ends flush with the front of the nose, which stands as far into the body as it is long. */
const lipOf = ({ card }: EndInput): Lip => {
  const term = featureTerm(card, 'noseLength');
  return { value: -term.value, terms: [{ ...term, value: -term.value }], formula: '-n' };
};

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card, cable } = input;
  const value = reader(card);
  const lip = lipOf(input);
  const n = value('noseLength');
  const holeRear = value('holeCentre') - value('holeDiameter') / 2;
  const fold = Math.min(n - holeRear + overHoles, n - foldClearance);
  const least = n - holeRear + pastHole;
  const dielectric = dielectricCut(input, lip);
  const tip = tipCut(input, lip);
  const nose = value('noseOutside');
  const overNose = nose + 2 * shieldThickness(cable);
  const body = Math.max(overNose + 2e-3, 0.72 * value('bodyOutside'));
  const plane = lip.value + value('lipToMatingPlane');
  const hole = [lip.value + holeRear, lip.value + holeRear + value('holeDiameter')] as const;
  return { fold, least, dielectric, tip, nose, lip, n, overNose, body, plane, hole };
}

type Places = ReturnType<typeof placesOf>;

/** Strip: `j = -n`, braid folded back over the nose, `xd = j + d - g`, `xc = j + r(tip) + proud`, from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { card } = input;
  const value = reader(card);
  const { lip, n } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: lip.value,
      covered: n + value('reducerHead'),
      shield: 'folded back',
      cuts: cutsOf(input, at),
      section: sectionOf(input, at),
      planes: [
        { label: 'shoulder', at: -n },
        { label: 'jacket edge', at: 0 },
        { label: 'stop', at: lip.value + value('stopDepth') },
        { label: 'tip', at: lip.value + value('lipToTip') },
      ],
    },
    input.stripper,
  );
}

/** How much braid is folded back: past the holes, but not under the shoulder. */
function foldOf({ card }: EndInput, { fold, n }: Places) {
  const term = (name: FeatureName) => featureTerm(card, name);
  return fold < n - foldClearance
    ? lengthOf(
        fold,
        'n - e + m/2 + o',
        [
          term('noseLength'),
          term('holeCentre'),
          term('holeDiameter'),
          clearanceTerm('Past the holes', overHoles, 'o'),
        ],
        source,
      )
    : lengthOf(
        fold,
        'n - g',
        [term('noseLength'), clearanceTerm('Clearance to the shoulder', foldClearance)],
        source,
      );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { fold, least, dielectric, tip, n } = at;
  return [
    {
      layer: 'braid',
      label: 'Braid, folded back over the nose',
      position: foldOf(input, at),
      plus: Math.min(1.5e-3, n - foldClearance / 2 - fold),
      minus: Math.max(0.4e-3, fold - least),
      ...braidCutWords,
    },
    dielectric,
    tip,
  ];
}

/** The seated joint, cut along its axis. */
function sectionOf(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { lip, n, fold, dielectric, tip, nose, overNose, body, plane, hole } = at;
  return [
    ...cableRings(cable, {
      back: n + value('reducerHead') + 8e-3,
      ...(cable.foil ? { foil: dielectric.position.value - 1e-3 } : {}),
      dielectric: dielectric.position.value,
      conductor: tip.position.value,
    }),
    ring('cable', 'braid', 'braid', [-fold, 0], [nose, overNose], ['thread']),
    ring('connector', 'reducer nose', 'brass', [-n, 0], [value('reducerBore'), nose], ['thread']),
    ring('connector', 'reducer head', 'brass', [-n - value('reducerHead'), -n], [value('reducerBore'), body]),
    ring('connector', 'body over the nose', 'metal', [-n, hole[0]], [value('bodyBore'), body], ['thread']),
    ring('connector', 'body', 'metal', [hole[1], plane], [value('bodyBore'), body], ['thread']),
    ...hollowTip(value, lip.value, value('bodyBore')),
    couplingRing(value, lip.value, body),
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  const { house, endName, connector } = input;
  const scrap = [connectorScrap(connector)];
  const solders = house.practice.bodyHoles === 'all';
  return [
    ...coaxStripSteps(input, {
      braid: [foldBraidStep(input, 'the nose of the reducer, which stands flush with the jacket edge')],
    }),
    {
      role: 'insert',
      work: 'seat',
      joint: 'screwed reducer',
      stage: 'Join',
      ...insertWords({ endName, loose: input.contents.coupling === 'loose ring' }),
      requires: [...input.requires],
    },
    {
      role: 'holes-look',
      work: 'look',
      joint: 'screwed reducer',
      stage: 'Join',
      ...holesLookWords({ endName }),
      hold: lookHold(holdLabels.braidEveryHole, goBack(stripBegins(input), holesLookAdvice)),
    },
    noShortStep(input, 'before any solder', goBack('insert', noShortAdvice)),
    ...tipSteps(input, cutOffAgain(input, tipAdvice, scrap)),
    ...(solders ? solderHolesSteps(input, 'body, braid and nose') : []),
    // A soldered joint is not force-tested; where only threads hold, they are.
    ...(solders
      ? []
      : [cableTugStep(input, 'reducer', 'screwed reducer', cutOffAgain(input, cableTugAdvice, scrap), 0.12)]),
  ];
}

/** UHF plug body with a reducer for thin coax. */
export const reducer: Method = {
  name: 'reducer',
  traits: {
    shieldBy: 'screw-on',
    ...traitsWords,
    reusable: true,
    heat: 'big iron',
    needs: ['reducer for the cable', 'pliers', 'iron'],
    shopTools: ['fine iron', 'iron with a big tip'],
  },
  usualFaults,
  firstFeatures: ['noseLength', 'stopDepth', 'lipToTip', 'holeCentre'],
  foldedFeatures: [
    'noseOutside',
    'reducerBore',
    'reducerHead',
    'holeDiameter',
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
    { smaller: 'holeCentre', larger: 'noseLength', at: 'holeCentre', because: ruleWords.holesLieOverNose },
    { smaller: 'noseLength', larger: 'stopDepth', at: 'stopDepth', because: ruleWords.stopLiesBeforeNose },
    { smaller: 'reducerBore', larger: 'noseOutside', at: 'reducerBore', because: ruleWords.noseHasWall },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeStop },
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: ruleWords.tipHasWall },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'reducerBore', 'reducer', 0.6e-3),
    judgeClearance({
      id: 'braid',
      label: 'Braid over the nose, in the body',
      hole: holeTerm(input, 'bodyBore'),
      shaft: cableTerm(
        'braid on the nose',
        featureValue(input.card, 'noseOutside') + 2 * shieldThickness(input.cable),
      ),
      free: 0.05e-3,
      loose: 0.8e-3,
      ...braidWords,
    }),
    conductorIn(input, 'tipBore', 'hollow tip', 3.2e-3),
    ...couplingFit(input),
    ...(input.house.practice.bodyHoles === 'all'
      ? [solderingCheck(input, 'shell'), solderingCheck(input, 'shield')]
      : []),
  ],
  strip,
  parts: (input) => [
    {
      kind: 'reducer',
      form: 'nut',
      back: 6e-3,
      opening: featureValue(input.card, 'reducerBore'),
      outside: featureValue(input.card, 'bodyBore') + 2e-3,
      fixedOutside: featureValue(input.card, 'bodyBore') + 2e-3,
      face: 'nose',
    },
    ...couplingParts(input),
  ],
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, featureValue(card, 'noseOutside') + 2e-3),
    covered: featureValue(card, 'reducerHead'),
  }),
  steps,
};
