import { shieldThickness } from '../cable/braid.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import type { FeatureName } from '../connector/features.ts';
import { featureDefinition } from '../connector/features.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import type { Term } from '../quantity/explained.ts';
import type { FitCheck } from './clearance.ts';
import { judgeClearance } from './clearance.ts';
import { judgeDie } from './die.ts';

const mm = 1e-3;

/** Whether a ferrule can be crimped on a cable at all: over a braid on a dielectric, not over a tube. */
export function takesCrimpFerrule(cable: CoaxCable): boolean {
  return cable.braids.length > 0 && cable.tube === null;
}

/** Fit of every part of a pin-and-ferrule connector on a cable, with the dies of the house. Clearances are engineering values. */
export function fitPinAndFerrule(
  cable: CoaxCable,
  connector: Connector,
  card: GaugeCard,
  house: House,
): FitCheck[] {
  const feature = (name: FeatureName): Term => ({
    label: featureDefinition(name).label.toLowerCase(),
    value: card.features[name].value,
    kind: 'length',
    assumed: card.features[name].state === 'assumed',
  });
  const ofCable = (label: string, value: number): Term => ({ label, value, kind: 'length', assumed: true });
  const stemOutside = feature('stemOutside');
  const overStem: Term = {
    label: 'braid on the stem',
    value: stemOutside.value + 2 * shieldThickness(cable),
    kind: 'length',
    assumed: true,
  };
  const ferruleOverStem = feature('ferruleLength').value - feature('stemLength').value;
  return [
    judgeClearance({
      id: 'entry',
      label: 'Jacket through the ferrule',
      hole: feature('ferruleBore'),
      shaft: ofCable('jacket diameter', cable.jacket.diameter),
      free: 0.1 * mm,
      loose: 1 * mm,
      tooTight: 'The ferrule will not go on the jacket: choose the connector for this cable size.',
      tight: 'The ferrule goes on with a push and may roll the jacket back: turn it as it goes.',
      tooLoose: 'The ferrule is for a thicker cable and will not grip this jacket or braid.',
    }),
    judgeClearance({
      id: 'ferrule',
      label: 'Ferrule over braid and stem',
      hole: feature('ferruleBore'),
      shaft: overStem,
      free: 0.1 * mm,
      loose: 1.6 * mm,
      tooTight: 'The ferrule will not pass over the braid on the stem.',
      tight: 'The ferrule takes the braid with it: hold the braid flat while it goes over.',
      tooLoose: 'The ferrule crimps air: the braid will not be held.',
    }),
    judgeClearance({
      id: 'ferrule-length',
      label: 'Ferrule over the stem, onto the jacket',
      hole: feature('ferruleLength'),
      shaft: feature('stemLength'),
      free: 1 * mm,
      loose: 12 * mm,
      tooTight: 'The ferrule is shorter than the stem: braid stays bare.',
      tight: `The ferrule covers only ${Math.max(0, ferruleOverStem * 1e3).toFixed(1)} mm of jacket: little relief.`,
      tooLoose: 'The ferrule is much longer than the stem: it is another connector’s.',
    }),
    judgeClearance({
      id: 'dielectric',
      label: 'Dielectric in the stem',
      hole: feature('stemBore'),
      shaft: ofCable('dielectric diameter', cable.dielectric.diameter),
      free: 0.05 * mm,
      loose: 0.5 * mm,
      tooTight: 'The stem will not go over the dielectric: it would peel it.',
      tight:
        'The stem goes over the dielectric with a twist; watch that it does not push the dielectric back.',
      tooLoose: 'The dielectric rattles in the stem: the contact is not centred and the match suffers.',
    }),
    judgeClearance({
      id: 'conductor',
      label: 'Conductor in the contact bore',
      hole: feature('pinBore'),
      shaft: ofCable('conductor diameter', cable.conductor.diameter),
      free: 0.02 * mm,
      loose: 0.3 * mm,
      tooTight: 'The conductor will not enter the contact.',
      tight:
        cable.conductor.strands > 1
          ? 'Twist the strands tight, or one stays outside.'
          : 'The conductor enters only when it is straight and free of burr.',
      tooLoose: 'The contact is for a thicker conductor: its crimp will not hold.',
    }),
    judgeDie('ferrule-die', 'Die for the ferrule', connector.ferruleDie, house.dies),
    judgeDie('pin-die', 'Die for the contact', connector.pinDie, house.dies),
  ];
}
