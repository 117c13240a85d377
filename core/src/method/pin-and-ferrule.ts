import { shieldThickness } from '../cable/braid.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import type { FeatureName } from '../connector/features.ts';
import { conductorIn, dieChecks, dielectricIn, ferruleChecks, jacketThrough } from '../fit/coax-checks.ts';
import { cableRings } from '../strip/cable-rings.ts';
import type { SectionRing } from '../strip/section.ts';
import { ring } from '../strip/section.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import type { CutDraft } from '../strip/write-strip.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart, ReliefPlace } from './method.ts';
import { pinAndFerruleSteps } from './pin-and-ferrule-steps.ts';

/** Braid stays this far from the shoulder, so that the ferrule can close against it. Engineering value. */
export const braidClearance = 0.4e-3;
/** Conductor stays this far from the bottom of the contact bore, so that the contact can sit on the dielectric. */
export const conductorClearance = 0.3e-3;
/** Foil stays this far behind the contact flange, so that it cannot touch it. Engineering value. */
const foilClearance = 1e-3;
/** Least part of the stem that braid must cover for the crimp to hold it. Engineering value. */
const leastBraidCover = 0.85;
/** Conductor that must show past the inspection hole. */
const pastInspectionHole = 0.3e-3;
/** A contact without a hole holds by at least this share of its bore. Engineering value. */
const leastInBore = 0.7;

const source = 'seated joint of a pin-and-ferrule connector: rear lip, stem, insulator stop, contact bore';

/** Whether a ferrule can be crimped on a cable at all: over a braid on a dielectric, not over a tube. */
export function refusesFerrule(cable: CoaxCable): string | null {
  if (cable.tube) return 'Its outer conductor is a tube: there is no braid to hold.';
  if (cable.conductiveLayer > 0) return 'It is an audio cable with a conductive layer: it takes audio ends.';
  return cable.braids.length > 0 ? null : 'It has no braid to hold.';
}

/** Outside diameter of a ferrule once crimped, metres: a hexagon of the die, over its corners. */
export function crimpedFerruleOutside(die: number): number {
  return die * (2 / Math.sqrt(3));
}

/** A crimped ferrule: tight on the braid over the stem, belled over the jacket. */
export function ferruleRings(
  card: GaugeCard,
  { shoulder, jacketEdge, overStem }: { shoulder: number; jacketEdge: number; overStem: number },
): SectionRing[] {
  const wall = 2 * featureValue(card, 'ferruleWall');
  const bell = featureValue(card, 'ferruleBore');
  const rear = shoulder - featureValue(card, 'ferruleLength');
  return [
    ring('connector', 'ferrule', 'brass', [jacketEdge, shoulder], [overStem, overStem + wall], ['crimp']),
    ring('connector', 'ferrule bell', 'brass', [rear, jacketEdge], [bell, bell + wall], ['crimp']),
  ];
}

/** The crimp ferrule as a threaded part, and what shrink finds behind the body. */
export function ferrulePart({ card, connector }: EndInput): MethodPart {
  const bore = featureValue(card, 'ferruleBore');
  return {
    kind: 'ferrule',
    form: 'ferrule',
    back: 5e-3,
    opening: bore,
    outside: bore + 2 * featureValue(card, 'ferruleWall'),
    fixedOutside: crimpedFerruleOutside(connector.ferruleDie!),
  };
}

export function ferruleRelief({ card, connector }: EndInput): ReliefPlace {
  return {
    over: crimpedFerruleOutside(connector.ferruleDie!),
    covered: featureValue(card, 'ferruleLength'),
  };
}

/**
 * Strip of a crimp (or solder) contact with crimp ferrule. From the jacket edge, positive toward the tip:
 * `xb = j + s - g`, `xd = j + d - t`, `xc = xd + p - g`. Every tolerance is the distance to a named interference in the
 * seated joint, metres.
 */
export function stripPinAndFerrule(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = (name: FeatureName) => featureValue(card, name);
  const term = (name: FeatureName) => featureTerm(card, name);
  const j = value('jacketOffset');
  const s = value('stemLength');
  const p = value('pinBoreDepth');
  const braidEnd = j + s - braidClearance;
  const dielectricEnd = j + value('stopDepth') - value('pinFlange');
  const conductorEnd = dielectricEnd + p - conductorClearance;
  const seatTerms = [term('jacketOffset'), term('stopDepth'), term('pinFlange')];
  const hole = card.features.inspectionHoleFar;
  const least = hole ? hole.value + pastInspectionHole : leastInBore * p;
  const foil: CutDraft[] = cable.foil
    ? [
        {
          layer: 'foil',
          label: 'Foil end',
          position: lengthOf(
            dielectricEnd - foilClearance,
            '(j + d - t) - g',
            [...seatTerms, clearanceTerm('Foil clearance', foilClearance)],
            source,
          ),
          plus: foilClearance / 2,
          minus: Math.max(0.5e-3, dielectricEnd - foilClearance - (j + s)),
          tooLong: 'It can touch the contact: a dead short.',
          tooShort: 'The foil ends inside the stem and the shield has a gap there.',
        },
      ]
    : [];
  return writeStrip(
    {
      endId: input.endId,
      contactRides: true,
      rearLip: j,
      covered: Math.max(0, value('ferruleLength') - s - j),
      cuts: [
        {
          layer: 'braid',
          label: 'Braid end',
          position: lengthOf(
            braidEnd,
            'j + s - g',
            [term('jacketOffset'), term('stemLength'), clearanceTerm('Braid clearance', braidClearance)],
            source,
          ),
          plus: braidClearance,
          minus: Math.max(0, s * (1 - leastBraidCover) - braidClearance),
          tooLong: 'It will stand against the shoulder and the ferrule will not close.',
          tooShort: 'Too little braid lies under the ferrule for the crimp to hold it.',
        },
        ...foil,
        {
          layer: 'dielectric',
          label: 'Dielectric end',
          position: lengthOf(dielectricEnd, 'j + d - t', seatTerms, source),
          plus: value('contactTolerance'),
          minus: value('contactTolerance'),
          tooLong: 'The contact will stand too far forward and strain the mating contact.',
          tooShort: 'The contact will stand back, and a gap behind its flange spoils the match.',
        },
        {
          layer: 'conductor',
          label: 'Conductor end',
          position: lengthOf(
            conductorEnd,
            '(j + d - t) + p - g',
            [...seatTerms, term('pinBoreDepth'), clearanceTerm('Conductor clearance', conductorClearance)],
            source,
          ),
          plus: conductorClearance,
          minus: Math.max(0, p - conductorClearance - least),
          tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
          tooShort: hole
            ? 'It does not reach past the inspection hole: too little of it is held.'
            : 'Too little of it stands in the contact to be held.',
        },
      ],
      section: sectionOf(input, braidEnd, dielectricEnd, conductorEnd),
      planes: [
        { label: 'jacket edge', at: 0 },
        { label: 'shoulder', at: j + s },
        { label: 'stop', at: j + value('stopDepth') },
        { label: 'mating plane', at: j + value('lipToMatingPlane') },
      ],
    },
    input.house,
  );
}

