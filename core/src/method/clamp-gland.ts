import {
  usualFaults,
  ruleWords,
  traitsWords,
  gasketWords,
  clampWords,
  sleeveFitWords,
} from '../words/clamp-gland.ts';
import { overBraid } from '../cable/braid.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import type { Method, MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { clampGlandSteps } from './clamp-gland-steps.ts';
import { capOf } from './clamp-cap.ts';
import { refusesFerrule } from './ferrule.ts';
import { couplingFit, couplingParts } from './uhf-coupling.ts';
import { overFoil } from '../strip/cable-rings.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { stripClampGland } from './clamp-gland-strip.ts';

function parts(input: EndInput): MethodPart[] {
  const { card, contents } = input;
  const outside = featureValue(card, 'coneRim');
  return [
    {
      kind: 'gasket',
      form: 'ring',
      back: 3e-3,
      opening: featureValue(card, 'gasketBore'),
      outside,
      fixedOutside: outside,
      face: 'groove',
    },
    ...(contents.washers === 'none'
      ? []
      : [
          {
            kind: 'washer' as const,
            form: 'ring' as const,
            back: 6e-3,
            opening: featureValue(card, 'washerBore'),
            outside,
            fixedOutside: outside,
          },
        ]),
    {
      kind: 'gland nut',
      form: 'nut',
      size: capOf(input),
      back: 10e-3,
      opening: featureValue(card, 'nutBore'),
      outside: featureValue(card, 'nutOutside'),
      fixedOutside: featureValue(card, 'nutOutside'),
      face: 'thread',
    },
    ...couplingParts({ card, contents }),
  ];
}

/** The clamp on what it goes over: the braid, or the dielectric with its foil where it goes under the braid. */
function clampFit(input: EndInput): FitCheck {
  const under = input.contents.clamp === 'under the braid';
  return judgeClearance({
    id: 'clamp',
    label: under ? 'Dielectric in the sleeve' : 'Braid in the clamp',
    hole: holeTerm(input, 'clampBore'),
    shaft: under
      ? { label: 'over the dielectric', value: overFoil(input.cable), kind: 'length', assumed: true }
      : { label: 'over the braid', value: overBraid(input.cable), kind: 'length', assumed: true },
    free: 0.05e-3,
    loose: under ? 0.6e-3 : 1e-3,
    ...(under ? sleeveFitWords : clampWords),
  });
}

/** Clamp gland with soldered contact: UHF, N, BNC. */
export const clampGland: Method = {
  name: 'clamp gland',
  traits: {
    shieldBy: 'clamp gland',
    ...traitsWords,
    reusable: true,
    heat: 'small iron',
    needs: ['two spanners', 'fine iron'],
    shopTools: ['gland spanners', 'fine iron'],
  },
  usualFaults,
  firstFeatures: ['stackLength', 'coneLength', 'coneRim', 'insulatorSeat', 'pinBoreDepth'],
  foldedFeatures: [
    'pinFlange',
    'clampBore',
    'gasketBore',
    'washerBore',
    'nutBore',
    'nutOutside',
    'pinBore',
    'pinOutside',
    'inspectionHoleFar',
    'contactTolerance',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
    'couplingBore',
  ],
  contents: ['coupling', 'clamp', 'contact', 'spacer', 'washers', 'cap', 'shrink'],
  rules: [
    {
      smaller: 'coneLength',
      larger: 'stackLength',
      at: 'coneLength',
      because: ruleWords.clampPartStack,
    },
    { smaller: 'clampBore', larger: 'coneRim', at: 'coneRim', because: ruleWords.coneOpensTowardRim },
    { smaller: 'stackLength', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeStack },
    {
      smaller: 'pinFlange',
      larger: 'insulatorSeat',
      at: 'insulatorSeat',
      because: ruleWords.flangeSitsBehindSeat,
    },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: ruleWords.contactHasWall },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: ruleWords.contactShorterThanBody,
    },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'nutBore', 'gland nut', 1.5e-3),
    judgeClearance({
      id: 'gasket',
      label: 'Gasket on the jacket',
      hole: holeTerm(input, 'gasketBore'),
      shaft: { label: 'jacket diameter', value: input.cable.jacket.diameter, kind: 'length', assumed: true },
      free: 0.05e-3,
      loose: 0.8e-3,
      ...gasketWords,
    }),
    clampFit(input),
    ...couplingFit(input),
    conductorIn(input, 'pinBore', 'contact bore'),
  ],
  strip: stripClampGland,
  parts,
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')),
    covered: 0.6 * featureValue(card, 'stackLength'),
  }),
  steps: clampGlandSteps,
};
