import { cableRings } from '../strip/cable-rings.ts';
import { overBraid, shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm, featureValue } from '../connector/gauge-card.ts';
import { judgeClearance } from '../fit/clearance.ts';
import { conductorIn, holeTerm, jacketThrough } from '../fit/coax-checks.ts';
import { cone, ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput, Method, MethodPart } from './method.ts';
import { clampGlandSteps } from './clamp-gland-steps.ts';
import { refusesFerrule } from './ferrule.ts';
import { conductorClearance } from './ferrule.ts';

/** Fanned braid ends this far inside the rim of the clamp. Engineering value. */
const rimClearance = 0.5e-3;

const source =
  'seated joint of a clamp gland: jacket edge at the clamp, cone and rim, insulator seat, contact bore';

/**
 * Strip, counted from the jacket edge, which stands at the rear of the clamp: braid through the clamp and fanned back over
 * its cone, `xb = l + hypot(l, (R - b)/2) - g`; `xd = l + i - t`; `xc = xd + p - g`. The rear lip is `j = l - a`. Metres.
 */
function strip(input: EndInput): StripPlan {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const l = value('coneLength');
  const rearLip = l - value('stackLength');
  const bore = value('clampBore');
  const rim = value('coneRim');
  const slant = Math.hypot(l, (rim - bore) / 2);
  const braidEnd = l + slant - rimClearance;
  const seat = l + value('insulatorSeat');
  const dielectricEnd = seat - value('pinFlange');
  const p = value('pinBoreDepth');
  const conductorEnd = dielectricEnd + p - conductorClearance;
  const hole = card.features.inspectionHoleFar?.value ?? 0.7 * p;
  const [pinBore, pin] = [value('pinBore'), value('pinOutside')];
  const flange = Math.max(pin + 0.6e-3, 0.8 * cable.dielectric.diameter);
  const bodyBore = Math.max(rim + 2 * shieldThickness(cable) + 0.2e-3, flange + 1e-3);
  const plane = rearLip + value('lipToMatingPlane');
  const boreEnd = dielectricEnd + p;
  const body = Math.max(bodyBore + 1.5e-3, 0.7 * value('bodyOutside'));
  const t = shieldThickness(cable);
  const back = -rearLip + 6e-3;
  const seatTerms = [term('coneLength'), term('insulatorSeat'), term('pinFlange')];
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      covered: -rearLip,
      shield: 'fanned',
      contactRides: true,
      cuts: [
        {
          layer: 'braid',
          label: 'Braid, fanned over the cone',
          position: lengthOf(
            braidEnd,
            'l + slant - g',
            [
              term('coneLength'),
              { label: 'Slant of the cone', value: slant, kind: 'length' },
              { label: 'Short of the rim', value: -rimClearance, kind: 'length', symbol: 'g' },
            ],
            source,
          ),
          plus: rimClearance,
          minus: 0.4 * slant,
          tooLong: 'It passes the rim, and the gland nut shears it or the gasket does not seal.',
          tooShort: 'Too little braid is pressed between cone and body.',
        },
        ...(cable.foil
          ? [
              {
                layer: 'foil' as const,
                label: 'Foil end',
                position: lengthOf(l, 'l', [term('coneLength')], source),
                plus: Math.max(0.3e-3, value('insulatorSeat') - value('pinFlange') - 0.3e-3),
                minus: 0.8 * l,
                tooLong: 'It can touch the contact: a dead short.',
                tooShort: 'The foil ends inside the clamp and the shield has a gap there.',
              },
            ]
          : []),
        {
          layer: 'dielectric',
          label: 'Dielectric end',
          position: lengthOf(dielectricEnd, 'l + i - t', seatTerms, source),
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
            '(l + i - t) + p - g',
            [...seatTerms, term('pinBoreDepth'), clearanceTerm('Conductor clearance', conductorClearance)],
            source,
          ),
          plus: conductorClearance,
          minus: Math.max(0.3e-3, p - conductorClearance - hole - 0.3e-3),
          tooLong: 'It bottoms in the contact before the contact sits on the dielectric.',
          tooShort: 'Too little of it stands in the contact to be soldered.',
        },
      ],
      section: [
        ...cableRings(cable, {
          back,
          ...(cable.foil ? { foil: l } : {}),
          dielectric: dielectricEnd,
          conductor: conductorEnd,
        }),
        ring('cable', 'braid', 'braid', [0, l], [cable.dielectric.diameter, overBraid(cable)], ['clamp']),
        cone(
          'cable',
          'braid on the cone',
          'braid',
          [0, l],
          [rim, bore],
          [rim + 2 * t, bore + 2 * t],
          ['clamp'],
        ),
        cone('connector', 'braid clamp', 'brass', [0, l], [bore, bore], [rim, bore + 0.2e-3], ['clamp']),
        ring(
          'connector',
          'gasket',
          'rubber',
          [-0.35 * (value('stackLength') - l), 0],
          [value('gasketBore'), bodyBore],
          ['clamp'],
        ),
        ring(
          'connector',
          'washer',
          'metal',
          [-0.5 * (value('stackLength') - l), -0.35 * (value('stackLength') - l)],
          [value('washerBore'), bodyBore],
          ['clamp'],
        ),
        ring(
          'connector',
          'gland nut',
          'brass',
          [rearLip, -0.5 * (value('stackLength') - l)],
          [value('nutBore'), value('nutOutside')],
          ['clamp'],
        ),
        ring(
          'connector',
          'body',
          'metal',
          [-0.35 * (value('stackLength') - l), plane],
          [bodyBore, Math.max(body, bodyBore + 1.5e-3)],
          ['clamp'],
        ),
        ring('connector', 'insulator', 'insulator', [seat, plane - 1e-3], [(pin + flange) / 2, bodyBore]),
        ring('contact', 'contact flange', 'pin', [dielectricEnd, seat], [pinBore, flange]),
        ring('contact', 'contact', 'pin', [dielectricEnd, boreEnd], [pinBore, pin]),
        ring('contact', 'contact tip', 'pin', [boreEnd, rearLip + value('lipToTip')], [0, pin * 0.65]),
        ...(input.connector.sex === 'plug'
          ? [couplingRing(value, rearLip, Math.max(body, bodyBore + 1.5e-3))]
          : []),
      ],
      planes: [
        { label: 'rear of the nut', at: rearLip },
        { label: 'jacket edge', at: 0 },
        { label: 'clamp face', at: l },
        { label: 'insulator seat', at: seat },
        { label: 'mating plane', at: plane },
      ],
    },
    input.house,
  );
}

