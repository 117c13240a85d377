import { speedOfLight } from '../quantity/speed-of-light.ts';
import { classFiveMaximum } from '../conductor/class-five.ts';
import { resistivityAt } from '../conductor/material.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { CoreCable } from './cable.ts';
import { wireCapacitances } from './wire-field.ts';

/** What a pair of a cable is as a line, per metre. */
export interface PairFigures {
  /** Core against core, ohm. */
  readonly impedance: number;
  /** Core to core with the shield left open, farads per metre. */
  readonly coreToCore: number;
  /** One core to the shield with the other core tied to it, farads per metre; null without a shield. */
  readonly coreToShield: number | null;
  readonly velocityFactor: number;
  /** Out and back, ohm per metre at 20 C. */
  readonly loopResistance: number;
  /** Of the loop, henry per metre. */
  readonly loopInductance: number;
}

/** Cores of a star quad are paralleled across: two and two. */
const coresPerPole = (cable: CoreCable) => (cable.lay === 'star quad' ? 2 : 1);

/** Most resistance that one core may have, ohm per metre: its strands are of class 5. */
export function coreResistance({ conductor }: CoreCable, celsius = 20): number {
  return classFiveMaximum(conductor.area, conductor.metal, celsius);
}

/** Two poles of a cable in cross-section, metres. */
export interface PairGeometry {
  readonly lay: 'pair' | 'star quad';
  readonly conductorDiameter: number;
  /** Axis to axis of cores that touch: over the insulation. Of a quad, the side of its square. */
  readonly pitch: number;
  readonly permittivity: number;
  readonly shieldInside: number | null;
}

/** Capacitances of two poles, farads per metre. */
export interface PairField {
  /** Charge for each volt between the poles, which have it by halves against a shield. */
  readonly poleToPole: number;
  /** One pole to the shield, the other tied to it; null without a shield. */
  readonly poleToShield: number | null;
  /** The capacitance matrix of the cores, in their order round the axis. */
  readonly cores: readonly (readonly number[])[];
}

/** Cores in their order round the axis: of a quad, opposite ones are one pole. */
const placesOf = ({ lay, pitch }: PairGeometry): { x: number; y: number }[] => {
  const across = lay === 'star quad' ? pitch * Math.SQRT1_2 : pitch / 2;
  return lay === 'star quad'
    ? [
        { x: across, y: 0 },
        { x: 0, y: across },
        { x: -across, y: 0 },
        { x: 0, y: -across },
      ]
    : [
        { x: across, y: 0 },
        { x: -across, y: 0 },
      ];
};

/** The field between two poles, solved in cross-section: see `wireCapacitances`. */
export function pairField(geometry: PairGeometry): PairField {
  const { conductorDiameter, permittivity, shieldInside } = geometry;
  const cores = wireCapacitances(
    placesOf(geometry).map((place) => ({ ...place, radius: conductorDiameter / 2 })),
    shieldInside === null ? null : shieldInside / 2,
    permittivity,
  );
  // Every other core is of the other pole.
  const of = (pole: number, other: number) =>
    cores.reduce(
      (sum, row, i) =>
        sum + row.reduce((all, value, j) => all + (i % 2 === pole && j % 2 === other ? value : 0), 0),
      0,
    );
  const [self, mutual] = [of(0, 0), of(0, 1)];
  return { poleToPole: (self - mutual) / 2, poleToShield: shieldInside === null ? null : self, cores };
}

/** Stranded cores are a little thinner, as the field sees them, than the circle round their strands. Engineering value. */
const strandedOutside = 0.96;

/** Cables are immutable: the field of one is solved once. */
const solved = new WeakMap<CoreCable, PairField>();

/** The field of the cores of a cable; of one with several pairs, that of one pair alone in the shield. */
export function fieldOf(cable: CoreCable): PairField {
  const known = solved.get(cable);
  if (known) return known;
  const { conductor, insulation, shield } = cable;
  const lay = cable.lay === 'star quad' ? 'star quad' : 'pair';
  const reach = insulation.diameter * (lay === 'star quad' ? 1 + Math.SQRT2 : 2);
  const field = pairField({
    lay,
    conductorDiameter: conductor.diameter * strandedOutside,
    pitch: insulation.diameter,
    permittivity: insulation.effectivePermittivity,
    shieldInside: shield ? Math.max(shield.inside, reach) : null,
  });
  solved.set(cable, field);
  return field;
}

/**
 * Impedance and capacitances of the two poles of a cable, from the field in its cross-section; `Z = sqrt(er) / (c C)`. Twist and
 * strands are within the class spread of some 10 %. Source: two-conductor line, textbooks.
 */
export function pairFigures(cable: CoreCable, celsius = 20): PairFigures {
  const { poleToPole, poleToShield } = fieldOf(cable);
  const velocityFactor = 1 / Math.sqrt(cable.insulation.effectivePermittivity);
  return {
    impedance: 1 / (velocityFactor * speedOfLight * poleToPole),
    coreToCore: poleToPole,
    coreToShield: poleToShield,
    velocityFactor,
    // Without a magnetic core the field in air says both: L C = er / c^2.
    loopInductance: 1 / (velocityFactor * speedOfLight) ** 2 / poleToPole,
    loopResistance: (2 * coreResistance(cable, celsius)) / coresPerPole(cable),
  };
}

/** Current crowds where two cores face each other. Engineering value. */
const proximity = 1.3;

/**
 * Attenuation of a pair above a few hundred kilohertz, `k1 sqrt(f) + k2 f` in dB per 100 m: skin effect in both cores
 * over twice the impedance, and the insulation.
 */
export function pairAttenuation(cable: CoreCable): { k1: number; k2: number } {
  const { impedance, velocityFactor } = pairFigures(cable);
  const skin = Math.sqrt(Math.PI * 4e-7 * Math.PI * resistivityAt('copper', 20));
  const loop = (2 * skin * proximity) / (Math.PI * cable.conductor.diameter) / coresPerPole(cable);
  return {
    k1: (loop / (2 * impedance)) * 100 * decibelsPerNeper,
    k2: ((Math.PI * cable.insulation.lossTangent) / (velocityFactor * speedOfLight)) * 100 * decibelsPerNeper,
  };
}
