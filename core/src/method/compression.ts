import { shieldThickness } from '../cable/braid.ts';
import { seriesAndSex } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { dielectricStep, foldBraidStep, jacketStep, measureSteps, nickStep } from '../build/strip-steps.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, dielectricIn, holeTerm } from '../fit/coax-checks.ts';
import { overFoil, cableRings } from '../strip/cable-rings.ts';
import { ring } from '../strip/section.ts';
import { reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method } from './method.ts';
import { refusesFerrule } from './ferrule.ts';

/** Conductor stands this far proud of the nut face. House default. */
const proud = 3e-3;
/** Braid folded back. Engineering value. */
const fold = 5e-3;

const source =
  'seated joint of a compression plug: dielectric flush with the post, conductor proud of the nut';

/** Strip: dielectric flush with the face of the post, `xd = j + d`; conductor `xc = j + r(tip) + 3 mm`. Metres. */
function strip(input: EndInput): StripPlan {
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
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: Math.max(0, -j),
      shield: 'folded back',
      cuts: [
        {
          layer: 'braid',
          label: 'Braid, folded back',
          position: lengthOf(fold, '5 mm', [clearanceTerm('Folded back', fold)], source),
          plus: 2e-3,
          minus: 2e-3,
          tooLong: 'Braid shows behind the body and lets water in.',
          tooShort: 'Too little braid is pressed between post and body.',
        },
        ...(cable.foil
          ? [
              {
                layer: 'foil' as const,
                label: 'Foil, whole to the end of the dielectric',
                position: lengthOf(face, 'j + d', atPost, source),
                plus: 0.2e-3,
                minus: 1e-3,
                tooLong: 'A tongue of foil reaches the conductor.',
                tooShort: 'The foil is pushed back by the post: a gap in the shield.',
              },
            ]
          : []),
        {
          layer: 'dielectric',
          label: 'Dielectric, flush with the post',
          position: lengthOf(face, 'j + d', atPost, source),
          plus: 0.3e-3,
          minus: 0.3e-3,
          tooLong: 'It stands before the post: the plug does not screw home.',
          tooShort: 'It stands back in the post: water collects and the match suffers.',
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
          tooLong: 'It pushes through the contact of the socket.',
          tooShort: 'It does not reach the contact of the socket.',
        },
      ],
      section: [
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
      ],
      planes: [
        { label: 'rear lip', at: j },
        { label: 'jacket edge', at: 0 },
        { label: 'face of the post', at: face },
        { label: 'nut face', at: tip },
      ],
    },
    input.house,
  );
}

function steps(input: RecipeInput): StepDraft[] {
  const { endName, connector } = input;
  const scrap = [seriesAndSex(connector)];
  return [
    jacketStep(input),
    foldBraidStep(input, 'the jacket'),
    dielectricStep(input),
    ...measureSteps(input),
    nickStep(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Push the plug on, end ${endName}`,
      text: {
        firstTime:
          'Push the post between foil and braid with a slight turn, until the dielectric is flush with the face of the post, seen through the nut. The foil stays on the dielectric: nothing of it is pushed back.',
        experienced: 'Post under the braid, dielectric flush with its face.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['dielectric flush, white and round in the post', 'conductor about 3 mm proud of the nut'],
      bad: ['dielectric standing back or forward', 'foil rucked up', 'braid wire forward'],
    },
    {
      name: 'flush-look',
      work: 'look',
      stage: 'Join',
      title: `Look into the nut, end ${endName}`,
      text: {
        firstTime:
          'The dielectric is level with the post, no wire or foil at the conductor, conductor straight.',
        experienced: 'Flush, clean, straight.',
      },
      why: 'After the compression the cable cannot be moved in the plug.',
      good: ['flush'],
      bad: ['gap or hump'],
      hold: lookHold('Dielectric flush with the post', {
        ...stripAgain(input, 'Pull the plug off, strip again, and push further or trim.'),
      }),
    },
    noShortStep(
      input,
      'before it is compressed',
      goBack('insert', 'Pull the plug off and look for a wire at the conductor.'),
    ),
    {
      name: 'compress',
      work: 'crimp',
      stage: 'Join',
      title: `Compress, end ${endName}`,
      text: {
        firstTime:
          'Set the plug straight in the compression tool, conductor in its slot, and close the tool to its stop, once.',
        experienced: 'Straight in the tool, once, to the stop.',
      },
      why: 'The sleeve closes on jacket and braid all round: it holds and seals.',
      tools: [{ label: 'Compression tool', setting: 'set for this length of plug' }],
      good: ['sleeve closed evenly to its ring'],
      bad: ['closed askew', 'conductor bent'],
    },
    cableTugStep(input, 'plug', cutOffAgain(input, 'Cut the plug off and make the end again.', scrap)),
  ];
}

/** Compression plug: F on 6 class and RG-59. */
export const compression: Method = {
  name: 'compression',
  traits: {
    shieldBy: 'crimp',
    because: 'quick and weather-tight on 75-ohm drop cable',
    reusable: false,
    heat: 'none',
    needs: ['compression tool', 'two-position prep tool'],
    shopTools: ['compression tool'],
  },
  usualFaults: {
    open: 'a conductor too short for the socket, foil pushed back, braid not under the post',
    short: 'a wire or a tongue of foil at the conductor',
  },
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
    { smaller: 'postBore', larger: 'postOutside', at: 'postBore', because: 'a post has a wall' },
    {
      smaller: 'postOutside',
      larger: 'sleeveBore',
      at: 'postOutside',
      because: 'braid and jacket lie between post and sleeve',
    },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: 'the nut stands before the post' },
    { smaller: 'postLength', larger: 'lipToTip', at: 'postLength', because: 'the post lies within the body' },
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
      tooTight: 'The cable does not enter the sleeve: the plug is for a thinner one, or thin the braid.',
      tight: 'The cable enters hard: a turn while pushing.',
      tooLoose: 'The sleeve does not close on this jacket.',
    }),
    dielectricIn(input, 'postBore', 'post', 0.4e-3),
    judgeClearance({
      id: 'post',
      label: 'Post under the jacket',
      hole: cableTerm('jacket diameter', input.cable.jacket.diameter),
      shaft: holeTerm(input, 'postOutside'),
      free: 0.4e-3,
      loose: 3e-3,
      tooTight: 'The post splits the jacket.',
      tight: 'The post stretches the jacket hard.',
      tooLoose: `The post lies loose: foil over dielectric is ${(overFoil(input.cable) * 1e3).toFixed(2)} mm.`,
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