function parts({ card }: EndInput): MethodPart[] {
  const outside = featureValue(card, 'coneRim');
  return [
    {
      kind: 'gasket',
      form: 'ring',
      back: 3e-3,
      opening: featureValue(card, 'gasketBore'),
      outside,
      fixedOutside: outside,
      face: 'groove',
    },
    {
      kind: 'washer',
      form: 'ring',
      back: 6e-3,
      opening: featureValue(card, 'washerBore'),
      outside,
      fixedOutside: outside,
    },
    {
      kind: 'gland nut',
      form: 'nut',
      back: 10e-3,
      opening: featureValue(card, 'nutBore'),
      outside: featureValue(card, 'nutOutside'),
      fixedOutside: featureValue(card, 'nutOutside'),
      face: 'thread',
    },
  ];
}

/** Clamp gland with soldered contact: UHF, N, BNC. */
export const clampGland: Method = {
  name: 'clamp gland',
  traits: {
    shieldBy: 'clamp gland',
    because: 'no die, re-usable, seals on the jacket: the one to repair in the field',
    reusable: true,
    heat: 'small iron',
    needs: ['two spanners', 'fine iron'],
    shopTools: ['gland spanners', 'fine iron'],
  },
  usualFaults: {
    open: 'a cold joint at the contact, a body that turned, braid not between cone and body',
    short: 'a wire forward of the cone, dielectric melted at the contact',
  },
  firstFeatures: ['stackLength', 'coneLength', 'coneRim', 'insulatorSeat', 'pinBoreDepth'],
  foldedFeatures: [
    'pinFlange',
    'clampBore',
    'gasketBore',
    'washerBore',
    'nutBore',
    'nutOutside',
    'pinBore',
    'pinOutside',
    'inspectionHoleFar',
    'contactTolerance',
    'lipToShoulder',
    'lipToMatingPlane',
    'lipToTip',
    'bodyOutside',
  ],
  rules: [
    {
      smaller: 'coneLength',
      larger: 'stackLength',
      at: 'coneLength',
      because: 'the clamp is part of the stack',
    },
    { smaller: 'clampBore', larger: 'coneRim', at: 'coneRim', because: 'a cone opens toward its rim' },
    { smaller: 'stackLength', larger: 'lipToTip', at: 'lipToTip', because: 'the tip lies before the stack' },
    {
      smaller: 'pinFlange',
      larger: 'insulatorSeat',
      at: 'insulatorSeat',
      because: 'the flange sits behind the seat',
    },
    { smaller: 'pinBore', larger: 'pinOutside', at: 'pinBore', because: 'a contact has a wall' },
    {
      smaller: 'pinBoreDepth',
      larger: 'lipToTip',
      at: 'pinBoreDepth',
      because: 'the contact is shorter than the body',
    },
  ],
  refuses: refusesFerrule,
  fit: (input) => [
    jacketThrough(input, 'nutBore', 'gland nut', 1.5e-3),
    judgeClearance({
      id: 'gasket',
      label: 'Gasket on the jacket',
      hole: holeTerm(input, 'gasketBore'),
      shaft: { label: 'jacket diameter', value: input.cable.jacket.diameter, kind: 'length', assumed: true },
      free: 0.05e-3,
      loose: 0.8e-3,
      tooTight: 'The gasket does not go on the jacket.',
      tight: 'The gasket goes on hard: a little grease.',
      tooLoose: 'The gasket does not close on this jacket: it neither holds nor seals.',
    }),
    judgeClearance({
      id: 'clamp',
      label: 'Braid in the clamp',
      hole: holeTerm(input, 'clampBore'),
      shaft: { label: 'over the braid', value: overBraid(input.cable), kind: 'length', assumed: true },
      free: 0.05e-3,
      loose: 1e-3,
      tooTight: 'The clamp does not go over the braid.',
      tight: 'The clamp goes over the braid with a twist.',
      tooLoose: 'The clamp sits loose and off centre.',
    }),
    conductorIn(input, 'pinBore', 'contact bore'),
  ],
  strip,
  parts,
  relief: ({ card, cable }) => ({
    over: Math.max(cable.jacket.diameter, featureValue(card, 'nutOutside')),
    covered: 0.6 * featureValue(card, 'stackLength'),
  }),
  steps: clampGlandSteps,
};
