import type { FeatureName } from '../connector/features.ts';
import { featureDefinition } from '../connector/features.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { cardValues } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { cutUncertainty } from '../house/house.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import type { CutLayer, StripCut, StripPlan } from './strip-plan.ts';

/** Braid stays this far from the shoulder, so that the ferrule can close against it. Engineering value. */
export const braidClearance = 0.4e-3;
/** Conductor stays this far from the bottom of the contact bore, so that the contact can sit on the dielectric. */
export const conductorClearance = 0.3e-3;
/** Least part of the stem that braid must cover for the crimp to hold it. Engineering value. */
const leastBraidCover = 0.85;
/** Conductor that must show past the inspection hole. */
const pastInspectionHole = 0.3e-3;

const source = 'seated joint of a pin-and-ferrule connector: rear lip, stem, insulator stop, contact bore';

/**
 * Strip of a crimp (or solder) pin with crimp ferrule. From the jacket edge, positive toward the tip:
 * `xb = j + s - clearance`, `xd = j + d - t`, `xc = xd + p - clearance`. Every tolerance is the distance to a named
 * interference in the seated joint, metres.
 */
export function stripPinAndFerrule(endId: string, card: GaugeCard, house: House): StripPlan {
  const {
    jacketOffset: j,
    stemLength: s,
    stopDepth: d,
    pinFlange: t,
    pinBoreDepth: p,
    ...feature
  } = cardValues(card);
  const term = (name: FeatureName): Term => {
    const { label, symbol } = featureDefinition(name);
    return {
      label,
      symbol,
      value: card.features[name].value,
      kind: 'length',
      assumed: card.features[name].state === 'assumed',
    };
  };
  const braidEnd = j + s - braidClearance;
  const dielectricEnd = j + d - t;
  const conductorEnd = dielectricEnd + p - conductorClearance;
  const uncertainty = cutUncertainty[house.practice.stripping];
  const explain = (value: number, formula: string, terms: Term[]): Explained => ({
    value,
    kind: 'length',
    formula,
    terms,
    source,
  });
  const clearance = (label: string, value: number): Term => ({ label, value, kind: 'length', symbol: 'g' });
  const cut = (
    layer: CutLayer,
    label: string,
    position: Explained,
    plus: number,
    minus: number,
    tooLong: string,
    tooShort: string,
  ): StripCut => ({
    layer,
    label,
    position,
    fromCutEnd: conductorEnd - position.value,
    plus,
    minus,
    tooLong,
    tooShort,
    beyondMethod: Math.min(plus, minus) < uncertainty - 1e-9,
  });
  return {
    endId,
    methodUncertainty: uncertainty,
    cuts: [
      cut(
        'braid',
        'Braid end',
        explain(braidEnd, 'j + s - g', [
          term('jacketOffset'),
          term('stemLength'),
          clearance('Braid clearance', braidClearance),
        ]),
        braidClearance,
        Math.max(0, s * (1 - leastBraidCover) - braidClearance),
        'It will stand against the shoulder and the ferrule will not close.',
        'Too little braid lies under the ferrule for the crimp to hold it.',
      ),
      cut(
        'dielectric',
        'Dielectric end',
        explain(dielectricEnd, 'j + d - t', [term('jacketOffset'), term('stopDepth'), term('pinFlange')]),
        feature.contactTolerance,
        feature.contactTolerance,
        'The contact will stand too far forward and strain the mating contact.',
        'The contact will stand back, and a gap behind its flange spoils the match.',
      ),
      cut(
        'conductor',
        'Conductor end',
        explain(conductorEnd, '(j + d - t) + p - g', [
          term('jacketOffset'),
          term('stopDepth'),
          term('pinFlange'),
          term('pinBoreDepth'),
          clearance('Conductor clearance', conductorClearance),
        ]),
        conductorClearance,
        Math.max(0, p - conductorClearance - feature.inspectionHoleFar - pastInspectionHole),
        'It bottoms in the contact before the contact sits on the dielectric.',
        'It does not reach past the inspection hole: the crimp holds too little of it.',
      ),
    ],
    seated: {
      rearLip: j,
      shoulder: j + s,
      stop: j + d,
      ferrule: { from: j + s - feature.ferruleLength, to: j + s },
      pin: { rear: dielectricEnd, boreEnd: dielectricEnd + p },
      matingPlane: j + feature.lipToMatingPlane,
      tip: j + feature.lipToTip,
    },
  };
}

/** Outside diameter of the ferrule once crimped, metres: a hexagon of the die, over its corners. */
export function crimpedFerruleOutside(die: number): number {
  return die * (2 / Math.sqrt(3));
}
