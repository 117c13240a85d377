import { featureValue } from '../connector/gauge-card.ts';
import { noShortStep, setbackStep, tighteningSetting } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { goBack, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { cutFigure, measureSteps, nickStep } from '../build/strip-steps.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/strip-plan.ts';

/** Back nuts of feeder connectors, N m, by size of the nut. Engineering values. */
const clampTorque = (nutOutside: number) => (nutOutside < 30e-3 ? 25 : nutOutside < 45e-3 ? 35 : 50);

export function feederClampSteps(input: RecipeInput): StepDraft[] {
  const { card, endName, house, strip: plan, connector } = input;
  const valleys = Math.max(1, Math.round(featureValue(card, 'ringValley') / featureValue(card, 'pitch')));
  const torque = clampTorque(featureValue(card, 'nutOutside'));
  const screwed = connector.contactFixing === 'screw';
  const valley = cutOf(plan, 'tube');
  const foamBack = valley.position.value - cutOf(plan, 'dielectric').position.value;
  return [
    {
      name: 'jacket',
      work: 'strip',
      stage: 'Strip',
      title: `Bare the corrugation, end ${endName}`,
      text: {
        firstTime: `Straighten the last half metre by hand. Ring the jacket lightly, never into the copper, and pull it off so that ${valleys + 1} corrugations stand bare. Wipe flooding and dust off.`,
        experienced: `Jacket off ${valleys + 1} corrugations. Do not score the copper.`,
      },
      why: 'Every other length is counted from the jacket edge; a scored outer breaks there.',
      tools: [{ label: 'Blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
      caution: 'Cut away from the hand; clamp the cable.',
      good: ['copper not scored', 'clean valleys'],
      bad: ['score mark in the copper'],
    },
    {
      name: 'tube',
      work: 'strip',
      stage: 'Strip',
      title: `Set the ring and saw, end ${endName}`,
      text: {
        firstTime: `Back nut and greased O-ring are on the cable. Lay the compression ring in valley ${valleys} from the jacket, bring the nut up to it, and saw the outer on the crest before it, lightly, turning the cable, with the end hanging down so that chips fall out. Leave the inner conductor standing.`,
        experienced: `Ring in valley ${valleys}, saw the crest before it, end down, inner left standing.`,
      },
      why: 'Chips in the foam are shorts that come and go with the weather.',
      tools: [{ label: 'Fine saw', setting: 'light strokes, guided by the ring' }],
      figures: [cutFigure('outer, from the jacket edge', valley)],
      caution: 'Saw away from the hand; the cut edge is sharp. Glasses on.',
      good: ['square cut on the crest', 'no chip in the foam'],
      bad: ['ring in the wrong valley', 'outer pressed oval'],
    },
    {
      name: 'dielectric',
      work: 'strip',
      stage: 'Strip',
      title: `Clean the foam and flare, end ${endName}`,
      text: {
        firstTime: `Cut the foam away from the inner and ${formatMillimetres(foamBack)} mm from the edge of the outer. Trim the inner to its length, deburr it inside and outside. Deburr the outer, turn the flaring tool until the edge is flared evenly to its diameter, and brush every chip off.`,
        experienced: 'Foam back, trim and deburr the inner, deburr and flare the outer, brush.',
      },
      why: 'The flare is the whole contact of the outer.',
      tools: [
        { label: 'Flaring tool', setting: `to ${formatMillimetres(featureValue(card, 'flareDiameter'))} mm` },
      ],
      figures: [
        cutFigure('foam, from the jacket edge', cutOf(plan, 'dielectric')),
        cutFigure('conductor, from the jacket edge', cutOf(plan, 'conductor')),
      ],
      caution: 'Edges are sharp: gloves for the hand that holds the cable.',
      good: ['even flare, no split', 'foam clear of the edge'],
      bad: ['split or one-sided flare', 'chips on the foam'],
    },
    ...measureSteps(input),
    nickStep(
      input,
      stripAgain(
        input,
        'Brush chips off and look again. A split flare or a nicked inner: saw one pitch further back and flare again.',
      ),
    ),
    {
      name: 'contact',
      work: 'screw',
      stage: 'Join',
      title: `${screwed ? 'Screw' : 'Seize'} the contact, end ${endName}`,
      text: {
        firstTime: screwed
          ? 'Screw the contact into the bore of the inner conductor until it is firm against its end. Hold the inner with its spanner: it must not turn in the foam.'
          : 'Slide the contact over the inner conductor as far as it goes; its fingers close on it when the body is tightened.',
        experienced: screwed ? 'Contact in, firm, inner held.' : 'Contact on to its stop.',
      },
      why: 'A loose contact burns at power.',
      tools: screwed ? [{ label: 'Contact key', setting: 'firm' }] : [],
      good: ['against its stop', 'in the middle'],
      bad: ['inner turned in the foam', 'askew'],
    },
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Bring the body on, end ${endName}`,
      text: {
        firstTime:
          'Grease the O-ring of the body thinly, none on metal faces. Push the body straight over the flare until it meets, and start the back nut by hand. It turns freely or it is crossed.',
        experienced: 'O-rings greased, body on to the flare, nut by hand.',
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['nut turns freely by hand', 'O-rings in their grooves'],
      bad: ['nut crossed', 'O-ring pinched', 'grease on the flare'],
    },
    noShortStep(
      input,
      'before the nut is tightened',
      goBack('dielectric', 'Take the body off: a chip lies on the foam. Brush it off.'),
    ),
    {
      name: 'clamp',
      work: 'screw',
      stage: 'Join',
      title: `Tighten the back nut, end ${endName}`,
      text: {
        firstTime:
          'Hold the body still and turn only the nut. Turning the body tears the flare and wrings the contact off the inner.',
        experienced: 'Hold the body, turn the nut.',
      },
      why: 'The clamp presses the flare on its seat.',
      tools: [{ label: 'Torque spanner', setting: tighteningSetting(torque, house) }],
      caution: 'Mind the hands when a spanner slips; up a mast follow local rules and licensed practice.',
      good: ['body never turned', 'nut at its torque'],
      bad: ['body turned with the nut'],
      hold: lookHold(
        'Back nut tight, body not turned',
        goBack(
          'dielectric',
          `The body turned: open it, look at flare and contact, and make both again. ${connector.series.series} parts are used again, O-rings new.`,
        ),
      ),
    },
    setbackStep(
      input,
      'setback',
      goBack('insert', 'Open the nut, look whether contact and flare are home, and tighten again.'),
    ),
    {
      name: 'load-test',
      work: 'measure',
      stage: 'Join',
      title: `Look through with a load, end ${endName}`,
      text: {
        firstTime:
          'With a load on the far end, read its resistance here: load plus loop. Shake the connector: the reading stands. Only then is it sealed.',
        experienced: 'Load on the far end, read, shake.',
      },
      why: 'Once it is sealed up the mast nobody opens it again.',
      tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
      caution: 'Only a line with nothing but the load connected: never a line with a transmitter on it.',
      good: ['load plus loop, steady'],
      bad: ['jumps when shaken', 'open or short'],
      hold: lookHold(
        'Load seen, steady when shaken',
        goBack(
          'insert',
          'Open the nut and look at contact and flare; test from the other end before this one is blamed.',
        ),
      ),
    },
  ];
}
