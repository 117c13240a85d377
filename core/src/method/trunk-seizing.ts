import {
  usualFaults,
  ruleWords,
  refusalWords,
  dielectricKindWords,
  entryWords,
  mandrelWords,
  traitsWords,
} from '../words/trunk-seizing.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import { cableTerm } from '../strip/write-strip.ts';
import type { Method, MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { bootLength, trunkSeizingSteps } from './trunk-seizing-steps.ts';
import { stripTrunkSeizing, sheathOf, boreOf } from './trunk-seizing-strip.ts';

function parts(input: EndInput): MethodPart[] {
  const { card, connector, cable } = input;
  const nut = featureValue(card, 'nutOutside');
  if (connector.sex !== 'splice') return [];
  const supplied = Math.max(1.15 * nut, 1.15 * cable.jacket.diameter);
  return [
    {
      kind: 'splice boot',
      form: 'boot',
      back: 14e-3,
      opening: supplied,
      outside: supplied + 4e-3,
      fixedOutside: nut + 5e-3,
      cutLength: bootLength(input),
    },
  ];
}

/** Foam and fused discs are cored by different tools, and their connectors differ in mandrel. */
function dielectricKind({ cable, connector }: EndInput): FitCheck {
  const { material } = cable.dielectric;
  const good = connector.forDielectric === material;
  return {
    id: 'dielectric-kind',
    label: 'Made for this dielectric',
    verdict: good ? 'fits' : 'does not fit',
    kind: 'yes or no',
    about: 'part',
    one: `connector: ${connector.forDielectric ?? 'any'}`,
    other: `cable: ${material}`,
    ...dielectricKindWords({ good, material }),
  };
}

function sheathChecks(input: EndInput): FitCheck[] {
  return [
    judgeClearance({
      id: 'entry',
      label: 'Sheath through the back nut',
      hole: holeTerm(input, 'nutBore'),
      shaft: cableTerm('sheath diameter', sheathOf(input)),
      free: 0.1e-3,
      loose: 0.9e-3,
      ...entryWords,
    }),
    judgeClearance({
      id: 'mandrel',
      label: 'Mandrel in the cored sheath',
      hole: cableTerm('inside of the sheath', boreOf(input)),
      shaft: holeTerm(input, 'mandrelOutside'),
      free: 0.1e-3,
      loose: 0.9e-3,
      ...mandrelWords,
    }),
  ];
}

/** Splice and pin connector on seamless-aluminium trunk. */
export const trunkSeizing: Method = {
  name: 'trunk seizing',
  traits: {
    shieldBy: 'clamp gland',
    ...traitsWords,
    reusable: true,
    heat: 'none',
    needs: ['coring tool of the size', 'spanners', 'fine saw'],
    shopTools: ['coring tool', 'seizing spanners', 'fine saw'],
  },
  usualFaults,
  firstFeatures: ['coringDepth', 'insertionDepth', 'seizingDepth'],
  foldedFeatures: [
    'jacketOffset',
    'mandrelOutside',
    'nutBore',
    'nutOutside',
    'seizingBore',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    { smaller: 'nutBore', larger: 'nutOutside', at: 'nutBore', because: ruleWords.nutHasWall },
    {
      smaller: 'seizingBore',
      larger: 'mandrelOutside',
      at: 'seizingBore',
      because: ruleWords.conductorLiesWithinMandrel,
    },
    {
      smaller: 'insertionDepth',
      larger: 'lipToTip',
      at: 'insertionDepth',
      because: ruleWords.stopLiesWithinBody,
    },
  ],
  refuses: (cable) => (cable.tube?.metal === 'aluminium' ? null : refusalWords.madeSeamlessAluminiumTrunk),
  fit: (input) => [
    dielectricKind(input),
    ...sheathChecks(input),
    conductorIn(input, 'seizingBore', 'seizing nut', 0.5e-3),
    ...(input.connector.sex === 'splice'
      ? [jacketThrough(input, 'bodyOutside', 'splice boot', Infinity, 'boot')]
      : []),
  ],
  strip: stripTrunkSeizing,
  parts,
  relief: ({ card, cable, connector }) =>
    connector.sex === 'splice'
      ? null
      : { over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')), covered: 16e-3 },
  steps: trunkSeizingSteps,
};
