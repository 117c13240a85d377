import type { MetalName } from '../conductor/material.ts';
import type { MetalLayer } from '../conductor/resistance.ts';
import type {
  CableEntry,
  CableFamily,
  CoaxEntry,
  CoreEntry,
  JacketEntry,
  SheetEntry,
  WireLayerEntry,
} from './construction.ts';
import { cableEntrySchema } from './construction.ts';

export interface Braid {
  readonly wireDiameter: number;
  readonly wireLayers: readonly MetalLayer[];
  readonly coverage: number;
  readonly angle: number;
}

export interface Jacket extends Omit<JacketEntry, 'diameterMm' | 'burial'> {
  readonly diameter: number;
  readonly burial: boolean;
}

export interface AttenuationPoint {
  readonly frequency: number;
  readonly dbPer100m: number;
}

interface CableBase {
  readonly id: string;
  readonly name: string;
  readonly family: CableFamily;
  readonly source: string;
  readonly relativeCost: number;
}

/** A coaxial cable in SI units: its layers, and the nominal attenuation table it is known by. */
export interface CoaxCable extends CableBase {
  readonly structure: 'coax';
  readonly nominalImpedance: number;
  /** Hertz that its class is rated for; null where nobody says. */
  readonly ratedFrequency: number | null;
  readonly conductor: {
    readonly strands: 1 | 7 | 19;
    readonly diameter: number;
    readonly strandLayers: readonly MetalLayer[];
    /** Bore of a tubular conductor; 0 for a solid one. */
    readonly bore: number;
  };
  readonly dielectric: {
    readonly material: CoaxEntry['dielectric']['material'];
    readonly diameter: number;
    readonly permittivity: number;
    readonly lossTangent: number;
  };
  /** Thickness; 0 where there is none. */
  readonly conductiveLayer: number;
  /** A tape of plastic with metal on it, and how much of it is metal. */
  readonly foil: {
    readonly metal: MetalName;
    readonly thickness: number;
    readonly metalThickness: number;
  } | null;
  readonly braids: readonly Braid[];
  readonly tube: {
    readonly metal: MetalName;
    readonly wall: number;
    readonly outside: number;
    readonly corrugated: boolean;
    /** Of the corrugation; null for a smooth tube. */
    readonly pitch: number | null;
  } | null;
  readonly jacket: Jacket;
  /** Metres, where the type states its own. */
  readonly statedBendRadius: { readonly once: number; readonly repeated: number | null } | null;
  /** Hertz and decibels per 100 m at 20 C. */
  readonly nominalAttenuation: readonly AttenuationPoint[];
  readonly attenuationSource: string;
}

/** A cable of insulated cores in SI units. */
export interface CoreCable extends CableBase {
  readonly structure: 'cores';
  readonly cores: number;
  /** One for each core; like colours of one cable are told apart by their number. */
  readonly coreNames: readonly string[];
  /** As the entry says; null where it says none. */
  readonly coreColours: readonly (string | null)[];
  readonly lay: CoreEntry['lay'];
  readonly conductor: {
    readonly area: number;
    readonly diameter: number;
    readonly metal: CoreEntry['conductor']['metal'];
  };
  readonly insulation: {
    readonly material: CoreEntry['insulation']['material'];
    readonly diameter: number;
    readonly effectivePermittivity: number;
    readonly lossTangent: number;
  };
  readonly shield: {
    readonly kind: NonNullable<CoreEntry['shield']>['kind'];
    readonly inside: number;
  } | null;
  readonly nominalImpedance: number | null;
  readonly jacket: Jacket;
}

/** A cable known by its data sheet only. */
export interface SheetCable extends CableBase {
  readonly structure: 'sheet';
  readonly nominalImpedance: number;
  readonly velocityFactor: number;
  readonly jacketDiameter: number | null;
  readonly nominalAttenuation: readonly AttenuationPoint[];
}

export type Cable = CoaxCable | CoreCable | SheetCable;

/** A cable of which layers or cores are known: only on such a one an end can be planned. */
export type LayeredCable = CoaxCable | CoreCable;

const mm = 1e-3;

const toLayer = (layer: WireLayerEntry): MetalLayer => ({
  metal: layer.metal,
  thickness: layer.thicknessMm * mm,
});

const toPoints = (table: readonly (readonly [number, number])[]): AttenuationPoint[] =>
  table.map(([megahertz, dbPer100m]) => ({ frequency: megahertz * 1e6, dbPer100m }));

