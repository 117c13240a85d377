import { featureValue } from '../connector/gauge-card.ts';
import { seriesAndSex } from '../connector/connector.ts';
import {
  cableTugStep,
  dieTool,
  dryFitStep,
  heatFigures,
  ironTool,
  noShortStep,
  setbackStep,
  solderCaution,
} from '../build/join-steps.ts';
import { contactPull, productionTug } from '../build/pull.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../build/recipe.ts';
import type { HoldPoint } from '../build/step.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { dielectricStep, jacketStep, measureSteps, nickStep, trimBraidStep } from '../build/strip-steps.ts';
import { contactFixing } from '../fit/coax-checks.ts';
import { dieTolerance, nearestDie } from '../fit/die.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import { formatForce } from '../quantity/force.ts';
import { formatMillimetres } from '../quantity/length.ts';

/** Strip and Join of a connector with a contact of its own and a crimped ferrule. */
export function pinAndFerruleSteps(input: RecipeInput): StepDraft[] {
  return [
    jacketStep(input),
    trimBraidStep(input),
    dielectricStep(input),
    ...measureSteps(input),
    nickStep(input),
    ...(contactFixing(input).how === 'crimp'
      ? [crimpContactStep(input), contactTugStep(input)]
      : solderContactSteps(input)),
    insertStep(input),
    setbackStep(
      input,
      'contact-height',
      goBack('insert', 'Pull the body off, look at the strip, and seat it again.'),
    ),
    noShortStep(
      input,
      'before the ferrule is crimped',
      goBack('insert', 'Pull the body off and look for a whisker or braid in front of the stem.'),
    ),
    ...crimpFerruleSteps(input),
    cableTugStep(input, 'ferrule', ferruleRework(input)),
    setbackStep(
      input,
      'setback',
      cutOff(input, 'It cannot be moved any more: cut the connector off and make the end again.'),
    ),
  ];
}

function cutOff(input: RecipeInput, advice: string): HoldPoint['rework'] {
  return cutOffAgain(input, advice, [`${seriesAndSex(input.connector)} with contact`, 'ferrule']);
}

/** A ferrule that slips is cut off; with an inexact die a house may allow one more crimp, turned. */
export function ferruleRework(input: RecipeInput): HoldPoint['rework'] {
  const { connector, house } = input;
  const nearest = nearestDie(connector.ferruleDie!, house.dies);
  const inexact = nearest === undefined || Math.abs(nearest - connector.ferruleDie!) > dieTolerance + 1e-8;
  return inexact && house.practice.secondCrimp !== 'never'
    ? goBack(
        'ferrule',
        'The die is not exact: crimp once more, turned by a flat, and note it. Not a third time.',
      )
    : cutOff(input, 'Cut the connector off and make the end again. Never crimp a ferrule twice.');
}

function crimpContactStep({ cable, connector, card, house, endName }: RecipeInput): StepDraft {
  const hole = card.features.inspectionHoleFar;
  return {
    name: 'contact',
    work: 'crimp',
    stage: 'Join',
    title: `Crimp the contact, end ${endName}`,
    text: {
      firstTime: `Push the centre contact on until its flange sits against the dielectric. ${cable.conductor.strands > 1 ? 'All strands inside: twist them tight first. ' : ''}${hole ? `Conductor shows in the inspection hole, ${formatMillimetres(hole.value)} mm from its rear. ` : ''}Crimp once, in the middle of the barrel.`,
      experienced: `Flange on the dielectric, ${hole ? 'conductor in the hole, ' : ''}crimp once.`,
    },
    why: 'The contact carries the whole current and is hidden afterwards.',
    tools: [dieTool('Contact die', connector.pinDie!, house)],
    good: ['conductor seen in the hole', 'no gap behind the flange', 'contact straight'],
    bad: ['gap over 0.1 mm', 'strand outside', 'crimped twice'],
  };
}

function contactTugStep(input: RecipeInput): StepDraft {
  const tug = formatForce(contactPull(input.cable.conductor.diameter) * productionTug);
  return {
    name: 'contact-tug',
    work: 'tug',
    stage: 'Join',
    title: `Tug the contact, end ${input.endName}`,
    text: {
      firstTime: `Hold the cable and pull the contact straight, about ${tug}. It must not move on the conductor.`,
      experienced: `About ${tug}, straight.`,
    },
    why: 'Once it is in the body a loose contact cannot be reached.',
    good: ['does not move'],
    bad: ['turns or slides'],
    hold: lookHold('Contact crimped and tugged', {
      ...stripAgain(input, 'Cut the contact off with its conductor and strip again. The contact is scrap.'),
      scrap: ['centre contact'],
    }),
  };
}

