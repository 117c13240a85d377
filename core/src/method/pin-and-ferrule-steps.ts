import {
  holdLabels,
  setbackAdvice,
  noShortAdvice,
  fixedSetbackAdvice,
  ferruleReworkAdvice,
  ferruleReworkAdvice2,
  contactTugAdvice,
  contactLookAdvice,
  crimpContactWords,
  contactTugWords,
  contactWords,
  contactLookWords,
  insertWords,
  ferruleWords,
  trimBraidWords,
} from '../words/pin-and-ferrule.ts';
import { spacerWords } from '../words/clamp-gland.ts';
import { bootSteps, innerFerruleSteps } from './ferrule.ts';
import { contactScrap, ferruleScrap } from '../recipe/scrap.ts';
import { featureValue } from '../connector/gauge-card.ts';
import { seriesAndSex } from '../connector/connector.ts';
import {
  cableTugStep,
  dieTool,
  dryFitStep,
  feedFigure,
  heatFigures,
  ironTool,
  noShortStep,
  setbackStep,
  solderCaution,
} from '../recipe/join-steps.ts';
import { contactPull, productionTug } from '../recipe/pull.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../recipe/recipe.ts';
import type { HoldPoint } from '../recipe/step.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { coaxStripSteps, trimBraidStep } from '../recipe/strip-steps.ts';
import { contactFixing } from '../fit/coax-checks.ts';
import { dieTolerance, nearestDie } from '../fit/die.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import { formatForce } from '../quantity/force.ts';

/** Strip and Join of a connector with a contact of its own and a crimped ferrule. */
export function pinAndFerruleSteps(input: RecipeInput): StepDraft[] {
  return [
    ...coaxStripSteps(input, { braid: [trimBraidStep(input)] }),
    ...innerFerruleSteps(input),
    ...spacerSteps(input),
    ...(contactFixing(input).how === 'crimp'
      ? [crimpContactStep(input), contactTugStep(input)]
      : solderContactSteps(input)),
    insertStep(input),
    setbackStep(input, 'contact-height', goBack('insert', setbackAdvice)),
    noShortStep(input, 'before the ferrule is crimped', goBack('insert', noShortAdvice)),
    ...crimpFerruleSteps(input),
    cableTugStep(input, 'ferrule', 'ferrule', ferruleRework(input)),
    setbackStep(input, 'setback', cutOff(input, fixedSetbackAdvice)),
    ...bootSteps(input),
  ];
}

function cutOff(input: RecipeInput, advice: string): HoldPoint['rework'] {
  return cutOffAgain(input, advice, [
    { kind: 'connector with contact', name: seriesAndSex(input.connector) },
    ferruleScrap,
  ]);
}

/** A ferrule that slips is cut off; with an inexact die a house may allow one more crimp, turned. */
export function ferruleRework(input: RecipeInput): HoldPoint['rework'] {
  const { connector, house } = input;
  const nearest = nearestDie(connector.ferruleDie!, house.dies);
  const inexact = nearest === undefined || Math.abs(nearest - connector.ferruleDie!) > dieTolerance + 1e-8;
  return inexact && house.practice.secondCrimp !== 'never'
    ? goBack('ferrule', ferruleReworkAdvice)
    : cutOff(input, ferruleReworkAdvice2);
}

function crimpContactStep(input: RecipeInput): StepDraft {
  const { cable, connector, card, house, endName } = input;
  const hole = card.features.inspectionHoleFar;
  return {
    role: 'contact',
    work: 'crimp',
    joint: 'contact',
    stage: 'Join',
    ...crimpContactWords({
      endName,
      conductorStrands: cable.conductor.strands,
      hole,
      against: seatOf(input),
    }),
    tools: [dieTool('Contact die', connector.pinDie!, house)],
  };
}

function contactTugStep(input: RecipeInput): StepDraft {
  const tug = formatForce(contactPull(input.cable.conductor.diameter) * productionTug);
  return {
    role: 'contact-tug',
    work: 'tug',
    joint: 'contact',
    stage: 'Join',
    ...contactTugWords({ endName: input.endName, tug }),
    hold: lookHold(holdLabels.contactCrimpedTugged, {
      ...stripAgain(input, contactTugAdvice),
      scrap: [contactScrap],
    }),
  };
}

/** The insulator that goes on the conductor before its contact, where the bag has one. */
export function spacerSteps({ contents, endName }: RecipeInput): StepDraft[] {
  return contents.spacer === 'none'
    ? []
    : [{ role: 'spacer', work: 'seat', stage: 'Join', ...spacerWords({ endName }) }];
}

/** What the flange of the contact comes to sit against. */
const seatOf = ({ contents }: RecipeInput) =>
  contents.spacer === 'none' ? 'the dielectric' : 'the insulator';

/** Solder of a loose contact: tin thinly, solder through the hole or as a bead, tug, and try it in the body. */
export function solderContactSteps(input: RecipeInput): StepDraft[] {
  const { card, cable, house, endName } = input;
  const depth = featureValue(card, 'pinBoreDepth');
  const bore = featureValue(card, 'pinBore');
  const feed = solderFeed([{ label: 'contact', bore, inside: cable.conductor.diameter, depth }], house);
  const heat = solderHeat(
    'pin',
    { length: depth, outside: featureValue(card, 'pinOutside') },
    house,
    feed.value,
  );
  const through =
    card.features.inspectionHoleFar !== undefined &&
    house.practice.contactSolder === 'through the hole where there is one';
  const joint = through ? 'pin hole' : 'bead';
  return [
    {
      role: 'contact',
      work: 'solder',
      joint,
      stage: 'Join',
      ...contactWords({ endName, fixing: contactFixing(input).why, through, against: seatOf(input) }),
      tools: [ironTool(heat)],
      figures: [feedFigure(feed, house), ...heatFigures(heat)],
      caution: solderCaution(input),
    },
    {
      role: 'contact-look',
      work: 'look',
      joint,
      stage: 'Join',
      ...contactLookWords({ endName, against: seatOf(input) }),
      hold: lookHold(holdLabels.contactSolderedDielectricWhole, {
        ...stripAgain(input, contactLookAdvice),
      }),
    },
    dryFitStep(input, 'contact'),
  ];
}

function insertStep({ endName, requires }: RecipeInput): StepDraft {
  return {
    role: 'insert',
    work: 'seat',
    stage: 'Join',
    ...insertWords({ endName }),
    requires: [...requires],
  };
}

export function crimpFerruleSteps({ connector, house, endName }: RecipeInput): StepDraft[] {
  const long = house.practice.braidAtFerrule === 'leave all of it under the ferrule';
  const crimp: StepDraft = {
    role: 'ferrule',
    work: 'crimp',
    joint: 'ferrule',
    stage: 'Join',
    ...ferruleWords({ endName, school: house.practice.ferruleCrimp }),
    tools: [dieTool('Ferrule die', connector.ferruleDie!, house)],
  };
  const trim: StepDraft = {
    role: 'trim-braid',
    work: 'braid',
    stage: 'Join',
    ...trimBraidWords({ endName }),
  };
  return long ? [crimp, trim] : [crimp];
}
