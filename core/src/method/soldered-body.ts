import { cableRings } from '../strip/cable-rings.ts';
import { overBraid } from '../cable/braid.ts';
import { seriesAndSex } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { ironTool, noShortStep, solderCaution } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import {
  braidWords,
  cutFigure,
  dielectricStep,
  jacketStep,
  measureSteps,
  nickStep,
} from '../build/strip-steps.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { biteCheck, conductorIn, holeTerm, jacketThrough, solderingCheck } from '../fit/coax-checks.ts';
import { solderHeat } from '../fit/solder.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader, hollowTip } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cutOf } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart, ReliefPlace } from './method.ts';
import { solderHolesSteps } from './uhf-holes.ts';
import type { Lip } from './uhf-tip.ts';
import { dielectricCut, tipCut, tipSteps } from './uhf-tip.ts';
import { refusesFerrule } from './ferrule.ts';

/** The jacket ends at least this far behind the rear edge of the holes. Engineering value. */
const jacketBehindHoles = 1e-3;
/** Braid covers every hole by this, and ends this far from the dielectric stop. House defaults. */
const braidPastHole = 1e-3;
const braidBeforeStop = 1.5e-3;

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

/** Strip: `j = -a`, `xb = j + d - 1.5 mm`, `xd = j + d - g`, `xc = j + r(tip) + proud`, metres from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const lip = lipOf(input);
  const braidEnd = lip.value + value('stopDepth') - braidBeforeStop;
  const holeFront = lip.value + value('holeCentre') + value('holeDiameter') / 2;
  const dielectric = dielectricCut(input, lip);
  const tip = tipCut(input, lip);
  const body = Math.max(value('bodyBore') + 2e-3, 0.72 * value('bodyOutside'));
  const threadEnd = lip.value + value('threadLength');
  const hole = [holeFront - value('holeDiameter'), holeFront] as const;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: lip.value,
      covered: -lip.value,
      cuts: [
        {
          layer: 'braid',
          label: 'Braid end',
          position: lengthOf(
            braidEnd,
            `${lip.formula} + d - g`,
            [
              ...lip.terms,
              term('stopDepth'),
              negative(clearanceTerm('Braid before the stop', braidBeforeStop)),
            ],
            source,
          ),
          plus: braidBeforeStop - 0.5e-3,
          minus: Math.max(0.2e-3, braidEnd - holeFront - braidPastHole),
          tooLong: 'A strand reaches the front bore and lies at the centre: a dead short.',
          tooShort: 'Bare dielectric shows under a hole: solder has nothing to hold and melts it.',
        },
        dielectric,
        tip,
      ],
      section: [
        ...cableRings(cable, {
          back: -lip.value + 8e-3,
          ...(cable.foil ? { foil: braidEnd } : {}),
          dielectric: dielectric.position.value,
          conductor: tip.position.value,
        }),
        ring(
          'cable',
          'braid',
          'braid',
          [0, braidEnd],
          [cable.dielectric.diameter, overBraid(cable)],
          ['solder'],
        ),
        ring(
          'connector',
          'rear thread',
          'metal',
          [lip.value, threadEnd],
          [value('threadBore'), body],
          ['bite'],
        ),
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
      ],
      planes: [
        { label: 'rear lip', at: lip.value },
        { label: 'jacket edge', at: 0 },
        { label: 'stop', at: lip.value + value('stopDepth') },
        { label: 'tip', at: lip.value + value('lipToTip') },
      ],
    },
    input.house,
  );
}

/** Whether house practice tacks the braid of this lead: by the power that it carries. */
function tacks({ house, power }: EndInput): boolean {
  return house.practice.braidTack !== 'comb and trim' && power > house.tackAbove;
}

function braidStep(input: RecipeInput): StepDraft {
  const braid = cutOf(input.strip, 'braid');
  const [braids, them] = braidWords(input);
  const tack = tacks(input);
  const heat = solderHeat('small pin', { length: 4e-3, outside: 2e-3 }, input.house);
  return {
    name: 'braid',
    work: 'braid',
    stage: 'Strip',
    title: `${tack ? 'Tack and trim' : 'Comb and trim'} ${braids}, end ${input.endName}`,
    text: {
      firstTime: tack
        ? `Smooth ${braids} flat on the dielectric, tin ${them} thinly all round, quick and without lumps, let it cool, then ring ${them} with a fine blade at the figure below and snap the ring off.`
        : `Comb ${braids} straight, lay ${them} flat on the dielectric and trim ${them} all round at the figure below. ${input.cable.foil ? 'Foil is trimmed with it.' : ''} Brush loose wires away.`,
      experienced: tack ? 'Tin thinly, no lumps, ring, snap off.' : 'Comb flat, trim all round, brush off.',
    },
    why: tack
      ? `Above ${input.house.tackAbove} W this house tacks: no strand can come loose while the body turns. It is custom more than electrical need.`
      : `Too short: ${braid.tooShort}`,
    tools: tack ? [ironTool(heat)] : [],
    figures: [cutFigure('braid, from the jacket edge', braid)],
    caution: tack ? solderCaution(input) : 'Glasses on: trimmed wires fly. Cover the offcut.',
    good: [tack ? 'thin, bright, still round' : 'flat and even all round'],
    bad: [tack ? 'lump that will not pass the body' : 'a single long wire', 'dielectric soft or scored'],
  };
}

