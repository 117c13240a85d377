import { usualFaults, ruleWords, braidCutWords, braidFitWords, traitsWords } from '../words/soldered-body.ts';
import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { overBraid } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { biteCheck, conductorIn, holeTerm, solderingCheck } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method, ReliefPlace } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import type { Lip } from './uhf-tip.ts';
import { dielectricCut, tipCut } from './uhf-tip.ts';
import { refusesFerrule } from './ferrule.ts';
import { steps } from './soldered-body-steps.ts';
import { couplingFit, couplingParts } from './uhf-coupling.ts';

/** The jacket ends at least this far behind the rear edge of the holes. Engineering value. */
const jacketBehindHoles = 1e-3;
/** Braid covers every hole by this, and ends this far from the dielectric stop. House defaults. */
const braidPastHole = 1e-3;
const braidBeforeStop = 2e-3;
/** Braid stays this far behind the end of the dielectric, whatever was cut. Engineering value. */
const braidBehind = 0.3e-3;

const source = 'seated joint of a soldered body: rear thread, holes, dielectric stop, tip';

/** How far the jacket goes into the body: through the thread, but not under a hole. The rear lip lies as far behind. */
function lipOf({ card }: EndInput): Lip {
  const thread = featureValue(card, 'threadLength');
  const holeRear = featureValue(card, 'holeCentre') - featureValue(card, 'holeDiameter') / 2;
  const byHoles = holeRear - jacketBehindHoles;
  return thread <= byHoles
    ? { value: -thread, terms: [negative(featureTerm(card, 'threadLength'))], formula: '-a' }
    : {
        value: -byHoles,
        terms: [
          negative(featureTerm(card, 'holeCentre')),
          {
            ...featureTerm(card, 'holeDiameter'),
            label: 'Half a hole',
            value: featureValue(card, 'holeDiameter') / 2,
          },
          clearanceTerm('Jacket behind the holes', jacketBehindHoles),
        ],
        formula: '-(e - m/2 - g)',
      };
}

const negative = (term: ReturnType<typeof featureTerm>) => ({ ...term, value: -term.value });

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card } = input;
  const value = reader(card);
  const lip = lipOf(input);
  const braidEnd = lip.value + value('stopDepth') - braidBeforeStop;
  const holeFront = lip.value + value('holeCentre') + value('holeDiameter') / 2;
  const dielectric = dielectricCut(input, lip);
  const tip = tipCut(input, lip);
  const body = Math.max(value('bodyBore') + 2e-3, 0.72 * value('bodyOutside'));
  const threadEnd = lip.value + value('threadLength');
  const hole = [holeFront - value('holeDiameter'), holeFront] as const;
  return { lip, braidEnd, holeFront, dielectric, tip, body, threadEnd, hole };
}

type Places = ReturnType<typeof placesOf>;

/** Strip: `j = -a`, `xb = j + d - 2 mm`, `xd = j + d - g`, `xc = j + r(tip) + proud`, metres from the jacket edge. */
export function strip(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { card } = input;
  const value = reader(card);
  const { lip } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: lip.value,
      covered: -lip.value,
      cuts: cutsOf(input, at),
      windows: [
        { behind: 'braid', before: 'dielectric', least: braidBehind, tooClose: braidCutWords.tooLong },
      ],
      section: sectionOf(input, at),
      planes: [
        { label: 'rear lip', at: lip.value },
        { label: 'jacket edge', at: 0 },
        { label: 'stop', at: lip.value + value('stopDepth') },
        { label: 'tip', at: lip.value + value('lipToTip') },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card } = input;
  const term = (name: FeatureName) => featureTerm(card, name);
  const { lip, braidEnd, holeFront, dielectric, tip } = at;
  return [
    {
      layer: 'braid',
      label: 'Braid end',
      position: lengthOf(
        braidEnd,
        `${lip.formula} + d - g`,
        [...lip.terms, term('stopDepth'), negative(clearanceTerm('Braid before the stop', braidBeforeStop))],
        source,
      ),
      plus: braidBeforeStop - 0.5e-3,
      minus: Math.max(0.2e-3, braidEnd - holeFront - braidPastHole),
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
  const { lip, braidEnd, dielectric, tip, body, threadEnd, hole } = at;
  return [
    ...cableRings(cable, {
      back: -lip.value + 8e-3,
      ...(cable.foil ? { foil: braidEnd } : {}),
      dielectric: dielectric.position.value,
      conductor: tip.position.value,
    }),
    ring('cable', 'braid', 'braid', [0, braidEnd], [cable.dielectric.diameter, overBraid(cable)], ['solder']),
    ring('connector', 'rear thread', 'metal', [lip.value, threadEnd], [value('threadBore'), body], ['bite']),
    ring(
      'connector',
      'body behind the holes',
      'metal',
      [threadEnd, Math.max(threadEnd, hole[0])],
      [value('bodyBore'), body],
    ),
    ring('connector', 'solder hole', 'solder', hole, [value('bodyBore'), body], ['solder']),
    ring(
      'connector',
      'body',
      'metal',
      [hole[1], lip.value + value('lipToMatingPlane')],
      [value('bodyBore'), body],
    ),
    ...hollowTip(value, lip.value, value('bodyBore')),
    couplingRing(value, lip.value, body),
  ];
}

function fit(input: EndInput): FitCheck[] {
  const { cable, house } = input;
  return [
    biteCheck(input, 'threadBore', 'rear thread', cable.jacket.diameter),
    judgeClearance({
      id: 'braid',
      label: 'Braid in the body',
      hole: holeTerm(input, 'bodyBore'),
      shaft: cableTerm('over the braid', overBraid(cable)),
      free: 0.1e-3,
      loose: 1.6e-3,
      ...braidFitWords,
    }),
    conductorIn(input, 'tipBore', 'hollow tip', 1.6e-3),
    ...couplingFit(input),
    ...(house.practice.bodyHoles === 'all'
      ? [solderingCheck(input, 'shell'), solderingCheck(input, 'shield')]
      : []),
  ];
}

/** Shrink over the rear of a body that the coupling must still slide over. */
export function bodyRelief(input: EndInput): ReliefPlace {
  const { card, cable } = input;
  return { over: Math.max(cable.jacket.diameter, featureValue(card, 'couplingBore') - 1e-3), covered: 10e-3 };
}

/** UHF plug whose body is screwed on the jacket and soldered to the braid through its holes. */
export const solderedBody: Method = {
  name: 'soldered body',
  traits: {
    shieldBy: 'solder',
    ...traitsWords,
    reusable: false,
    heat: 'big iron',
    needs: ['iron with a big tip', 'vice'],
    shopTools: ['iron with a big tip', 'fine iron'],
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
      smaller: 'holeCentre',
      larger: 'stopDepth',
      at: 'holeCentre',
      because: ruleWords.holesLieBehindDielectric,
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: ruleWords.tipLiesBeforeStop },
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: ruleWords.tipHasWall },
    {
      smaller: 'holeDiameter',
      larger: 'holeCentre',
      at: 'holeDiameter',
      because: ruleWords.holesLieWithinBody,
    },
  ],
  refuses: refusesFerrule,
  fit,
  strip,
  parts: (input) => couplingParts(input),
  relief: bodyRelief,
  steps,
};