const toJacket = ({ diameterMm, burial, ...jacket }: JacketEntry): Jacket => ({
  ...jacket,
  diameter: diameterMm * mm,
  burial: burial ?? false,
});

const baseOf = ({ id, name, family, source, relativeCost }: CableEntry): CableBase => ({
  id,
  name,
  family,
  source,
  relativeCost,
});

/** Checks a catalogue entry and converts it to SI. @throws ZodError when the entry is not a cable. */
export function loadCable(entry: CoaxEntry): CoaxCable;
export function loadCable(entry: CoreEntry): CoreCable;
export function loadCable(entry: SheetEntry): SheetCable;
export function loadCable(entry: CoaxEntry | CoreEntry): LayeredCable;
export function loadCable(entry: CableEntry): Cable;
export function loadCable(entry: CableEntry): Cable {
  const checked = cableEntrySchema.parse(entry);
  if (checked.structure === 'coax') return loadCoax(checked);
  return checked.structure === 'cores' ? loadCores(checked) : loadSheet(checked);
}

function loadCoax(entry: CoaxEntry): CoaxCable {
  const { conductor, dielectric, foil, tube, bendRadiusMm } = entry;
  return {
    ...baseOf(entry),
    structure: 'coax',
    nominalImpedance: entry.nominalImpedanceOhm,
    ratedFrequency: entry.topFrequencyMHz === undefined ? null : entry.topFrequencyMHz * 1e6,
    conductor: {
      strands: conductor.strands,
      diameter: conductor.diameterMm * mm,
      strandLayers: conductor.strandLayers.map(toLayer),
      bore: (conductor.boreMm ?? 0) * mm,
    },
    dielectric: {
      material: dielectric.material,
      diameter: dielectric.diameterMm * mm,
      permittivity: dielectric.permittivity,
      lossTangent: dielectric.lossTangent,
    },
    conductiveLayer: (entry.conductiveLayerMm ?? 0) * mm,
    foil: foil
      ? {
          metal: foil.metal,
          thickness: foil.thicknessMm * mm,
          metalThickness: (foil.metalMm ?? foil.thicknessMm) * mm,
        }
      : null,
    braids: entry.braids.map((braid) => ({
      wireDiameter: braid.wireDiameterMm * mm,
      wireLayers: braid.wireLayers.map(toLayer),
      coverage: braid.coverage,
      angle: (braid.angleDegrees * Math.PI) / 180,
    })),
    tube: tube
      ? {
          metal: tube.metal,
          wall: tube.wallMm * mm,
          outside: tube.outsideMm * mm,
          corrugated: tube.corrugated,
          pitch: tube.pitchMm === undefined ? null : tube.pitchMm * mm,
        }
      : null,
    jacket: toJacket(entry.jacket),
    statedBendRadius: bendRadiusMm
      ? {
          once: bendRadiusMm.once * mm,
          repeated: bendRadiusMm.repeated === null ? null : bendRadiusMm.repeated * mm,
        }
      : null,
    nominalAttenuation: toPoints(entry.nominalAttenuationMHz),
    attenuationSource: entry.attenuationSource,
  };
}

function loadCores(entry: CoreEntry): CoreCable {
  const { conductor, insulation, shield } = entry;
  return {
    ...baseOf(entry),
    structure: 'cores',
    cores: entry.cores,
    coreNames: Array.from({ length: entry.cores }, (_, n) => entry.coreColours?.[n] ?? `core ${n + 1}`),
    coreColours: Array.from({ length: entry.cores }, (_, n) => entry.coreColours?.[n] ?? null),
    lay: entry.lay,
    conductor: {
      area: conductor.areaMm2 * mm * mm,
      diameter: conductor.diameterMm * mm,
      metal: conductor.metal,
    },
    insulation: {
      material: insulation.material,
      diameter: insulation.diameterMm * mm,
      effectivePermittivity: insulation.effectivePermittivity,
      lossTangent: insulation.lossTangent,
    },
    shield: shield ? { kind: shield.kind, inside: shield.insideMm * mm } : null,
    nominalImpedance: entry.nominalImpedanceOhm,
    jacket: toJacket(entry.jacket),
  };
}

function loadSheet(entry: SheetEntry): SheetCable {
  return {
    ...baseOf(entry),
    structure: 'sheet',
    nominalImpedance: entry.nominalImpedanceOhm,
    velocityFactor: entry.velocityFactor,
    jacketDiameter: entry.jacketDiameterMm === undefined ? null : entry.jacketDiameterMm * mm,
    nominalAttenuation: toPoints(entry.nominalAttenuationMHz),
  };
}