function sectionOf(
  { card, cable }: EndInput,
  braidEnd: number,
  dielectricEnd: number,
  conductorEnd: number,
): SectionRing[] {
  const value = (name: FeatureName) => featureValue(card, name);
  const j = value('jacketOffset');
  const [s, d] = [j + value('stemLength'), j + value('stopDepth')];
  const plane = j + value('lipToMatingPlane');
  const tip = j + value('lipToTip');
  const [bore, stem] = [value('stemBore'), value('stemOutside')];
  const [pinBore, pin] = [value('pinBore'), value('pinOutside')];
  const overStem = stem + 2 * shieldThickness(cable);
  const wall = 2 * value('ferruleWall');
  const body = Math.max(value('bodyOutside') * 0.75, overStem + wall);
  const flange = (pin + bore) / 2;
  const boreEnd = dielectricEnd + value('pinBoreDepth');
  return [
    ...cableRings(cable, {
      back: value('ferruleLength') - value('stemLength') + 6e-3,
      foil: dielectricEnd - foilClearance,
      dielectric: dielectricEnd,
      conductor: conductorEnd,
    }),
    ring('cable', 'braid', 'braid', [0, braidEnd], [stem, overStem], ['crimp']),
    ring('connector', 'stem', 'metal', [j, s], [bore, stem]),
    ring('connector', 'body', 'metal', [s, plane], [bore, body]),
    ring('connector', 'insulator', 'insulator', [d, plane - 1e-3], [(pin + flange) / 2, bore]),
    ...ferruleRings(card, { shoulder: s, jacketEdge: 0, overStem }),
    ring(
      'contact',
      'contact flange',
      'pin',
      [dielectricEnd, dielectricEnd + value('pinFlange')],
      [pinBore, flange],
    ),
    ring('contact', 'contact', 'pin', [dielectricEnd, boreEnd], [pinBore, pin]),
    ring('contact', 'contact tip', 'pin', [boreEnd, tip], [0, pin * 0.65]),
  ];
}

/** Contact and crimped ferrule, plug or socket: SMA, BNC, TNC, N. */
export const pinAndFerrule: Method = {
  name: 'pin and ferrule',
  traits: {
    because: 'quick, spares the dielectric, the same every time',
    reusable: false,
    heat: 'none',
    needs: ['hex dies for ferrule and contact'],
    shopTools: [],
  },
  firstFeatures: ['stemLength', 'stopDepth', 'pinFlange', 'pinBoreDepth', 'ferruleLength'],
  foldedFeatures: [
    'jacketOffset',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'inspectionHoleFar',
    'contactTolerance',
    'stemOutside',
    'stemBore',
    'ferruleBore',
    'ferruleWall',
    'pinBore',
    'pinOutside',
    'bodyOutside',
  ],
  rules: [
    {
      smaller: 'stemLength',
      larger: 'stopDepth',
      at: 'stopDepth',
      because: 'the stop lies further in than the shoulder',
    },
    {
      smaller: 'inspectionHoleFar',
      larger: 'pinBoreDepth',
      at: 'inspectionHoleFar',
      because: 'the hole lies within the bore',
    },
    { smaller: 'stemBore', larger: 'stemOutside', at: 'stemBore', because: 'a stem has a wall' },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: 'a contact has a wall' },
    { smaller: 'stopDepth', larger: 'lipToTip', at: 'lipToTip', because: 'the tip lies before the stop' },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: 'the contact is shorter than the body',
    },
    {
      smaller: 'stemOutside',
      larger: 'ferruleBore',
      at: 'ferruleBore',
      because: 'the ferrule goes over the stem',
    },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'ferruleBore', 'ferrule'),
    ...ferruleChecks(input),
    dielectricIn(input, 'stemBore', 'stem'),
    conductorIn(input, 'pinBore', 'contact bore'),
    ...dieChecks(input),
  ],
  strip: stripPinAndFerrule,
  parts: (input) => [ferrulePart(input)],
  relief: ferruleRelief,
  steps: pinAndFerruleSteps,
};
