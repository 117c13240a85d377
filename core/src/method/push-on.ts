import {
  holdLabels,
  usualFaults,
  ruleWords,
  refusalWords,
  foilEndWords,
  dielectricCutWords,
  conductorCutWords,
  traitsWords,
  seatedAdvice,
  setbackAdvice,
  noShortAdvice,
  fixedSetbackAdvice,
  chamferWords,
  insertWords,
  seatedWords,
} from '../words/push-on.ts';
import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { connectorScrap, ferruleScrap } from '../recipe/scrap.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import type { FeatureName } from '../connector/features.ts';
import { cableTugStep, noShortStep, setbackStep } from '../recipe/join-steps.ts';
import type { RecipeInput } from '../recipe/recipe.ts';
import { cutOffAgain, goBack, stripAgain } from '../recipe/recipe.ts';
import type { StepDraft } from '../recipe/step-draft.ts';
import { lookHold } from '../recipe/step-draft.ts';
import { coaxStripSteps, foldBraidStep } from '../recipe/strip-steps.ts';
import { conductorIn, dielectricIn, jacketThrough, dieChecks, ferruleChecks } from '../fit/coax-checks.ts';
import { flush } from '../strip/joint-window.ts';
import { ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { crimpFerruleSteps, ferruleRework } from './pin-and-ferrule-steps.ts';
import {
  ferruleBraidCut,
  ferruleCovers,
  ferruleFeatures,
  bootParts,
  bootSteps,
  innerFerruleSteps,
  underBraidOf,
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

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
  const { card } = input;
  const value = reader(card);
  const j = value('jacketOffset');
  const [s, d] = [value('stemLength'), value('stopDepth')];
  const dielectricEnd = j + d - dielectricClearance;
  const bottom = j + d + value('contactReach');
  const conductorEnd = bottom - bottomClearance;
  const plane = j + value('lipToMatingPlane');
  const [contactBore, contact] = [value('pinBore'), value('pinOutside')];
  const bore = Math.max(value('stemBore'), contact + 1e-3);
  return { j, s, d, dielectricEnd, conductorEnd, bottom, plane, contactBore, contact, bore };
}

type Places = ReturnType<typeof placesOf>;

/** Strip: `xb = j + s - g`, `xd = j + d - g`, `xc = j + d + k - g`, metres from the jacket edge. */
function strip(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { j, s, d, plane } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip: j,
      covered: ferruleCovers(input),
      cuts: cutsOf(input, at),
      section: sectionOf(input, at),
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'shoulder', at: j + s },
        { label: 'stop', at: j + d },
        { label: 'mating plane', at: plane },
      ],
    },
    input.stripper,
  );
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const { j, s, dielectricEnd, conductorEnd } = at;
  return [
    ferruleBraidCut(input, 'Braid, laid forward again'),
    ...(cable.foil
      ? [
          {
            layer: 'foil' as const,
            label: 'Foil end',
            position: lengthOf(dielectricEnd, 'as the dielectric', [], source),
            plus: flush,
            minus: Math.max(0.5e-3, dielectricEnd - j - s),
            strokeOf: 'dielectric' as const,
            ...foilEndWords,
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
      ...dielectricCutWords,
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
      ...conductorCutWords,
    },
  ];
}

/** The seated joint, cut along its axis. */
function sectionOf(input: EndInput, at: Places): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const { j, s, d, dielectricEnd, bottom, conductorEnd, plane, contactBore, contact, bore } = at;
  return [
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
  ];
}

function steps(input: RecipeInput): StepDraft[] {
  const where = `end ${input.endName}`;
  return [
    ...coaxStripSteps(input, {
      braid: [foldBraidStep(input, 'the jacket, out of the way')],
      chamfer: [
        {
          role: 'chamfer',
          work: 'strip',
          stage: 'Strip',
          ...chamferWords({ where }),
          tools: [{ label: 'Deburring tool', setting: 'fine' }],
        },
      ],
    }),
    ...innerFerruleSteps(input),
    {
      role: 'insert',
      work: 'seat',
      joint: 'push-on body',
      stage: 'Join',
      ...insertWords({ where, twists: input.house.practice.pushOn === 'with a slight twist' }),
      requires: [...input.requires],
    },
    {
      role: 'seated',
      work: 'look',
      joint: 'push-on body',
      stage: 'Join',
      ...seatedWords({ where }),
      hold: lookHold(holdLabels.seated, {
        ...stripAgain(input, seatedAdvice),
      }),
    },
    setbackStep(input, 'contact-height', goBack('insert', setbackAdvice)),
    noShortStep(input, 'before the ferrule is crimped', goBack('insert', noShortAdvice)),
    ...crimpFerruleSteps(input),
    cableTugStep(input, 'ferrule', 'ferrule', ferruleRework(input)),
    setbackStep(
      input,
      'setback',
      cutOffAgain(input, fixedSetbackAdvice, [connectorScrap(input.connector), ferruleScrap]),
    ),
    ...bootSteps(input),
  ];
}

/** Captive contact that the conductor is pushed into, and a crimped ferrule: N and UHF on low-loss foam. */
export const pushOn: Method = {
  name: 'push-on and ferrule',
  traits: {
    shieldBy: 'crimp',
    ...traitsWords,
    reusable: false,
    heat: 'none',
    needs: ['two-position prep tool', 'hex die for the ferrule', 'deburring tool'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['stemLength', 'stopDepth', 'contactReach', 'ferruleLength'],
  foldedFeatures: [...ferruleFeatures, 'lipToTip', 'contactTolerance', 'pinBore', 'pinOutside'],
  contents: ['underBraid', 'boot', 'shrink'],
  rules: [
    ...ferruleRules,
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: ruleWords.contactHasWall },
    {
      smaller: 'contactReach',
      larger: 'lipToTip',
      at: 'contactReach',
      because: ruleWords.contactShorterThanBody,
    },
  ],
  refuses: (cable) =>
    refusesFerrule(cable) ?? (cable.conductor.strands > 1 ? refusalWords.conductorStrandedDoesNot : null),
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', underBraidOf(input)),
    conductorIn(input, 'pinBore', 'captive contact', 0.15e-3),
    ...dieChecks(input),
  ],
  strip,
  parts: (input) => [ferrulePart(input), ...bootParts(input)],
  relief: ferruleRelief,
  steps,
};
