import { strandLay, wireResistancePerMetre } from '../conductor/resistance.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import { shieldResistancePerMetre } from './braid.ts';
import type { CoaxCable } from './cable.ts';

/** Effective diameter of a stranded conductor over its outside diameter. Source: transmission-line handbooks. */
const strandedDiameter = { 1: 1, 7: 0.939, 19: 0.97 } as const;

/** Conductor diameter that the field sees, metres. */
export function effectiveConductorDiameter(cable: CoaxCable): number {
  return cable.conductor.diameter * strandedDiameter[cable.conductor.strands];
}

/** Shield diameter that the field sees, metres: under a braid of wire w it is `D + 1.5 w`, under foil or tube `D`. */
export function effectiveShieldDiameter(cable: CoaxCable): number {
  const { dielectric, foil, tube, braids } = cable;
  if (foil || tube || !braids[0]) return dielectric.diameter;
  return dielectric.diameter + 1.5 * braids[0].wireDiameter;
}

/** Impedance of space over a full turn, `mu0 c / 2 pi`, ohm: that of a coaxial line in air with `ln(D / d) = 1`. */
export const coaxialImpedance = 2e-7 * speedOfLight;

/** Characteristic impedance, ohm, computed from construction: `59.96 / sqrt(er) ln(D / d)`. */
export function computedImpedance(cable: CoaxCable): number {
  const ratio = effectiveShieldDiameter(cable) / effectiveConductorDiameter(cable);
  return (coaxialImpedance / Math.sqrt(cable.dielectric.permittivity)) * Math.log(ratio);
}

/** Velocity factor, `1 / sqrt(er)`. */
export function velocityFactor(cable: CoaxCable): number {
  return 1 / Math.sqrt(cable.dielectric.permittivity);
}

/** Capacitance centre to shield, farads per metre: `1 / (v Z0)` with the nominal impedance. */
export function capacitancePerMetre(cable: CoaxCable): number {
  return 1 / (velocityFactor(cable) * speedOfLight * cable.nominalImpedance);
}

/** Inductance of the loop, henry per metre: `Z0 / v` with the nominal impedance. */
export function inductancePerMetre(cable: CoaxCable): number {
  return cable.nominalImpedance / (velocityFactor(cable) * speedOfLight);
}

/** First higher mode, hertz: `2 c / (pi (D + d) sqrt(er))`. Above it the cable is no longer one line. */
export function higherModeFrequency(cable: CoaxCable): number {
  const sum = effectiveShieldDiameter(cable) + effectiveConductorDiameter(cable);
  return (2 * speedOfLight * velocityFactor(cable)) / (Math.PI * sum);
}

/** Where a cable ends, hertz: what its class is rated for, or its first higher mode where that is lower or nobody rates it. */
export function topFrequency(cable: CoaxCable): { readonly limit: number; readonly rated: boolean } {
  const mode = higherModeFrequency(cable);
  const { ratedFrequency } = cable;
  return ratedFrequency !== null && ratedFrequency < mode
    ? { limit: ratedFrequency, rated: true }
    : { limit: mode, rated: false };
}

/** Metal of the centre conductor across it, square metres: of strands without the air between them. */
export function conductorMetal({ conductor }: CoaxCable): number {
  const radius = conductor.strandLayers.reduce((sum, { thickness }) => sum + thickness, 0);
  return conductor.strands * Math.PI * radius ** 2 - (Math.PI / 4) * conductor.bore ** 2;
}

/** Direct-current resistance of the centre conductor, ohm per metre; strands in parallel, longer by their lay. */
export function conductorResistancePerMetre(cable: CoaxCable, celsius = 20): number {
  const { strands, strandLayers, bore } = cable.conductor;
  const lay = strands > 1 ? strandLay : 1;
  const solid = (wireResistancePerMetre(strandLayers, celsius) * lay) / strands;
  // A tube lacks the metal of its bore; its layers are one metal.
  return solid / (1 - (bore / cable.conductor.diameter) ** 2);
}

/** Direct-current resistances per metre of the two paths of the lead. */
export function pathResistances(cable: CoaxCable, celsius = 20): { centre: number; shield: number } {
  return {
    centre: conductorResistancePerMetre(cable, celsius),
    shield: shieldResistancePerMetre(cable, celsius),
  };
}
