import type { StripDraft } from '../strip/write-strip.ts';
import type { SectionRing } from '../strip/section.ts';
import {
  braidCutWords,
  sleeveBraidWords,
  foilEndWords,
  dielectricCutWords,
  conductorCutWords,
} from '../words/clamp-gland.ts';
import { cableRings } from '../strip/cable-rings.ts';
import { overBraid, shieldThickness } from '../cable/braid.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureTerm } from '../connector/gauge-card.ts';
import { cone, ring } from '../strip/section.ts';
import { couplingRing, reader, spacerRings } from '../strip/solid.ts';
import type { StripPlan } from '../strip/strip-plan.ts';
import { clearanceTerm, lengthOf, writeStrip } from '../strip/write-strip.ts';
import type { EndInput } from '../end/end-input.ts';
import { conductorClearance } from './ferrule.ts';

/** Fanned braid ends this far inside the rim of the clamp. Engineering value. */
const rimClearance = 0.5e-3;
/** Both walls of a sleeve under the braid. Engineering value. */
const sleeveWalls = 1e-3;
/** Foil is planned so far behind the end of the dielectric, and stays so far whatever was cut. Engineering values. */
const foilSetBack = 1e-3;
const foilBehind = 0.2e-3;
const braidBehind = 0.3e-3;

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
  const under = input.contents.clamp === 'under the braid';
  const braidEnd = under ? l : l + slant - rimClearance;
  const seat = l + value('insulatorSeat');
  const spacer = card.features.spacerLength?.value ?? 0;
  const dielectricEnd = seat - value('pinFlange') - spacer;
  const p = value('pinBoreDepth');
  const conductorEnd = dielectricEnd + spacer + p - conductorClearance;
  const hole = card.features.inspectionHoleFar?.value ?? 0.7 * p;
  const [pinBore, pin] = [value('pinBore'), value('pinOutside')];
  const flange = Math.max(pin + 0.6e-3, 0.8 * cable.dielectric.diameter);
  const bodyBore = Math.max(rim + 2 * shieldThickness(cable) + 0.2e-3, flange + 1e-3);
  const plane = rearLip + value('lipToMatingPlane');
  const contactRear = dielectricEnd + spacer;
  const boreEnd = contactRear + p;
  const body = Math.max(bodyBore + 1.5e-3, 0.7 * value('bodyOutside'));
  const t = shieldThickness(cable);
  const back = -rearLip + 6e-3;
  const spacerTerms = spacer > 0 ? [term('spacerLength')] : [];
  const seatTerms = [term('coneLength'), term('insulatorSeat'), term('pinFlange'), ...spacerTerms];
  return {
    l,
    under,
    spacer,
    contactRear,
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
      shield: at.under ? 'forward' : 'fanned',
      contactRides: true,
      cuts: cutsOf(input, at),
      windows: windowsOf(at),
      section: [...cableSection(input, at), ...connectorSection(input, at), ...contactSection(input, at)],
      planes: [
        { label: 'rear of the nut', at: rearLip },
        { label: 'jacket edge', at: 0 },
        { label: 'clamp face', at: l },
        { label: 'insulator seat', at: seat },
        { label: 'mating plane', at: plane },
      ],
    },
    input.stripper,
  );
}

/** Braid and foil stay behind the end of the dielectric, beyond which the contact lies. */
function windowsOf({ under }: Places): StripDraft['windows'] {
  const behind = (layer: string, least: number, tooClose: string) => ({
    behind: layer,
    before: 'dielectric',
    least,
    tooClose,
  });
  const foil = behind('foil', foilBehind, foilEndWords.tooLong);
  return under ? [behind('braid', braidBehind, sleeveBraidWords.tooLong), foil] : [foil];
}

/** Braid fanned back over a cone, or laid forward over a sleeve and trimmed at its rim. */
function braidCut({ card }: EndInput, { under, l, slant, braidEnd }: Places): StripDraft['cuts'][number] {
  const length = featureTerm(card, 'coneLength');
  if (under)
    return {
      layer: 'braid',
      label: 'Braid, over the sleeve',
      position: lengthOf(l, 'l', [length], source),
      plus: rimClearance,
      minus: 0.3 * l,
      ...sleeveBraidWords,
    };
  return {
    layer: 'braid',
    label: 'Braid, fanned over the cone',
    position: lengthOf(
      braidEnd,
      'l + slant - g',
      [
        length,
        { label: 'Slant of the cone', value: slant, kind: 'length' },
        { label: 'Short of the rim', value: -rimClearance, kind: 'length', symbol: 'g' },
      ],
      source,
    ),
    plus: rimClearance,
    minus: 0.4 * slant,
    ...braidCutWords,
  };
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
  const { l, dielectricEnd, p, conductorEnd, hole, seatTerms, spacer } = at;
  const seatFormula = spacer > 0 ? 'l + i - t - z' : 'l + i - t';
  return [
    braidCut(input, at),
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
      position: lengthOf(dielectricEnd, seatFormula, seatTerms, source),
      plus: value('contactTolerance'),
      minus: value('contactTolerance'),
      ...dielectricCutWords,
    },
    {
      layer: 'conductor',
      label: 'Conductor end',
      position: lengthOf(
        conductorEnd,
        spacer > 0 ? '(l + i - t - z) + z + p - g' : '(l + i - t) + p - g',
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
  const { l, bore, rim, dielectricEnd, conductorEnd, t, back, under } = at;
  const sleeve = bore + sleeveWalls;
  return [
    ...cableRings(cable, {
      back,
      ...(cable.foil ? { foil: foilEnd(input, at).value } : {}),
      dielectric: dielectricEnd,
      conductor: conductorEnd,
    }),
    ...(under
      ? [ring('cable', 'braid over the sleeve', 'braid', [0, l], [sleeve, sleeve + 2 * t], ['clamp'])]
      : [
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
        ]),
  ];
}

/** The parts of the connector round them. */
function connectorSection(input: EndInput, at: Places): SectionRing[] {
  const { card } = input;
  const value = reader(card);
  const { l, rearLip, bore, rim, seat, pin, flange, bodyBore, plane, body, under } = at;
  const washers = input.contents.washers;
  return [
    under
      ? ring('connector', 'clamp sleeve', 'brass', [0, l], [bore, bore + sleeveWalls], ['clamp'])
      : cone('connector', 'braid clamp', 'brass', [0, l], [bore, bore], [rim, bore + 0.2e-3], ['clamp']),
    ring(
      'connector',
      'gasket',
      'rubber',
      [-0.35 * (value('stackLength') - l), 0],
      [value('gasketBore'), bodyBore],
      ['clamp'],
    ),
    ...(washers === 'none'
      ? []
      : [
          ring(
            'connector',
            'washer',
            'metal',
            [-0.5 * (value('stackLength') - l), -0.35 * (value('stackLength') - l)],
            [value('washerBore'), bodyBore],
            ['clamp'],
          ),
        ]),
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
  const { rearLip, seat, dielectricEnd, contactRear, pinBore, pin, flange, boreEnd } = at;
  return [
    ...spacerRings([dielectricEnd, contactRear], [input.cable.conductor.diameter, flange]),
    ring('contact', 'contact flange', 'pin', [contactRear, seat], [pinBore, flange]),
    ring('contact', 'contact', 'pin', [contactRear, boreEnd], [pinBore, pin]),
    ring('contact', 'contact tip', 'pin', [boreEnd, rearLip + value('lipToTip')], [0, pin * 0.65]),
  ];
}
