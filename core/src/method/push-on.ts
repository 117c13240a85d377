import { cableRings } from '../strip/cable-rings.ts';
import { seriesAndSex } from '../connector/connector.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import type { FeatureName } from '../connector/features.ts';
import { cableTugStep, noShortStep, setbackStep } from '../build/join-steps.ts';
import type { RecipeInput } from '../build/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../build/recipe.ts';
import type { StepDraft } from '../build/step-draft.ts';
import { lookHold } from '../build/step-draft.ts';
import { dielectricStep, foldBraidStep, jacketStep, measureSteps, nickStep } from '../build/strip-steps.ts';
import { conductorIn, dielectricIn, jacketThrough, dieChecks, ferruleChecks } from '../fit/coax-checks.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method } from './method.ts';
import { crimpFerruleSteps, ferruleRework } from './pin-and-ferrule-steps.ts';
import {
  ferruleBraidCut,
  ferruleCovers,
  ferruleFeatures,
  ferrulePart,
  ferruleRelief,
  ferruleRings,
  ferruleRules,
  overStem,
  refusesFerrule,
} from './ferrule.ts';

/** Dielectric stays this far behind its stop, so that the jacket comes to the lip first. Engineering value. */
const dielectricClearance = 0.3e-3;
/** Conductor stays this far from the bottom of the captive contact. Engineering value. */
const bottomClearance = 0.6e-3;
/** The captive contact grips the conductor over at least this share of its depth. Engineering value. */
const leastGrip = 0.6;

const source = 'seated joint of a captive contact: rear lip, stem, insulator stop, contact depth';

