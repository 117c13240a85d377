import { laidBraids, overBraid } from './braid.ts';
import type { Cable, CoaxCable, CoreCable, LayeredCable } from './cable.ts';

/** Densities, kg per cubic metre. Handbook values. */
const density: Readonly<Record<string, number>> = {
  copper: 8960,
  silver: 10_490,
  tin: 7290,
  steel: 7850,
  aluminium: 2700,
  polyethylene: 930,
  PTFE: 2150,
  PVC: 1400,
  FEP: 2150,
  'halogen-free': 1500,
  none: 0,
};

const disc = (diameter: number) => (Math.PI / 4) * diameter * diameter;
const ring = (outside: number, inside: number) => Math.max(0, disc(outside) - disc(inside));

/** Largest diameter of a cable, metres; undefined when its sheet does not say. */
export function outsideDiameter(cable: Cable): number | undefined {
  return cable.structure === 'sheet' ? (cable.jacketDiameter ?? undefined) : cable.jacket.diameter;
}

/** Mass of a metre, kilograms, from the volumes of its layers; undefined when the layers are not known. */
export function massPerMetre(cable: Cable): number | undefined {
  if (cable.structure === 'sheet') return undefined;
  return cable.structure === 'coax' ? coaxMass(cable) : coreMass(cable);
}

/** Foam is polyethylene in proportion to its permittivity over that of air. */
function dielectricDensity({ material, permittivity }: CoaxCable['dielectric']): number {
  if (material === 'PTFE') return density.PTFE!;
  return density.polyethylene! * Math.min(1, (permittivity - 1) / 1.28);
}

function coaxMass(cable: CoaxCable): number {
  const { conductor, dielectric, foil, tube, jacket } = cable;
  let radius = 0;
  let wire = 0;
  for (const { metal, thickness } of conductor.strandLayers) {
    wire += ring(2 * (radius + thickness), 2 * radius) * density[metal]!;
    radius += thickness;
  }
  const core = conductor.strands * wire - disc(conductor.bore) * density[conductor.strandLayers[0]!.metal]!;
  const around = ring(dielectric.diameter, conductor.diameter) * dielectricDensity(dielectric);
  const braids = laidBraids(cable).reduce((sum, { braid, wires }) => {
    const one = disc(2 * braid.wireLayers.reduce((r, { thickness }) => r + thickness, 0));
    return sum + (wires * one * density[braid.wireLayers[0]!.metal]!) / Math.cos(braid.angle);
  }, 0);
  const foilMass = foil ? Math.PI * dielectric.diameter * foil.metalThickness * density[foil.metal]! : 0;
  const tubeMass = tube
    ? Math.PI * (tube.outside - tube.wall) * tube.wall * (tube.corrugated ? 1.25 : 1) * density[tube.metal]!
    : 0;
  const covering = ring(jacket.diameter, overBraid(cable)) * density[jacket.material]!;
  return core + around + braids + foilMass + tubeMass + covering;
}

/** Shield and filler of core cables, as a share of the jacket's inside. Engineering values. */
const shieldShare = 0.12;

function coreMass(cable: CoreCable): number {
  const { cores, conductor, insulation, jacket, shield } = cable;
  const copper = cores * conductor.area * density.copper!;
  const insulating = cable.insulation.material === 'PVC' ? density.PVC! : density.polyethylene!;
  const around = cores * ring(insulation.diameter, conductor.diameter) * insulating;
  const inside = jacket.diameter * 0.76;
  const covering = ring(jacket.diameter, inside) * density[jacket.material]!;
  const screen = shield ? shieldShare * disc(shield.inside) * density.copper! * 0.3 : 0;
  return copper + around + covering + screen;
}

/** Smallest bend radius, metres. `repeated` is null for a cable that is bent once and never again. */
export interface BendRadius {
  readonly once: number;
  readonly repeated: number | null;
}

/** Multiples of the outside diameter, once and repeated, by family. Engineering values. */
const bendDiameters: Readonly<Record<Cable['family'], readonly [number, number | null]>> = {
  'flexible coax': [5, 10],
  'low-loss coax': [5, 10],
  'semi-rigid coax': [2, null],
  feeder: [5, 10],
  trunk: [10, 15],
  'unbalanced audio': [4, 8],
  'balanced audio': [4, 8],
  install: [4, 8],
  lighting: [4, 8],
  speaker: [5, 8],
};

/** The type's own bend radius where it states one, else by family; undefined when the diameter is not known. */
export function bendRadius(cable: Cable): BendRadius | undefined {
  if (cable.structure === 'coax' && cable.statedBendRadius) return cable.statedBendRadius;
  const diameter = outsideDiameter(cable);
  if (diameter === undefined) return undefined;
  const [once, repeated] = bendDiameters[cable.family];
  return { once: once * diameter, repeated: repeated === null ? null : repeated * diameter };
}

/** How well a coax keeps its field in, decibels at 100 MHz and about: engineering values by kind of shield. */
export function shieldingDb(cable: CoaxCable): number {
  if (cable.tube) return 120;
  if (cable.foil) return cable.braids.length > 1 ? 110 : 90;
  return cable.braids.length > 1
    ? 75
    : 30 + 20 * Math.max(0, ((cable.braids[0]?.coverage ?? 0) - 0.5) / 0.45);
}

/**
 * Least diameter of a coil, metres: twice the repeated bend radius of a feeder or trunk, thirty diameters of low-loss foam,
 * twenty of anything else; null for a cable that is bent once and never coiled. House defaults.
 */
export function coilDiameter(cable: LayeredCable): number | null {
  const repeated = bendRadius(cable)?.repeated;
  if (repeated === null) return null;
  if (cable.family === 'feeder' || cable.family === 'trunk')
    return 2 * (repeated ?? 15 * cable.jacket.diameter);
  return (cable.family === 'low-loss coax' ? 30 : 20) * cable.jacket.diameter;
}
