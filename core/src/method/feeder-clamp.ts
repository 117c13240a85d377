import {
  usualFaults,
  ruleWords,
  refusalWords,
  pitchWords,
  conductorWords,
  traitsWords,
  oRingWords,
} from '../words/feeder-clamp.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';

import { cableTerm } from '../strip/write-strip.ts';
import type { Method, MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { feederClampSteps } from './feeder-clamp-steps.ts';
import { stripFeederClamp } from './feeder-clamp-strip.ts';

function pitchCheck(input: EndInput): FitCheck {
  const hole = holeTerm(input, 'pitch');
  const pitch = input.cable.tube?.pitch ?? NaN;
  const margin = hole.value - pitch;
  const good = Math.abs(margin) <= 0.15 * pitch;
  return {
    id: 'pitch',
    kind: 'measured',
    about: 'part',
    label: 'Compression ring in a valley',
    verdict: good ? 'fits' : 'does not fit',
    hole,
    shaft: cableTerm('pitch of the cable', pitch),
    margin,
    ...pitchWords({ good }),
  };
}

function innerCheck(input: EndInput): FitCheck {
  const { conductor } = input.cable;
  if (input.connector.contactFixing !== 'screw')
    return conductorIn(input, 'pinBore', 'seizing contact', 0.4e-3);
  return judgeClearance({
    id: 'conductor',
    label: 'Screwed contact in the inner conductor',
    hole: cableTerm('bore of the inner conductor', conductor.bore),
    shaft: holeTerm(input, 'innerTubeBore'),
    free: 0.05e-3,
    loose: 0.5e-3,
    ...conductorWords,
  });
}

function parts({ card }: EndInput): MethodPart[] {
  const nut = featureValue(card, 'nutOutside');
  const ringOutside = featureValue(card, 'ringOutside');
  return [
    {
      kind: 'O-ring',
      form: 'ring',
      back: 8e-3,
      opening: featureValue(card, 'gasketBore'),
      outside: Math.min(nut, featureValue(card, 'nutBore') + 2e-3),
      fixedOutside: nut,
    },
    {
      kind: 'back nut',
      form: 'nut',
      back: 16e-3,
      opening: featureValue(card, 'nutBore'),
      outside: Math.max(nut, ringOutside),
      fixedOutside: nut,
      face: 'thread',
    },
  ];
}

/** Clamp connector on corrugated feeder: N, 7-16, UHF. */
export const feederClamp: Method = {
  name: 'feeder clamp',
  traits: {
    shieldBy: 'clamp gland',
    ...traitsWords,
    reusable: true,
    heat: 'none',
    needs: ['fine saw', 'flaring tool', 'torque spanner'],
    shopTools: ['fine saw', 'flaring tool', 'torque spanner'],
  },
  usualFaults,
  firstFeatures: ['ringValley', 'pitch', 'conductorProud', 'flareDiameter'],
  foldedFeatures: [
    'stopDepth',
    'ringOutside',
    'nutBore',
    'nutOutside',
    'gasketBore',
    'bodyBore',
    'pinBore',
    'innerTubeBore',
    'contactTolerance',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    {
      smaller: 'pitch',
      larger: 'ringValley',
      at: 'ringValley',
      because: ruleWords.leastOneCorrugationStands,
    },
    {
      smaller: 'flareDiameter',
      larger: 'nutOutside',
      at: 'flareDiameter',
      because: ruleWords.flareLiesWithinNut,
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeRing },
    { smaller: 'nutBore', larger: 'nutOutside', at: 'nutBore', because: ruleWords.nutHasWall },
  ],
  refuses: (cable) => (cable.tube?.corrugated ? null : refusalWords.madeCorrugatedFeeder),
  fit: (input) => [
    jacketThrough(input, 'nutBore', 'back nut', 2e-3),
    judgeClearance({
      id: 'O-ring',
      label: 'O-ring on the jacket',
      hole: holeTerm(input, 'gasketBore'),
      shaft: cableTerm('jacket diameter', input.cable.jacket.diameter),
      free: 0,
      loose: 1e-3,
      ...oRingWords,
      tight: '',
    }),
    pitchCheck(input),
    innerCheck(input),
  ],
  strip: stripFeederClamp,
  parts,
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')),
    covered: 20e-3,
  }),
  steps: feederClampSteps,
};