/** Solder of a loose contact: tin thinly, solder through the hole or as a bead, tug, and try it in the body. */
export function solderContactSteps(input: RecipeInput): StepDraft[] {
  const { card, cable, house, endName } = input;
  const depth = featureValue(card, 'pinBoreDepth');
  const bore = featureValue(card, 'pinBore');
  const heat = solderHeat('small pin', { length: depth, outside: featureValue(card, 'pinOutside') }, house);
  const feed = solderFeed([{ label: 'contact', bore, inside: cable.conductor.diameter, depth }], house);
  const through =
    card.features.inspectionHoleFar !== undefined &&
    house.practice.contactSolder === 'through the hole where there is one';
  return [
    {
      name: 'contact',
      work: 'solder',
      stage: 'Join',
      title: `Solder the contact, end ${endName}`,
      text: {
        firstTime: `${contactFixing(input).why} Tin the conductor thinly, no thicker than bare. Hold the cable upright in the vice, push the contact on until its flange sits against the dielectric, wet the tip, heat the metal of the contact and feed the solder ${through ? 'through its hole' : 'as a bead round its edge'}. Keep still until it dulls.`,
        experienced: `Tin thinly, flange on the dielectric, ${through ? 'through the hole' : 'bead at the edge'}, still until dull.`,
      },
      why: 'The contact carries the whole current and is hidden afterwards.',
      tools: [ironTool(heat)],
      figures: [
        { label: 'solder wire to feed', figure: feed, plus: null, minus: null },
        ...heatFigures(heat),
      ],
      caution: solderCaution(input),
      good: ['drawn in, smooth concave edge', 'no gap behind the flange', 'nothing on the outside'],
      bad: ['bead or spike outside', 'dull grain: moved while it set', 'dielectric swollen'],
    },
    {
      name: 'contact-look',
      work: 'look',
      stage: 'Join',
      title: `Look at the contact, end ${endName}`,
      text: {
        firstTime:
          'When it is cool, pull lightly, clean the flux off, and look: flange against the dielectric, dielectric round and not swollen, no solder outside.',
        experienced: 'Light pull, clean, look.',
      },
      why: 'Melted dielectric lets the contact wander off its centre.',
      good: ['contact straight and clean'],
      bad: ['dielectric melted or swollen', 'solder joint cracked'],
      hold: lookHold('Contact soldered, dielectric whole', {
        ...stripAgain(
          input,
          'Excess: wick or scrape it off and look again. Melted dielectric: cut back and strip again; the contact can be unsoldered and used.',
        ),
      }),
    },
    dryFitStep(input, 'contact'),
  ];
}

function insertStep({ endName, requires }: RecipeInput): StepDraft {
  return {
    name: 'insert',
    work: 'seat',
    stage: 'Join',
    title: `Seat the contact in the body, end ${endName}`,
    text: {
      firstTime:
        'Flare the braid a little. Push the body on so that its stem goes under the braid and over the dielectric, straight, until the contact seats. Braid lies evenly round the stem.',
      experienced: 'Stem under the braid, push till it seats.',
    },
    why: 'From here on nothing more can be threaded from this end.',
    requires: [...requires],
    good: ['contact seats with a click or a firm stop', 'braid even round the stem'],
    bad: ['braid pushed up in front of the stem', 'contact pushed back'],
  };
}

export function crimpFerruleSteps({ connector, house, endName }: RecipeInput): StepDraft[] {
  const bell = house.practice.ferruleCrimp === 'bell at the cable end';
  const long = house.practice.braidAtFerrule === 'leave all of it under the ferrule';
  const crimp: StepDraft = {
    name: 'ferrule',
    work: 'crimp',
    stage: 'Join',
    title: `Crimp the ferrule, end ${endName}`,
    text: {
      firstTime: `Lay the braid flat on the stem, slide the ferrule over it until it stands against the body, and crimp once. ${bell ? 'Leave a small bell at the cable end so that no sharp edge sits on the braid.' : 'Crimp its whole length.'}`,
      experienced: `Against the body, crimp once, ${bell ? 'bell at the cable end' : 'whole length'}.`,
    },
    why: 'The ferrule holds the braid electrically and the cable mechanically.',
    tools: [dieTool('Ferrule die', connector.ferruleDie!, house)],
    good: ['ferrule against the body', 'even hexagon', ...(bell ? ['bell at the cable end'] : [])],
    bad: ['gap between ferrule and body', 'braid wires outside', 'crimped twice'],
  };
  const trim: StepDraft = {
    name: 'trim-braid',
    work: 'braid',
    stage: 'Join',
    title: `Trim what shows of the braid, end ${endName}`,
    text: {
      firstTime:
        'Braid that was left long stands out between ferrule and body. Trim it flush with the tip of a blade, all round, and brush the wires off.',
      experienced: 'Flush at the ferrule, brush off.',
    },
    why: 'A wire that stands out pricks the hand and lies in the thread.',
    caution: 'Glasses on: trimmed wires fly.',
    good: ['nothing stands out'],
    bad: ['a wire toward the coupling'],
  };
  return long ? [crimp, trim] : [crimp];
}