/** Strip: `xb = j + s - g`, `xd = j + d - g`, `xc = j + d + k - g`, metres from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const j = value('jacketOffset');
  const [s, d] = [value('stemLength'), value('stopDepth')];
  const dielectricEnd = j + d - dielectricClearance;
  const bottom = j + d + value('contactReach');
  const conductorEnd = bottom - bottomClearance;
  const plane = j + value('lipToMatingPlane');
  const [contactBore, contact] = [value('pinBore'), value('pinOutside')];
  const bore = Math.max(value('stemBore'), contact + 1e-3);
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: ferruleCovers(input),
      prepTool: [
        { label: 'first cut', from: 'dielectric' },
        { label: 'second cut', from: 'datum' },
      ],
      cuts: [
        ferruleBraidCut(input, 'Braid, laid forward again'),
        ...(cable.foil
          ? [
              {
                layer: 'foil' as const,
                label: 'Foil end',
                position: lengthOf(dielectricEnd, 'as the dielectric', [], source),
                plus: dielectricClearance,
                minus: Math.max(0.5e-3, dielectricEnd - j - s),
                tooLong: 'A tongue of foil folds over the stop and touches the contact.',
                tooShort: 'The foil ends inside the stem and the shield has a gap there.',
              },
            ]
          : []),
        {
          layer: 'dielectric',
          label: 'Dielectric end',
          position: lengthOf(
            dielectricEnd,
            'j + d - g',
            [
              term('jacketOffset'),
              term('stopDepth'),
              clearanceTerm('Clearance to the stop', dielectricClearance),
            ],
            source,
          ),
          plus: dielectricClearance,
          minus: 0.7e-3,
          tooLong: 'It meets the stop before the jacket is at the lip: braid stays bare behind the ferrule.',
          tooShort: 'An air gap before the captive contact spoils the match.',
        },
        {
          layer: 'conductor',
          label: 'Conductor end',
          position: lengthOf(
            conductorEnd,
            'j + d + k - g',
            [
              term('jacketOffset'),
              term('stopDepth'),
              term('contactReach'),
              clearanceTerm('Conductor clearance', bottomClearance),
            ],
            source,
          ),
          plus: bottomClearance - 0.1e-3,
          minus: Math.max(0.3e-3, value('contactReach') * (1 - leastGrip) - bottomClearance),
          tooLong: 'It bottoms in the captive contact and pushes it forward.',
          tooShort: 'The captive contact grips too little of it: it fails when warm.',
        },
      ],
      section: [
        ...cableRings(cable, {
          back: value('ferruleLength') - s + 6e-3,
          foil: dielectricEnd,
          dielectric: dielectricEnd,
          conductor: conductorEnd,
        }),
        ...ferruleRings(input),
        ring(
          'connector',
          'body',
          'metal',
          [j + s, plane],
          [bore, Math.max(0.75 * value('bodyOutside'), overStem(input) + 1e-3)],
        ),
        ring('connector', 'insulator', 'insulator', [j + d, plane - 1e-3], [contact, bore]),
        ring('connector', 'captive contact', 'pin', [j + d, bottom], [contactBore, contact]),
        ring('connector', 'contact tip', 'pin', [bottom, j + value('lipToTip')], [0, contact * 0.7]),
        ...(input.connector.sex === 'plug'
          ? [couplingRing(value, j, Math.max(0.75 * value('bodyOutside'), overStem(input) + 1e-3))]
          : []),
      ],
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'shoulder', at: j + s },
        { label: 'stop', at: j + d },
        { label: 'mating plane', at: plane },
      ],
    },
    input.house,
  );
}

function steps(input: RecipeInput): StepDraft[] {
  const where = `end ${input.endName}`;
  return [
    jacketStep(input),
    foldBraidStep(input, 'the jacket, out of the way'),
    dielectricStep(input, 'Trim the conductor to its length.'),
    {
      name: 'chamfer',
      work: 'strip',
      stage: 'Strip',
      title: `Chamfer the conductor, ${where}`,
      text: {
        firstTime:
          'Break the edge of the conductor with the deburring tool or a fine file, a short even taper with no burr. Wipe chips off the dielectric.',
        experienced: 'Short even taper, no burr, wipe.',
      },
      why: 'A square edge catches in the captive contact and bends its fingers.',
      tools: [{ label: 'Deburring tool', setting: 'fine' }],
      caution: 'Glasses on: chips fly.',
      good: ['taper all round'],
      bad: ['burr', 'chips on the dielectric'],
    },
    ...measureSteps(input),
    nickStep(input),
    {
      name: 'insert',
      work: 'seat',
      stage: 'Join',
      title: `Push the connector on, ${where}`,
      text: {
        firstTime:
          'With the braid folded back, push the connector straight on: the conductor into the captive contact, the stem over dielectric and foil, until it stops and the jacket edge is at the lip. No turning. Then lay the braid forward over the stem, evenly, and trim what stands over the shoulder.',
        experienced: 'Straight on till it stops, braid forward over the stem, trim.',
      },
      why: 'There is no contact to look at: how far it went is the only sign. From here on nothing more can be threaded.',
      requires: [...input.requires],
      good: ['jacket edge at the lip', 'braid even on the stem'],
      bad: ['gap at the lip over 1 mm', 'foil rucked up before the stem'],
    },
    {
      name: 'seated',
      work: 'look',
      stage: 'Join',
      title: `Look whether it is seated, ${where}`,
      text: {
        firstTime:
          'The jacket edge stands at the rear lip all round, and the contact in the mating face has not moved forward.',
        experienced: 'Jacket at the lip, contact not moved.',
      },
      why: 'A conductor that missed the fingers pushes the contact out.',
      good: ['jacket at the lip all round'],
      bad: ['contact pushed forward', 'cable comes back when let go'],
      hold: lookHold('Seated', {
        ...stripAgain(input, 'Pull the connector off straight, look at its fingers, and strip again.'),
      }),
    },
    setbackStep(
      input,
      'contact-height',
      goBack('insert', 'Pull the connector off straight and look at strip and fingers.'),
    ),
    noShortStep(
      input,
      'before the ferrule is crimped',
      goBack('insert', 'Pull it off and look for a wire or foil before the stem.'),
    ),
    ...crimpFerruleSteps(input),
    cableTugStep(input, 'ferrule', ferruleRework(input)),
    setbackStep(
      input,
      'setback',
      cutOffAgain(input, 'It cannot be moved any more: cut the connector off and make the end again.', [
        seriesAndSex(input.connector),
        'ferrule',
      ]),
    ),
  ];
}

/** Captive contact that the conductor is pushed into, and a crimped ferrule: N and UHF on low-loss foam. */
export const pushOn: Method = {
  name: 'push-on and ferrule',
  traits: {
    shieldBy: 'crimp',
    because: 'fastest on low-loss cable: no contact to fix, the same every time',
    reusable: false,
    heat: 'none',
    needs: ['two-position prep tool', 'hex die for the ferrule', 'deburring tool'],
    shopTools: [],
  },
  usualFaults: {
    open: 'the conductor missed the fingers of the contact, a broken conductor, braid not under the ferrule',
    short: 'a wire or a tongue of foil in front of the stem, crushed dielectric',
  },
  firstFeatures: ['stemLength', 'stopDepth', 'contactReach', 'ferruleLength'],
  foldedFeatures: [...ferruleFeatures, 'lipToTip', 'contactTolerance', 'pinBore', 'pinOutside'],
  rules: [
    ...ferruleRules,
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: 'a contact has a wall' },
    {
      smaller: 'contactReach',
      larger: 'lipToTip',
      at: 'contactReach',
      because: 'the contact is shorter than the body',
    },
  ],
  refuses: (cable) =>
    refusesFerrule(cable) ??
    (cable.conductor.strands > 1 ? 'Its conductor is stranded: it does not enter a captive contact.' : null),
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', 'stem'),
    conductorIn(input, 'pinBore', 'captive contact', 0.15e-3),
    ...dieChecks(input),
  ],
  strip,
  parts: (input) => [ferrulePart(input)],
  relief: ferruleRelief,
  steps,
};
