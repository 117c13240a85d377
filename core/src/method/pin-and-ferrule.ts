import {
  usualFaults,
  ruleWords,
  foilCutWords,
  dielectricCutWords,
  conductorCutWords,
  traitsWords,
} from '../words/pin-and-ferrule.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { conductorIn, dielectricIn, jacketThrough, ferruleChecks, dieChecks } from '../fit/coax-checks.ts';
import type { SectionRing } from '../strip/section.ts';
import { ring } from '../strip/section.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { CutDraft } from '../strip/write-strip.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { Method } from './method.ts';
import type { EndInput } from '../end/end-input.ts';
import { pinAndFerruleSteps } from './pin-and-ferrule-steps.ts';
import { reader, spacerRings } from '../strip/solid.ts';
import {
  ferruleBraidCut,
  ferruleCovers,
  ferruleFeatures,
  bootParts,
  ferrulePart,
  ferruleRelief,
  ferruleRings,
  ferruleRules,
  overStem,
  refusesFerrule,
  conductorClearance,
  underBraidOf,
} from './ferrule.ts';

/** Foil stays this far behind the contact flange, so that it cannot touch it. Engineering value. */
const foilClearance = 1e-3;
/** And this far behind the end of the dielectric, whatever was cut. Engineering value. */
const foilBehind = 0.2e-3;
/** Conductor that must show past the inspection hole. */
const pastInspectionHole = 0.3e-3;
/** A contact without a hole holds by at least this share of its bore. Engineering value. */
const leastInBore = 0.7;

const source = 'seated joint of a pin-and-ferrule connector: rear lip, stem, insulator stop, contact bore';

/**
 * Strip of a crimp (or solder) contact with crimp ferrule. From the jacket edge, positive toward the tip:
 * `xb = j + s - g`, `xd = j + d - t`, `xc = xd + p - g`. Every tolerance is the distance to a named interference in the
 * seated joint, metres.
 */
export function stripPinAndFerrule(input: EndInput): StripPlan {
  const value = reader(input.card);
  const j = value('jacketOffset');
  const spacer = input.card.features.spacerLength?.value ?? 0;
  const dielectricEnd = j + value('stopDepth') - value('pinFlange') - spacer;
  const conductorEnd = dielectricEnd + spacer + value('pinBoreDepth') - conductorClearance;
  return writeStrip(
    {
      endId: input.endId,
      contactRides: true,
      rearLip: j,
      covered: ferruleCovers(input),
      windows: [{ behind: 'foil', before: 'dielectric', least: foilBehind, tooClose: foilCutWords.tooLong }],
      cuts: [
        ferruleBraidCut(input),
        ...foilCut(input, dielectricEnd),
        ...contactCuts(input, dielectricEnd, conductorEnd),
      ],
      section: sectionOf(input, dielectricEnd, conductorEnd),
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'shoulder', at: j + value('stemLength') },
        { label: 'stop', at: j + value('stopDepth') },
        { label: 'mating plane', at: j + value('lipToMatingPlane') },
      ],
    },
    input.stripper,
  );
}

const seatTerms = ({ card }: EndInput) =>
  (['jacketOffset', 'stopDepth', 'pinFlange', ...spacerFeature(card)] as const).map((name) =>
    featureTerm(card, name),
  );

/** The insulator before the contact, where the bag has one: the dielectric ends that much earlier. */
const spacerFeature = ({ features }: EndInput['card']) =>
  features.spacerLength ? (['spacerLength'] as const) : [];

function foilCut(input: EndInput, dielectricEnd: number): CutDraft[] {
  if (!input.cable.foil) return [];
  const value = reader(input.card);
  return [
    {
      layer: 'foil',
      label: 'Foil end',
      position: lengthOf(
        dielectricEnd - foilClearance,
        '(j + d - t) - g',
        [...seatTerms(input), clearanceTerm('Foil clearance', foilClearance)],
        source,
      ),
      plus: foilClearance - foilBehind,
      minus: Math.max(0.5e-3, dielectricEnd - foilClearance - (value('jacketOffset') + value('stemLength'))),
      ...foilCutWords,
    },
  ];
}

