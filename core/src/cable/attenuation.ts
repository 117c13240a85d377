import type { MetalLayer } from '../conductor/resistance.ts';
import { surfaceResistance } from '../conductor/surface.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { CoaxCable } from './cable.ts';
import { effectiveConductorDiameter, effectiveShieldDiameter } from './electrical.ts';

/** `k1 sqrt(f) + k2 f` in dB per 100 m, f in hertz, with the worst relative error at the points fitted. */
export interface AttenuationFit {
  readonly k1: number;
  readonly k2: number;
  readonly worstError: number;
}

/**
 * Fits published points by `k1 sqrt(f) + k2 f`, non-negative least squares on the relative error. With two unknowns
 * the non-negative solution is the free one when both are positive, else the better of the two one-term fits.
 * @throws RangeError with fewer than two points or a point that is not positive.
 */
export function fitAttenuation(points: readonly { frequency: number; dbPer100m: number }[]): AttenuationFit {
  if (points.length < 2)
    throw new RangeError(`attenuation fit: expected two or more points, found ${points.length}`);
  let aa = 0;
  let ab = 0;
  let bb = 0;
  let ay = 0;
  let by = 0;
  for (const { frequency, dbPer100m } of points) {
    if (!(frequency > 0 && dbPer100m > 0))
      throw new RangeError('attenuation fit: expected positive frequency and loss');
    const a = Math.sqrt(frequency) / dbPer100m;
    const b = frequency / dbPer100m;
    aa += a * a;
    ab += a * b;
    bb += b * b;
    ay += a;
    by += b;
  }
  const determinant = aa * bb - ab * ab;
  const free = { k1: (ay * bb - by * ab) / determinant, k2: (by * aa - ay * ab) / determinant };
  const candidates = [free, { k1: ay / aa, k2: 0 }, { k1: 0, k2: by / bb }]
    .filter(({ k1, k2 }) => k1 >= 0 && k2 >= 0)
    .map((fit) => ({ ...fit, ...errorsOf(fit, points) }))
    .sort((left, right) => left.squares - right.squares);
  const { k1, k2, worstError } = candidates[0]!;
  return { k1, k2, worstError };
}

function errorsOf(
  fit: { k1: number; k2: number },
  points: readonly { frequency: number; dbPer100m: number }[],
) {
  const errors = points.map((point) => fittedAttenuation(fit, point.frequency) / point.dbPer100m - 1);
  return {
    squares: errors.reduce((sum, error) => sum + error * error, 0),
    worstError: Math.max(...errors.map(Math.abs)),
  };
}

/** The fit at a frequency (hertz), dB per 100 m. */
export function fittedAttenuation(fit: { k1: number; k2: number }, frequency: number): number {
  return fit.k1 * Math.sqrt(frequency) + fit.k2 * frequency;
}

/** A stranded conductor's surface is rougher than a rod's. Engineering value. */
const strandFactor = 1.25;

/** Longer path and rougher surface of corrugated copper. Engineering value. */
const corrugatedFactor = 1.35;

/** Foil with a braid over it: a nearly closed tube with a seam. Engineering value. */
const foilFactor = 1.3;

/**
 * What the outer conductor loses over a smooth tube of its metal. A braid loses about twice at 100 MHz and more with
 * rising frequency, because current must cross from wire to wire. Engineering values, exponent chosen on the RG types.
 */
function shieldFactor(cable: CoaxCable, frequency: number): number {
  if (cable.tube) return cable.tube.corrugated ? corrugatedFactor : 1;
  if (cable.foil) return foilFactor;
  return 2 * (Math.max(frequency, 1e6) / 100e6) ** 0.16;
}

/** Metals of the surface that carries the shield's current, from below outward to the dielectric. */
function shieldSurface({ tube, foil, braids }: CoaxCable): readonly MetalLayer[] {
  if (tube) return [{ metal: tube.metal, thickness: tube.wall }];
  const braid = braids[0]?.wireLayers ?? [];
  if (foil) return [...braid.slice(0, 1), { metal: foil.metal, thickness: foil.thickness }];
  return braid;
}

/** Attenuation computed from construction, dB per 100 m, split into what causes it. */
export interface ComputedAttenuation {
  readonly conductor: number;
  readonly shield: number;
  readonly dielectric: number;
  readonly total: number;
}

/**
 * Attenuation from construction at a frequency (hertz, a few megahertz and up) and temperature:
 * `(Rs / (pi d) path + Rs / (pi D) shield) / (2 Z0) + pi f sqrt(er) tan d / c`, plated surfaces by layers.
 */
export function computedAttenuation(cable: CoaxCable, frequency: number, celsius = 20): ComputedAttenuation {
  const inner = surfaceResistance(cable.conductor.strandLayers, frequency, celsius);
  const outer = surfaceResistance(shieldSurface(cable), frequency, celsius);
  const path = cable.conductor.strands > 1 ? strandFactor : 1;
  const perOhm = (100 * decibelsPerNeper) / (2 * cable.nominalImpedance * Math.PI);
  const conductor = (perOhm * inner * path) / effectiveConductorDiameter(cable);
  const shield = (perOhm * outer * shieldFactor(cable, frequency)) / effectiveShieldDiameter(cable);
  const { permittivity, lossTangent } = cable.dielectric;
  const dielectric =
    ((Math.PI * frequency * Math.sqrt(permittivity) * lossTangent) / speedOfLight) * 100 * decibelsPerNeper;
  return { conductor, shield, dielectric, total: conductor + shield + dielectric };
}
