import { solderContactSteps } from './pin-and-ferrule-steps.ts';
import { seriesAndSex } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import {
  afterHeatStep,
  ironTool,
  noShortStep,
  setbackStep,
  solderCaution,
  heatFigures,
} from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { cutFigure, measureSteps, nickStep } from '../build/strip-steps.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, solderingCheck } from '../fit/coax-checks.ts';
import { solderFeed, solderHeat } from '../fit/solder.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { cutOf } from '../strip/strip-plan.ts';
import { cableTerm, clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart } from './method.ts';
import { conductorClearance } from './ferrule.ts';

/** Dielectric flush with the tube: what the eye under a magnifier holds. Engineering value. */
const flush = 0.1e-3;

const source = 'seated joint of a semi-rigid connector: tube on its step, dielectric flush, contact bore';

/** Strip, counted from the end of the tube, which sits on its step: `j = -d`, `xd = 0`, `xc = p - g`. Metres. */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
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
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      datum: 'tube end',
      shield: 'solid',
      covered: d,
      cutWith: 'flush',
      contactRides: true,
      cuts: [
        {
          layer: 'dielectric',
          label: 'Dielectric, flush with the tube',
          position: lengthOf(0, 'flush', [], source),
          plus: flush,
          minus: flush,
          tooLong: 'The contact stands forward by as much, and the tube does not reach its step.',
          tooShort: 'An air gap behind the contact spoils the match at high frequency.',
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
          tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
          tooShort: 'Too little of it stands in the contact to be soldered.',
        },
      ],
      section: [
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
      ],
      planes: [
        { label: 'rear lip', at: rearLip },
        { label: 'tube end', at: 0 },
        { label: 'mating plane', at: plane },
      ],
    },
    input.house,
  );
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
  const heat = solderHeat('body', { length: depth + 3e-3, outside: bore + 3e-3 }, house);
  const feed = solderFeed(
    [{ label: 'gap round the tube', bore, inside: cable.tube?.outside ?? bore, depth }],
    house,
  );
  const scrap = [seriesAndSex(connector), 'centre contact'];
  return [
    {
      name: 'jacket',
      work: 'strip',
      stage: 'Strip',
      title: `Square the tube, end ${endName}`,
      text: {
        firstTime:
          'Straighten the last 30 mm. Saw or roll the tube square, without pressing it oval, and deburr it inside and outside. Warm the end gently and let the dielectric creep out as far as it wants to, then trim it flush.',
        experienced: 'Square, deburr, relax with heat, trim flush.',
      },
      why: 'PTFE that was never relaxed creeps out when it is soldered and pushes the contact forward.',
      tools: [{ label: 'Fine saw or roller', setting: 'light, turning' }],
      caution: 'Clamp the cable; saw away from the hand. Never overheat PTFE: toxic above about 300 °C.',
      good: ['square, round, no burr'],
      bad: ['oval tube', 'burr into the dielectric'],
    },
    {
      name: 'tube',
      work: 'strip',
      stage: 'Strip',
      title: `Ring the tube and bare the conductor, end ${endName}`,
      text: {
        firstTime:
          'Score the tube all round at the figure below from the squared end, bend it gently until it parts, and draw tube and dielectric off together along the conductor. Deburr the tube again and trim the dielectric flush with it. Nothing may be left on the conductor.',
        experienced: 'Score, part, draw off, deburr, trim flush.',
      },
      why: 'The tube end sits on the step in the body: a burr holds it off.',
      tools: [{ label: 'Tube cutter', setting: 'a quarter turn deeper each round' }],
      figures: [cutFigure('from the squared end', cutOf(input.strip, 'conductor'))],
      caution: 'Cut edges of the tube are sharp.',
      good: ['dielectric flush all round', 'conductor bright'],
      bad: ['ring mark on the conductor', 'chip on the dielectric'],
    },
    ...measureSteps(input),
    nickStep(input),
    ...solderContactSteps(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Seat the body on the tube, end ${endName}`,
      text: {
        firstTime: `${connector.sex === 'plug' ? 'The coupling nut is on the tube, its thread toward the end: look. ' : ''}Brighten and flux the tube, push the body on until the tube sits on its step, and hold both in the fixture so that they cannot part.`,
        experienced: `${connector.sex === 'plug' ? 'Nut on. ' : ''}Flux, push to the step, clamp both.`,
      },
      why: 'From here on nothing more can be threaded from this end.',
      requires: [...input.requires],
      good: ['tube on its step, no gap', 'contact in the middle'],
      bad: ['body askew', 'contact off centre'],
    },
    setbackStep(
      input,
      'contact-height',
      goBack('insert', 'Pull the body off, look at the flush of the dielectric, and seat it again.'),
    ),
    noShortStep(
      input,
      'before the body is soldered',
      goBack('insert', 'Pull the body off and look for a chip or solder across the dielectric.'),
    ),
    {
      name: 'body',
      work: 'solder',
      stage: 'Join',
      title: `Solder the body, end ${endName}`,
      text: {
        firstTime:
          'Big tip, flooded, against the rear of the body, opposite the feed. Feed at the joint of tube and body when both melt it: it runs round by itself. Off at once. Keep still until it dulls.',
        experienced: 'Big tip at the rear, feed opposite, once round, off.',
      },
      why: 'A big tip is quicker than a hot one: the dielectric has no time to swell.',
      tools: [ironTool(heat)],
      figures: [
        { label: 'solder wire to feed', figure: feed, plus: null, minus: null },
        ...heatFigures(heat),
      ],
      caution: `${solderCaution(input)} The tube leads the heat: hold it with pliers.`,
      good: ['thin fillet all round', 'none on the thread or under the nut'],
      bad: ['fillet on one side only', 'solder on the coupling', 'dielectric pushed out at the front'],
      hold: lookHold(
        'Fillet all round, dielectric in place',
        cutOffAgain(
          input,
          'Dielectric pushed out: cut the end off. One-sided fillet: flux and heat again, shortly.',
          scrap,
        ),
      ),
    },
    afterHeatStep(input, cutOffAgain(input, 'Cut the connector off and make the end again.', scrap)),
    setbackStep(
      input,
      'setback',
      cutOffAgain(
        input,
        'The contact has moved with the heat: cut off and make the end again; relax the dielectric first.',
        scrap,
      ),
    ),
  ];
}

/** Connector soldered on the tube of semi-rigid coax: SMA, RP-SMA, N. */
export const directSolder: Method = {
  name: 'direct solder',
  traits: {
    shieldBy: 'solder',
    because: 'the best match, and tight to the tube: for cable that is bent once',
    reusable: false,
    heat: 'big iron',
    needs: ['iron with a big tip', 'fixture', 'fine saw or tube cutter'],
    shopTools: ['iron with a big tip', 'fine iron', 'fine saw'],
  },
  usualFaults: {
    open: 'a cold joint at the contact, a tube not soldered all round',
    short: 'solder or a chip across the dielectric, a contact pushed off centre by the heat',
  },
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
      because: 'the step lies within the body',
    },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: 'a contact has a wall' },
    {
      smaller: 'pinOutside',
      larger: 'bodyBore',
      at: 'pinOutside',
      because: 'the contact passes into the body',
    },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: 'the contact is shorter than the body',
    },
  ],
  refuses: (cable) =>
    cable.tube && !cable.tube.corrugated && cable.tube.metal === 'copper'
      ? null
      : 'It is made for semi-rigid coax: a bare copper tube.',
  fit: (input) => [
    judgeClearance({
      id: 'entry',
      label: 'Tube in the body',
      hole: holeTerm(input, 'bodyBore'),
      shaft: cableTerm('tube diameter', input.cable.tube?.outside ?? NaN),
      free: 0.04e-3,
      loose: 0.25e-3,
      tooTight: 'The tube does not enter the body: it is for a thinner one.',
      tight: 'The tube enters hard: no room for solder. Polish it.',
      tooLoose: 'The gap is too wide for solder to fill, and the tube sits askew.',
    }),
    conductorIn(input, 'pinBore', 'contact bore', 0.25e-3),
    solderingCheck(input, 'shield'),
  ],
  strip,
  parts,
  relief: () => null,
  steps,
};
