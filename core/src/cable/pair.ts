import { speedOfLight } from '../quantity/speed-of-light.ts';
import { strandLay } from '../conductor/resistance.ts';
import { resistivityAt } from '../conductor/material.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { CoreCable } from './cable.ts';

/** Permittivity of vacuum, F/m. */
const vacuumPermittivity = 8.8541878128e-12;

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
}

/** Cores of a star quad are paralleled across: two and two. */
const coresPerPole = (cable: CoreCable) => (cable.lay === 'star quad' ? 2 : 1);

/** Tinned copper conducts about 3 % less than bare for the same area. Engineering value. */
const tinning = 1.03;

/** Resistance of one core, ohm per metre; strands are longer by their lay. */
export function coreResistance(cable: CoreCable, celsius = 20): number {
  const { area, metal } = cable.conductor;
  const plated = metal === 'tinned copper' ? tinning : 1;
  return (resistivityAt('copper', celsius) * strandLay * plated) / area;
}

/**
 * Impedance and capacitances of two cores side by side, from the images of both in the shield: with cores of radius r at
 * h from the axis in a shield of radius R, `P11 = ln((R2 - h2) / (R r))`, `P12 = ln((R2 + h2) / (2 h R))` over 2 pi e.
 * Without a shield `Z = 120 / sqrt(er) acosh(s / d)`. Twist and strands are within the class spread of some 10 %.
 * Source: multiconductor-line textbooks.
 */
export function pairFigures(cable: CoreCable, celsius = 20): PairFigures {
  const { conductor, insulation, shield } = cable;
  const er = insulation.effectivePermittivity;
  const velocityFactor = 1 / Math.sqrt(er);
  const spacing = cable.lay === 'star quad' ? insulation.diameter * Math.SQRT2 : insulation.diameter;
  const poles = coresPerPole(cable);
  const loopResistance = (2 * coreResistance(cable, celsius)) / poles;
  const radius = (conductor.diameter * 0.96) / 2;
  if (!shield) {
    const impedance = ((120 / Math.sqrt(er)) * Math.acosh(spacing / (2 * radius))) / poles;
    const coreToCore = 1 / (velocityFactor * speedOfLight * impedance);
    return { impedance, coreToCore, coreToShield: null, velocityFactor, loopResistance };
  }
  const height = spacing / 2;
  const outer = Math.max(shield.inside / 2, height + insulation.diameter / 2);
  const self = Math.log((outer ** 2 - height ** 2) / (outer * radius));
  const mutual = Math.log((outer ** 2 + height ** 2) / (2 * height * outer));
  const unit = 2 * Math.PI * vacuumPermittivity * er * poles;
  const toShield = unit / (self + mutual);
  const odd = unit / (self - mutual);
  const between = (odd - toShield) / 2;
  return {
    impedance: 2 / (velocityFactor * speedOfLight * odd),
    coreToCore: between + toShield / 2,
    coreToShield: between + toShield,
    velocityFactor,
    loopResistance,
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
