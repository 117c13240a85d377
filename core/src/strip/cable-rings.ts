import { overBraid } from '../cable/braid.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { SectionRing } from './section.ts';
import { ring } from './section.ts';

/** Where the layers of a stripped cable end, metres from the datum. */
export interface LayerEnds {
  /** How far behind the datum the drawing goes. */
  readonly back: number;
  readonly foil?: number;
  readonly dielectric: number;
  readonly conductor: number;
}

/** The dielectric with what lies bonded on it: what goes through a bore, metres. */
export function overFoil(cable: CoaxCable): number {
  return cable.dielectric.diameter + 2 * (cable.conductiveLayer + (cable.foil?.thickness ?? 0));
}

/** Jacket, what lies under it, dielectric and conductor as rings; what becomes of the shield is the method's to say. */
export function cableRings(
  cable: CoaxCable,
  { back, foil, dielectric, conductor }: LayerEnds,
): SectionRing[] {
  const { diameter } = cable.jacket;
  const inner = cable.dielectric.diameter;
  return [
    ring('cable', 'jacket', 'jacket', [-back, 0], [overBraid(cable), diameter], ['crimp', 'bite']),
    ring(
      'cable',
      'shield under the jacket',
      'braid',
      [-back, 0],
      [overFoil(cable), overBraid(cable)],
      ['crimp'],
    ),
    ...(foil === undefined || !cable.foil
      ? []
      : [ring('cable', 'foil', 'foil', [-back, foil], [inner, overFoil(cable)])]),
    ring('cable', 'dielectric', 'dielectric', [-back, dielectric], [cable.conductor.diameter, inner]),
    ring('cable', 'conductor', 'copper', [-back, conductor], [0, cable.conductor.diameter]),
  ];
}
