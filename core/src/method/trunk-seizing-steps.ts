import { featureValue } from '../connector/gauge-card.ts';
import { cableTugStep, noShortStep, tighteningSetting } from '../build/join-steps.ts';
import type { EndInput } from './method.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../build/recipe.ts';
import { shrinkCool, shrinkFrom } from '../build/shrink-words.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { cutFigure, measureSteps, nickStep } from '../build/strip-steps.ts';
import { bendRadius } from '../cable/body.ts';
import type { Explained } from '../quantity/explained.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { cutOf } from '../strip/strip-plan.ts';

/** A buried boot reaches this far past the bare sheath on either side. House default. */
const bootPastSheath = 75e-3;
/** Length of the boot of a splice: over bare sheath and body, and well on to both jackets. */
function bootLength({ card }: EndInput): number {
  return featureValue(card, 'lipToTip') + 2 * (featureValue(card, 'jacketOffset') + bootPastSheath);
}

/** Seizing nut and sheath nut, N m. Engineering values. */
const torques = { seizing: 12, sheath: 30 };

export function trunkSeizingSteps(input: RecipeInput): StepDraft[] {
  const { card, cable, endName, house, strip: plan, connector } = input;
  const splice = connector.sex === 'splice';
  const drill = house.practice.coring === 'drill';
  const radius = bendRadius(cable)?.once ?? 10 * cable.jacket.diameter;
  const clad = cable.conductor.strandLayers[0]!.metal === 'aluminium';
  const both = splice ? ' Do the same on the cable that comes from the other side.' : '';
  const boot: Explained = {
    value: bootLength(input),
    kind: 'length',
    formula: 'body + 2 (bare sheath + 75 mm)',
    terms: [
      {
        label: 'Body, nut to nut',
        value: featureValue(card, 'lipToTip'),
        kind: 'length',
        assumed: true,
      },
      { label: 'Past the bare sheath, each side', value: bootPastSheath, kind: 'length' },
    ],
    source: 'house default for buried work',
  };
  return [
    {
      name: 'jacket',
      work: 'strip',
      stage: 'Strip',
      title: `Square the cable and bare the sheath, end ${endName}`,
      text: {
        firstTime: `Cut the cable square with a fine saw, without pressing it oval.${both} Wipe flooding gel off with a dry cloth, ring the jacket without scoring the sheath, and pull it off at the figure below. Never bend tighter than ${formatMillimetres(radius, 0)} mm while working in the trench.`,
        experienced: `Square, gel off, jacket off, sheath not scored.${both}`,
      },
      why: 'A scored or kinked sheath breaks in the ground.',
      tools: [{ label: 'Fine saw and blade', setting: 'jacket depth only' }],
      figures: [
        { label: 'from the cut end', figure: cutOf(plan, 'conductor').position, plus: null, minus: null },
      ],
      caution:
        'Trench work, buried plant and live network power follow local codes and licensed practice: have the line powered off and proved dead. No open flame near gel.',
      good: ['round sheath, no score'],
      bad: ['oval or kinked sheath', 'gel left on it'],
    },
    {
      name: 'dielectric',
      work: 'strip',
      stage: 'Strip',
      title: `Core the dielectric, end ${endName}`,
      text: {
        firstTime: `Core with the tool of this size for ${connector.forDielectric === 'fused disc' ? 'fused discs: the one for foam tears them' : 'foam; a cable with fused discs asks for its own tool and connector'}. ${drill ? 'Drill slowly and let go at once when it grabs: it twists the conductor off.' : 'Turn the tool by hand, clockwise, with light pressure'} until its stop meets the sheath: this sets the depth. Clear every chip out.${both}`,
        experienced: `Core to the stop${drill ? ', slowly' : ' by hand'}, clear the chips.${both}`,
      },
      why: 'The mandrel goes where the dielectric was; it holds the sheath round against the nut.',
      tools: [{ label: 'Coring tool', setting: drill ? 'in a slow drill' : 'by hand' }],
      figures: [
        cutFigure('dielectric, from the jacket edge (behind it is minus)', cutOf(plan, 'dielectric')),
      ],
      caution: drill
        ? 'A drill can snatch and wring the wrist: brace it.'
        : 'Mind the edge of the sheath: it is sharp.',
      good: ['clean bore down to the metal'],
      bad: ['skin of foam left on the sheath', 'conductor bent or nicked'],
    },
    {
      name: 'tube',
      work: 'strip',
      stage: 'Strip',
      title: `Trim and bevel the sheath, clean the conductor, end ${endName}`,
      text: {
        firstTime: `Trim the sheath to the figure below, bevel its edge and look that it is round. Scrape the residue off the conductor with ${clad ? 'a plastic scraper: copper-clad aluminium takes nothing harder' : 'something softer than it'}, until it is bright, and trim it.${both}`,
        experienced: `Bevel, round; conductor bright with ${clad ? 'plastic only' : 'a soft scraper'}, trim.${both}`,
      },
      why: clad
        ? 'A scratch through the copper rots the aluminium under it.'
        : 'Residue on the conductor is a bad contact.',
      figures: [
        cutFigure('sheath, from the jacket edge', cutOf(plan, 'tube')),
        cutFigure('conductor, from the jacket edge', cutOf(plan, 'conductor')),
      ],
      tools: [{ label: 'Bevelling tool, plastic scraper', setting: '' }],
      caution: 'Cut edges are sharp.',
      good: ['round, bevelled, bright'],
      bad: ['copper scratched through', 'burr inside the sheath'],
    },
    ...measureSteps(input),
    nickStep(
      input,
      stripAgain(
        input,
        'Clear the chips and look again. A scratched conductor or kinked sheath: cut back to sound cable; look first how much is left.',
      ),
    ),
    {
      name: 'nut',
      work: 'seat',
      stage: 'Join',
      title: `Slide the back nut on the bare sheath, end ${endName}`,
      text: {
        firstTime: `The back nut goes over the bare sheath only, its thread toward the end; it does not pass the jacket. Its ring and O-ring follow as the part asks.${both}`,
        experienced: `Back nut on the sheath, thread forward.${both}`,
      },
      why: 'After the body it can no longer be put on.',
      good: ['thread toward the end', 'O-ring in its groove'],
      bad: ['nut the wrong way round', 'nut left in the bag'],
      hold: lookHold('Back nut on, thread forward', goBack('nut', 'Slide it on now, thread toward the end.')),
    },
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Put the cable into the body, end ${endName}`,
      text: {
        firstTime: `${splice ? 'The boot and the back nuts are on the cables: look, on both sides. ' : 'The back nut is on the cable: look. '}Push the cable over the mandrel until the sheath meets its stop and the conductor shows beyond the seizing nut. Start the back nut on its thread before the seizing nut is tightened.${both}`,
        experienced: `${splice ? 'Boot and nuts on. ' : 'Nut on. '}Home on the mandrel, conductor shows, start the back nut first.${both}`,
      },
      why: 'A back nut that is not started first can no longer be started straight. From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      figures: splice ? [{ label: 'length of the boot', figure: boot, plus: null, minus: null }] : [],
      good: ['conductor shows beyond the seizing nut', 'back nut started by hand'],
      bad: ['nut crossed', 'sheath not home'],
    },
    noShortStep(
      input,
      'before the nuts are tightened',
      goBack('insert', 'Draw the cable out and look for chips between conductor and sheath.'),
    ),
    {
      name: 'seize',
      work: 'screw',
      stage: 'Join',
      title: `Tighten seizing nut, then sheath nut, end ${endName}`,
      text: {
        firstTime: `Hold the body still with one spanner and turn only nuts: first the seizing nut, then the back nut. A turning body wrings the conductor off.${both}`,
        experienced: `Body held. Seizing nut, then back nut.${both}`,
      },
      why: 'In the other order the sheath is fast while the conductor still moves.',
      tools: [
        { label: 'Seizing nut', setting: tighteningSetting(torques.seizing, house) },
        { label: 'Back nut', setting: tighteningSetting(torques.sheath, house) },
      ],
      caution: 'Mind the hands when a spanner slips.',
      good: ['body never turned', 'both nuts at their torque'],
      bad: ['body turned with the nut', 'nuts in the wrong order'],
      hold: lookHold(
        'Nuts tight in their order, body not turned',
        cutOffAgain(
          input,
          'The body turned: open both nuts, draw the cable and look at the conductor. Twisted: cut back and make the end again; the body is used again.',
          [],
        ),
      ),
    },
    cableTugStep(input, 'sheath nut', goBack('seize', 'Tighten the back nut again with the body held.')),
    ...(splice ? spliceSteps(input, boot) : []),
  ];
}

/** A splice is looked through before its boot is shrunk over it. */
function spliceSteps({ endName, house }: RecipeInput, boot: Explained): StepDraft[] {
  return [
    {
      name: 'through',
      work: 'measure',
      stage: 'Join',
      title: `Look through the splice before the boot, end ${endName}`,
      text: {
        firstTime:
          'With a load on the far end of the line, read through the splice: load plus loop, steady when it is moved. Only then is the boot brought over.',
        experienced: 'Load seen through the splice, steady when moved.',
      },
      why: 'Under a shrunk boot in the ground nothing is opened again: cut back is all that is left.',
      tools: [{ label: 'Ohm meter', setting: 'lowest range' }],
      good: ['load plus loop, steady'],
      bad: ['open, short or jumping'],
      hold: lookHold(
        'Load seen through the splice',
        goBack('insert', 'Open the nuts and look at both conductors.'),
      ),
    },
    {
      name: 'boot',
      work: 'shrink',
      stage: 'Finish',
      title: `Shrink the splice boot, end ${endName}`,
      text: {
        firstTime: `Clean gel and dirt off both jackets, roughen them, warm them, and bring the boot to the middle. Heat ${shrinkFrom(house, 'the middle outward')}, so that air leaves at the ends, until adhesive shows at both. Tape over both ends. Do not bend or bury before it is cold.`,
        experienced: `Clean, roughen, ${shrinkFrom(house, 'the middle outward')}, adhesive at both ends, tape. Cold before it is moved.`,
      },
      why: 'Water that creeps along the sheath ends the line within a season.',
      tools: [
        {
          label: house.practice.heatSource === 'hot air' ? 'Hot air' : 'Open flame',
          setting: 'kept moving',
        },
      ],
      figures: [{ label: 'length of the boot', figure: boot, plus: null, minus: null }, shrinkCool(true)],
      caution: 'Flooding gel burns: no open flame near it, hot air from a distance. Hot parts burn.',
      good: ['adhesive all round at both ends'],
      bad: ['blister, fold or scorch', 'boot short of the jacket'],
    },
  ];
}
