import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import { braidCutWords, foilEndWords, dielectricCutWords, conductorCutWords } from '../words/clamp-gland.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { overBraid, shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { cone, ring } from '../strip/section.ts';
import { couplingRing, reader } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput } from '../end/end-input.ts';
import { conductorClearance } from './ferrule.ts';

/** Fanned braid ends this far inside the rim of the clamp. Engineering value. */
const rimClearance = 0.5e-3;
/** Foil is planned so far behind the end of the dielectric, and stays so far whatever was cut. Engineering values. */
const foilSetBack = 1e-3;
const foilBehind = 0.2e-3;

const source =
  'seated joint of a clamp gland: jacket edge at the clamp, cone and rim, insulator seat, contact bore';

/** Where everything lies along the axis, and the radii that follow, metres. */
function placesOf(input: EndInput) {
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
  return {
    l,
    rim,
    slant,
    braidEnd,
    dielectricEnd,
    p,
    conductorEnd,
    hole,
    t,
    seatTerms,
    bore,
    back,
    rearLip,
    seat,
    pin,
    flange,
    bodyBore,
    plane,
    body,
    pinBore,
    boreEnd,
  };
}

type Places = ReturnType<typeof placesOf>;

/**
 * Strip, counted from the jacket edge, which stands at the rear of the clamp: braid through the clamp and fanned back over
 * its cone, `xb = l + hypot(l, (R - b)/2) - g`; `xd = l + i - t`; `xc = xd + p - g`. The rear lip is `j = l - a`. Metres.
 */
export function stripClampGland(input: EndInput): StripPlan {
  const at = placesOf(input);
  const { l, rearLip, seat, plane } = at;
  return writeStrip(
    {
      endId: input.endId,
      rearLip,
      covered: -rearLip,
      shield: 'fanned',
      contactRides: true,
      cuts: cutsOf(input, at),
      windows: [{ behind: 'foil', before: 'dielectric', least: foilBehind, tooClose: foilEndWords.tooLong }],
      section: [...cableSection(input, at), ...connectorSection(input, at), ...contactSection(input, at)],
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

/** Foil ends at the face of the clamp, or so far behind the end of the dielectric that it cannot reach the contact. */
function foilEnd({ card }: EndInput, { l, dielectricEnd, seatTerms }: Places) {
  const behind = dielectricEnd - foilSetBack;
  return behind < l
    ? lengthOf(
        behind,
        '(l + i - t) - g',
        [...seatTerms, clearanceTerm('Foil behind the dielectric', foilSetBack)],
        source,
      )
    : lengthOf(l, 'l', [featureTerm(card, 'coneLength')], source);
}

/** Where each layer ends, with its tolerance and what a cut beyond it does. */
function cutsOf(input: EndInput, at: Places): StripDraft['cuts'] {
  const { card, cable } = input;
  const value = reader(card);
  const term = (name: FeatureName) => featureTerm(card, name);
  const { l, slant, braidEnd, dielectricEnd, p, conductorEnd, hole, seatTerms } = at;
  return [
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
      ...braidCutWords,
    },
    ...(cable.foil
      ? [
          {
            layer: 'foil' as const,
            label: 'Foil end',
            position: foilEnd(input, at),
            plus: 0.7e-3,
            minus: 0.6 * l,
            ...foilEndWords,
          },
        ]
      : []),
    {
      layer: 'dielectric',
      label: 'Dielectric end',
      position: lengthOf(dielectricEnd, 'l + i - t', seatTerms, source),
      plus: value('contactTolerance'),
      minus: value('contactTolerance'),
      ...dielectricCutWords,
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
      ...conductorCutWords,
    },
  ];
}

/** The layers of the cable as they lie in the seated joint. */
function cableSection(input: EndInput, at: Places): SectionRing[] {
  const { cable } = input;
  const { l, bore, rim, dielectricEnd, conductorEnd, t, back } = at;
  return [
    ...cableRings(cable, {
      back,
      ...(cable.foil ? { foil: foilEnd(input, at).value } : {}),
      dielectric: dielectricEnd,
      conductor: conductorEnd,
    }),
    ring('cable', 'braid', 'braid', [0, l], [cable.dielectric.diameter, overBraid(cable)], ['clamp']),
    cone('cable', 'braid on the cone', 'braid', [0, l], [rim, bore], [rim + 2 * t, bore + 2 * t], ['clamp']),
  ];
}

/** The parts of the connector round them. */
function connectorSection(input: EndInput, at: Places): SectionRing[] {
  const { card } = input;
  const value = reader(card);
  const { l, rearLip, bore, rim, seat, pin, flange, bodyBore, plane, body } = at;
  return [
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
    ...(input.connector.sex === 'plug'
      ? [couplingRing(value, rearLip, Math.max(body, bodyBore + 1.5e-3))]
      : []),
  ];
}

/** The contact and what holds it, and the coupling. */
function contactSection(input: EndInput, at: Places): SectionRing[] {
  const { card } = input;
  const value = reader(card);
  const { rearLip, seat, dielectricEnd, pinBore, pin, flange, boreEnd } = at;
  return [
    ring('contact', 'contact flange', 'pin', [dielectricEnd, seat], [pinBore, flange]),
    ring('contact', 'contact', 'pin', [dielectricEnd, boreEnd], [pinBore, pin]),
    ring('contact', 'contact tip', 'pin', [boreEnd, rearLip + value('lipToTip')], [0, pin * 0.65]),
  ];
}
