import type { MetalLayer } from '../conductor/resistance.ts';
import type { CableEntry, WireLayerEntry } from './construction.ts';
import { cableEntrySchema } from './construction.ts';

export interface Braid {
  readonly wireDiameter: number;
  readonly wireLayers: readonly MetalLayer[];
  readonly coverage: number;
  readonly angle: number;
}

/** A coaxial cable in SI units: its construction, and the nominal attenuation table it is known by. */
export interface Cable {
  readonly id: string;
  readonly name: string;
  readonly nominalImpedance: number;
  readonly conductor: {
    readonly strands: 1 | 7 | 19;
    readonly diameter: number;
    readonly strandLayers: readonly MetalLayer[];
  };
  readonly dielectric: {
    readonly material: 'polyethylene' | 'PTFE';
    readonly diameter: number;
    readonly permittivity: number;
    readonly lossTangent: number;
  };
  readonly braids: readonly Braid[];
  readonly jacket: {
    readonly material: string;
    readonly colour: string;
    readonly diameter: number;
    readonly minimumCelsius: number;
    readonly maximumCelsius: number;
    readonly outdoor: boolean;
  };
  /** Hertz and decibels per 100 m at 20 C. */
  readonly nominalAttenuation: readonly { readonly frequency: number; readonly dbPer100m: number }[];
  readonly source: string;
  readonly attenuationSource: string;
}

const toLayer = (layer: WireLayerEntry): MetalLayer => ({
  metal: layer.metal,
  thickness: layer.thicknessMm * 1e-3,
});

/** Checks a catalogue entry and converts it to SI. @throws ZodError when the entry is not a cable. */
export function loadCable(entry: CableEntry): Cable {
  const { conductor, dielectric, braids, jacket, ...rest } = cableEntrySchema.parse(entry);
  return {
    id: rest.id,
    name: rest.name,
    nominalImpedance: rest.nominalImpedanceOhm,
    conductor: {
      strands: conductor.strands,
      diameter: conductor.diameterMm * 1e-3,
      strandLayers: conductor.strandLayers.map(toLayer),
    },
    dielectric: {
      material: dielectric.material,
      diameter: dielectric.diameterMm * 1e-3,
      permittivity: dielectric.permittivity,
      lossTangent: dielectric.lossTangent,
    },
    braids: braids.map((braid) => ({
      wireDiameter: braid.wireDiameterMm * 1e-3,
      wireLayers: braid.wireLayers.map(toLayer),
      coverage: braid.coverage,
      angle: (braid.angleDegrees * Math.PI) / 180,
    })),
    jacket: {
      material: jacket.material,
      colour: jacket.colour,
      diameter: jacket.diameterMm * 1e-3,
      minimumCelsius: jacket.minimumCelsius,
      maximumCelsius: jacket.maximumCelsius,
      outdoor: jacket.outdoor,
    },
    nominalAttenuation: rest.nominalAttenuation.map(([megahertz, dbPer100m]) => ({
      frequency: megahertz * 1e6,
      dbPer100m,
    })),
    source: rest.source,
    attenuationSource: rest.attenuationSource,
  };
}