/** Dielectric and conductor, which place the contact. */
function contactCuts(input: EndInput, dielectricEnd: number, conductorEnd: number): CutDraft[] {
  const { card } = input;
  const value = reader(card);
  const hole = card.features.inspectionHoleFar;
  const p = value('pinBoreDepth');
  const z = card.features.spacerLength !== undefined;
  const least = hole ? hole.value + pastInspectionHole : leastInBore * p;
  return [
    {
      layer: 'dielectric',
      label: 'Dielectric end',
      position: lengthOf(dielectricEnd, z ? 'j + d - t - z' : 'j + d - t', seatTerms(input), source),
      plus: value('contactTolerance'),
      minus: value('contactTolerance'),
      ...dielectricCutWords,
    },
    {
      layer: 'conductor',
      label: 'Conductor end',
      position: lengthOf(
        conductorEnd,
        z ? '(j + d - t - z) + z + p - g' : '(j + d - t) + p - g',
        [
          ...seatTerms(input),
          featureTerm(card, 'pinBoreDepth'),
          clearanceTerm('Conductor clearance', conductorClearance),
        ],
        source,
      ),
      plus: conductorClearance,
      minus: Math.max(0, p - conductorClearance - least),
      ...conductorCutWords({ hasHole: hole !== undefined }),
    },
  ];
}

function sectionOf(input: EndInput, dielectricEnd: number, conductorEnd: number): SectionRing[] {
  const { card, cable } = input;
  const value = reader(card);
  const j = value('jacketOffset');
  const [s, d] = [j + value('stemLength'), j + value('stopDepth')];
  const plane = j + value('lipToMatingPlane');
  const bore = value('stemBore');
  const [pinBore, pin] = [value('pinBore'), value('pinOutside')];
  const body = Math.max(value('bodyOutside') * 0.75, overStem(input) + 2 * value('ferruleWall'));
  const flange = (pin + bore) / 2;
  const contactRear = dielectricEnd + (card.features.spacerLength?.value ?? 0);
  const boreEnd = contactRear + value('pinBoreDepth');
  return [
    ...cableRings(cable, {
      back: value('ferruleLength') - value('stemLength') + 6e-3,
      foil: dielectricEnd - foilClearance,
      dielectric: dielectricEnd,
      conductor: conductorEnd,
    }),
    ...ferruleRings(input),
    ring('connector', 'body', 'metal', [s, plane], [bore, body]),
    ring('connector', 'insulator', 'insulator', [d, plane - 1e-3], [(pin + flange) / 2, bore]),
    ...spacerRings([dielectricEnd, contactRear], [cable.conductor.diameter, flange]),
    ring(
      'contact',
      'contact flange',
      'pin',
      [contactRear, contactRear + value('pinFlange')],
      [pinBore, flange],
    ),
    ring('contact', 'contact', 'pin', [contactRear, boreEnd], [pinBore, pin]),
    ring('contact', 'contact tip', 'pin', [boreEnd, j + value('lipToTip')], [0, pin * 0.65]),
  ];
}

/** Contact and crimped ferrule, plug or socket: SMA, BNC, TNC, N. */
export const pinAndFerrule: Method = {
  name: 'pin and ferrule',
  traits: {
    shieldBy: 'crimp',
    ...traitsWords,
    reusable: false,
    heat: 'none',
    needs: ['hex dies for ferrule and contact'],
    shopTools: [],
  },
  usualFaults,
  firstFeatures: ['stemLength', 'stopDepth', 'pinFlange', 'pinBoreDepth', 'ferruleLength'],
  foldedFeatures: [
    ...ferruleFeatures,
    'lipToTip',
    'inspectionHoleFar',
    'contactTolerance',
    'pinBore',
    'pinOutside',
  ],
  contents: ['contact', 'spacer', 'underBraid', 'boot', 'shrink'],
  rules: [
    ...ferruleRules,
    {
      smaller: 'inspectionHoleFar',
      larger: 'pinBoreDepth',
      at: 'inspectionHoleFar',
      because: ruleWords.holeLiesWithinBore,
    },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: ruleWords.contactHasWall },
    {
      smaller: 'pinOutside',
      larger: 'stemBore',
      at: 'pinOutside',
      because: ruleWords.contactPassesThroughStem,
    },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: ruleWords.contactShorterThanBody,
    },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', underBraidOf(input)),
    conductorIn(input, 'pinBore', 'contact bore'),
    ...dieChecks(input),
  ],
  strip: stripPinAndFerrule,
  parts: (input) => [ferrulePart(input), ...bootParts(input)],
  relief: ferruleRelief,
  steps: pinAndFerruleSteps,
};