function holesSteps(input: RecipeInput): StepDraft[] {
  if (input.house.practice.bodyHoles === 'all') return solderHolesSteps(input, 'body and braid');
  return [
    {
      name: 'holes',
      work: 'solder',
      stage: 'Join',
      title: `Leave the holes, end ${input.endName}`,
      text: {
        firstTime:
          'House practice leaves the holes unsoldered: the threads hold. Look through each hole: braid pressed flat against the body.',
        experienced: 'No solder: look that braid bears on the body.',
      },
      why: 'Accepted indoors at low power; outdoors water creeps in and the bond ages.',
      good: ['braid bears on the body in every hole'],
      bad: ['gap between braid and body'],
      hold: lookHold(
        'Braid bears on the body',
        goBack('insert', 'Turn the body back off and comb the braid evenly.'),
      ),
    },
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  return [
    jacketStep(input),
    braidStep(input),
    dielectricStep(input),
    ...measureSteps(input),
    nickStep(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Screw the body on, end ${input.endName}`,
      text: {
        firstTime:
          'The coupling ring is on the cable, its thread toward the end: look. Turn the body on to the jacket, cable held in the vice, straight and steadily until conductor stands 1 to 2 mm out of the tip. The thread bites the jacket. Never turn back and forth.',
        experienced: 'Coupling on, thread forward. Body on until the conductor stands out at the tip.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['braid in every hole, no dielectric', 'conductor out at the tip'],
      bad: ['bare dielectric under a hole', 'braid screwed up into a plug'],
    },
    {
      name: 'holes-look',
      work: 'look',
      stage: 'Join',
      title: `Look into the holes, end ${input.endName}`,
      text: {
        firstTime:
          'Turn the body under the light: each hole is full of braid, none shows dielectric, nothing stands forward at the tip.',
        experienced: 'Braid in every hole.',
      },
      why: 'After the solder nothing can be moved.',
      good: ['braid fills every hole'],
      bad: ['white or clear dielectric in a hole'],
      hold: lookHold(
        'Braid under every hole',
        goBack('jacket', 'Turn the body off and take the strip again with more braid.'),
      ),
    },
    noShortStep(
      input,
      'before any solder',
      goBack('insert', 'Turn the body off: a strand has gone forward. Trim it and screw on again.'),
    ),
    ...tipSteps(
      input,
      cutOffAgain(input, 'The dielectric has melted: cut the plug off and make the end again.', [
        seriesAndSex(input.connector),
      ]),
    ),
    ...holesSteps(input),
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
      tooTight: 'The braid will not enter the body: it is screwed up into a plug.',
      tight: 'The braid enters with a twist; tack it, or it rucks up.',
      tooLoose: 'The braid does not reach the body: solder has to bridge the gap. Use a reducer.',
    }),
    conductorIn(input, 'tipBore', 'hollow tip', 1.6e-3),
    jacketThrough(input, 'couplingBore', 'coupling', Infinity, 'coupling'),
    ...(house.practice.bodyHoles === 'all'
      ? [solderingCheck(input, 'shell'), solderingCheck(input, 'shield')]
      : []),
  ];
}

/** The loose coupling ring of a UHF plug: on the cable before the body, its thread toward the end. */
export function couplingPart({ card }: EndInput): MethodPart {
  return {
    kind: 'coupling',
    form: 'coupling',
    back: 12e-3,
    opening: featureValue(card, 'couplingBore'),
    outside: featureValue(card, 'bodyOutside'),
    fixedOutside: featureValue(card, 'bodyOutside'),
    face: 'thread',
  };
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
    because: 'strongest and sealed by solder; can be made without crimp tools',
    reusable: false,
    heat: 'big iron',
    needs: ['iron with a big tip', 'vice'],
    shopTools: ['iron with a big tip', 'fine iron'],
  },
  usualFaults: {
    open: 'a cold joint at the tip, holes that never wetted, braid short of the holes',
    short: 'a strand that went forward, dielectric melted under the holes so that the centre wandered',
  },
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
  rules: [
    {
      smaller: 'holeCentre',
      larger: 'stopDepth',
      at: 'holeCentre',
      because: 'the holes lie behind the dielectric stop',
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: 'the tip lies before the stop' },
    { smaller: 'tipBore', larger: 'tipOutside', at: 'tipBore', because: 'a tip has a wall' },
    {
      smaller: 'holeDiameter',
      larger: 'holeCentre',
      at: 'holeDiameter',
      because: 'the holes lie within the body',
    },
  ],
  refuses: refusesFerrule,
  fit,
  strip,
  parts: (input) => [couplingPart(input)],
  relief: bodyRelief,
  steps,
};
