import {
  holdLabels,
  usualFaults,
  ruleWords,
  refusalWords,
  dielectricCutWords,
  conductorCutWords,
  traitsWords,
  entryWords,
  setbackAdvice,
  noShortAdvice,
  bodyAdvice,
  afterHeatAdvice,
  fixedSetbackAdvice,
  jacketWords,
  tubeWords,
  insertWords,
  bodyWords,
} from '../words/direct-solder.ts';
import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { connectorScrap, contactScrap } from '../recipe/scrap.ts';
import { solderContactSteps } from './pin-and-ferrule-steps.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import {
  afterHeatStep,
  ironTool,
  noShortStep,
  setbackStep,
  solderCaution,
  feedFigure,
  heatFigures,
} from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { cutFigure, measureSteps, nickStep, stripTool } from '../recipe/strip-steps.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, solderingCheck } from '../fit/coax-checks.ts';
import { fillets, solderFeed, solderHeat } from '../fit/solder.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cutOf } from '../strip/cut-of.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method, MethodPart } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { conductorClearance } from './ferrule.ts';

/** Wall of the body behind its coupling nut, both sides together, metres. Engineering value. */
const rearWall = 1.6e-3;

/** Dielectric flush with the tube: what the eye under a magnifier holds. Engineering value. */
const flush = 0.1e-3;

const source = 'seated joint of a semi-rigid connector: tube on its step, dielectric flush, contact bore';

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card, cable } = input;
  const value = reader(card);
  const d = value('tubeSeat');
  const rearLip = -d;
  const p = value('pinBoreDepth');
  const conductorEnd = p - conductorClearance;
  const tube = cable.tube?.outside ?? cable.jacket.diameter;
  const [pinBore, pin] = [value('pinBore'), value('pinOutside')];
  const bore = value('bodyBore');
  const step = Math.min(cable.dielectric.diameter, (bore + pin) / 2);
  const plane = rearLip + value('lipToMatingPlane');
  const body = Math.max(bore + 1.2e-3, 0.7 * value('bodyOutside'));
  const hole = card.features.inspectionHoleFar?.value ?? 0.7 * p;
  const back = d + 8e-3;
  return { p, conductorEnd, tube, hole, rearLip, pinBore, pin, bore, step, plane, body, back, d };
}

type Places = ReturnType<typeof placesOf>;

/** Strip, counted from the end of the tube, which sits on its step: `j = -d`, `xd = 0`, `xc = p - g`. Metres. */
function strip(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { d, rearLip, plane } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      datum: 'tube end',
      shield: 'solid',
      covered: d,
      cutWith: 'flush',
      contactRides: true,
      cuts: cutsOf(input, at),
      section: sectionOf(input, at),
      planes: [
        { label: 'rear lip', at: rearLip },
        { label: 'tube end', at: 0 },
        { label: 'mating plane', at: plane },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card } = input;
  const term = (name: FeatureName) => featureTerm(card, name);
  const { p, conductorEnd, hole } = at;
  return [
    {
      layer: 'dielectric',
      label: 'Dielectric, flush with the tube',
      position: lengthOf(0, 'flush', [], source),
      plus: flush,
      minus: flush,
      ...dielectricCutWords,
    },
    {
      layer: 'conductor',
      label: 'Conductor end',
      position: lengthOf(
        conductorEnd,
        'p - g',
        [term('pinBoreDepth'), clearanceTerm('Conductor clearance', conductorClearance)],
        source,
      ),
      plus: conductorClearance,
      minus: Math.max(0.3e-3, p - conductorClearance - hole - 0.2e-3),
      ...conductorCutWords,
    },
  ];
}

/** The seated joint, cut along its axis. */
function sectionOf(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { rearLip, p, conductorEnd, tube, pinBore, pin, bore, step, plane, body, back } = at;
  return [
    ring('cable', 'tube', 'copper', [-back, 0], [cable.dielectric.diameter, tube], ['solder']),
    ring(
      'cable',
      'dielectric',
      'dielectric',
      [-back, 0],
      [cable.conductor.diameter, cable.dielectric.diameter],
    ),
    ring('cable', 'conductor', 'copper', [-back, conductorEnd], [0, cable.conductor.diameter]),
    ring('connector', 'rear of the body', 'metal', [rearLip, 0], [bore, body], ['solder']),
    ring('connector', 'body', 'metal', [0, plane], [step, body]),
    ring('connector', 'insulator', 'insulator', [0.8e-3, plane - 0.5e-3], [pin, step]),
    ring('contact', 'contact', 'pin', [0, p], [pinBore, pin]),
    ring(
      'contact',
      'contact tip',
      'pin',
      [p, rearLip + value('lipToTip')],
      [0, Math.min(0.9 * pin, input.connector.series.face.contact)],
    ),
    ...(input.connector.sex === 'plug' ? [couplingRing(value, rearLip, body)] : []),
  ];
}

