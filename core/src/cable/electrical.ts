import { strandLay, wireResistancePerMetre } from '../conductor/resistance.ts';
import { speedOfLight } from '../line/line.ts';
import { shieldResistancePerMetre } from './braid.ts';
import type { Cable } from './cable.ts';

/** Effective diameter of a stranded conductor over its outside diameter. Source: transmission-line handbooks. */
const strandedDiameter = { 1: 1, 7: 0.939, 19: 0.97 } as const;

/** Conductor diameter that the field sees, metres. */
export function effectiveConductorDiameter(cable: Cable): number {
  return cable.conductor.diameter * strandedDiameter[cable.conductor.strands];
}

/** Shield diameter that the field sees, metres: under a braid of wire w it is `D + 1.5 w`. */
export function effectiveShieldDiameter(cable: Cable): number {
  return cable.dielectric.diameter + 1.5 * cable.braids[0]!.wireDiameter;
}

/** Characteristic impedance, ohm, computed from construction: `59.96 / sqrt(er) ln(D / d)`. */
export function computedImpedance(cable: Cable): number {
  const ratio = effectiveShieldDiameter(cable) / effectiveConductorDiameter(cable);
  return (59.96 / Math.sqrt(cable.dielectric.permittivity)) * Math.log(ratio);
}

/** Velocity factor, `1 / sqrt(er)`. */
export function velocityFactor(cable: Cable): number {
  return 1 / Math.sqrt(cable.dielectric.permittivity);
}

/** Capacitance centre to shield, farads per metre: `1 / (v Z0)` with the nominal impedance. */
export function capacitancePerMetre(cable: Cable): number {
  return 1 / (velocityFactor(cable) * speedOfLight * cable.nominalImpedance);
}

/** First higher mode, hertz: `2 c / (pi (D + d) sqrt(er))`. Above it the cable is no longer one line. */
export function higherModeFrequency(cable: Cable): number {
  const sum = effectiveShieldDiameter(cable) + effectiveConductorDiameter(cable);
  return (2 * speedOfLight * velocityFactor(cable)) / (Math.PI * sum);
}

/** Direct-current resistance of the centre conductor, ohm per metre; strands in parallel, longer by their lay. */
export function conductorResistancePerMetre(cable: Cable, celsius = 20): number {
  const { strands, strandLayers } = cable.conductor;
  const lay = strands > 1 ? strandLay : 1;
  return (wireResistancePerMetre(strandLayers, celsius) * lay) / strands;
}

/** Direct-current resistances per metre of the two paths of the lead. */
export function pathResistances(cable: Cable, celsius = 20): { centre: number; shield: number } {
  return {
    centre: conductorResistancePerMetre(cable, celsius),
    shield: shieldResistancePerMetre(cable, celsius),
  };
}

/** Smallest bend radius of braided coax, metres: five diameters once, ten repeated. */
export function bendRadius(cable: Cable): { once: number; repeated: number } {
  return { once: 5 * cable.jacket.diameter, repeated: 10 * cable.jacket.diameter };
}