function parts({ card, connector }: EndInput): MethodPart[] {
  if (connector.sex !== 'plug') return [];
  const outside = featureValue(card, 'bodyOutside');
  return [
    {
      kind: 'coupling nut',
      form: 'nut',
      back: 10e-3,
      opening: featureValue(card, 'couplingBore'),
      outside,
      fixedOutside: outside,
      face: 'thread',
    },
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  const { card, cable, endName, house, connector } = input;
  const bore = featureValue(card, 'bodyBore');
  const depth = featureValue(card, 'tubeSeat');
  const feed = solderFeed(
    [{ label: 'gap round the tube', bore, inside: cable.tube?.outside ?? bore, depth, fillet: fillets.tube }],
    house,
  );
  const heat = solderHeat(
    'tube in a body',
    { length: depth + 3e-3, outside: bore + 3e-3 },
    house,
    feed.value,
  );
  const scrap = [connectorScrap(connector), contactScrap];
  return [
    {
      role: 'jacket',
      work: 'strip',
      stage: 'Strip',
      ...jacketWords({ endName }),
      tools: [{ label: 'Fine saw or roller', setting: 'light, turning' }],
    },
    {
      role: 'tube',
      work: 'strip',
      stage: 'Strip',
      ...tubeWords({ endName, sawn: input.stripper.kind === 'fine saw' }),
      tools: [stripTool(input)],
      figures: [cutFigure('from the squared end', cutOf(input.strip, 'conductor'))],
    },
    ...measureSteps(input),
    nickStep(input),
    ...solderContactSteps(input),
    {
      role: 'insert',
      work: 'seat',
      stage: 'Join',
      ...insertWords({ endName, sex: connector.sex }),
      requires: [...input.requires],
    },
    setbackStep(input, 'contact-height', goBack('insert', setbackAdvice)),
    noShortStep(input, 'before the body is soldered', goBack('insert', noShortAdvice)),
    {
      role: 'body',
      work: 'solder',
      joint: 'tube in a body',
      stage: 'Join',
      ...bodyWords({ endName }),
      tools: [ironTool(heat)],
      figures: [feedFigure(feed, input.house), ...heatFigures(heat)],
      caution: `${solderCaution(input)} The tube leads the heat: hold it with pliers.`,
      hold: lookHold(holdLabels.filletAllRoundDielectric, cutOffAgain(input, bodyAdvice, scrap)),
    },
    afterHeatStep(input, cutOffAgain(input, afterHeatAdvice, scrap)),
    setbackStep(input, 'setback', cutOffAgain(input, fixedSetbackAdvice, scrap)),
  ];
}

/** Connector soldered on the tube of semi-rigid coax: SMA, RP-SMA, N. */
export const directSolder: Method = {
  name: 'direct solder',
  traits: {
    shieldBy: 'solder',
    ...traitsWords,
    reusable: false,
    heat: 'big iron',
    needs: ['iron with a big tip', 'fixture', 'fine saw or tube cutter'],
    shopTools: ['iron with a big tip', 'fine iron', 'fine saw'],
  },
  usualFaults,
  firstFeatures: ['tubeSeat', 'pinBoreDepth', 'contactTolerance'],
  foldedFeatures: [
    'bodyBore',
    'pinBore',
    'pinOutside',
    'inspectionHoleFar',
    'couplingBore',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    {
      smaller: 'tubeSeat',
      larger: 'lipToMatingPlane',
      at: 'tubeSeat',
      because: ruleWords.stepLiesWithinBody,
    },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: ruleWords.contactHasWall },
    {
      smaller: 'pinOutside',
      larger: 'bodyBore',
      at: 'pinOutside',
      because: ruleWords.contactPassesIntoBody,
    },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: ruleWords.contactShorterThanBody,
    },
  ],
  refuses: (cable) =>
    cable.tube && !cable.tube.corrugated && cable.tube.metal === 'copper'
      ? null
      : refusalWords.madeSemiRigidCoax,
  fit: (input) => [
    judgeClearance({
      id: 'entry',
      label: 'Tube in the body',
      hole: holeTerm(input, 'bodyBore'),
      shaft: cableTerm('tube diameter', input.cable.tube?.outside ?? NaN),
      free: 0.04e-3,
      loose: 0.25e-3,
      ...entryWords,
    }),
    conductorIn(input, 'pinBore', 'contact bore', 0.25e-3),
    solderingCheck(input, 'shield'),
  ],
  strip,
  parts,
  relief: ({ card }) => ({
    over: featureValue(card, 'bodyBore') + rearWall,
    covered: featureValue(card, 'tubeSeat'),
  }),
  steps,
};
