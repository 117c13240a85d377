import { coaxialImpedance } from './electrical.ts';
import type { z } from 'zod';
import { envelopeSchema } from '../record/envelope.ts';
import { firstRevision } from '../record/revise.ts';
import type { CableEntry, SheetEntry } from './construction.ts';
import { cableEntrySchema } from './construction.ts';
import { tinnedBraid } from './tinned-braid.ts';

/** A cable that a technician entered from its data sheet. The entry's id is the record's. */
export const ownCableSchema = envelopeSchema.extend({ entry: cableEntrySchema });

export type OwnCable = z.infer<typeof ownCableSchema>;

/** A cable to begin with: 50 ohm, two attenuation points, to be typed over. */
export function newOwnCable(id: string, now: string): OwnCable {
  const entry: SheetEntry = {
    id,
    name: 'Cable from a data sheet',
    structure: 'sheet',
    family: 'low-loss coax',
    source: 'data sheet, entered by hand',
    relativeCost: 1,
    nominalImpedanceOhm: 50,
    velocityFactor: 0.85,
    nominalAttenuationMHz: [
      [100, 4],
      [1000, 13],
    ],
  };
  return { ...firstRevision(id, now), entry };
}

/** A cable of its own with the same figures. */
export function copyOfCable(entry: CableEntry, id: string, now: string): OwnCable {
  return { ...firstRevision(id, now), entry: { ...entry, id, name: `${entry.name}, copy` } };
}

/**
 * The sheet cable with layers that give its figures: a solid copper conductor and a foil with braid in the proportion of
 * impedance and velocity, everything to be corrected by hand.
 */
export function withLayers(sheet: SheetEntry): CableEntry {
  const permittivity = Number((1 / sheet.velocityFactor ** 2).toFixed(3));
  const jacket = sheet.jacketDiameterMm ?? 10;
  const dielectric = Number((jacket * 0.7).toFixed(2));
  const ratio = Math.exp((sheet.nominalImpedanceOhm * Math.sqrt(permittivity)) / coaxialImpedance);
  return {
    id: sheet.id,
    name: sheet.name,
    structure: 'coax',
    family: sheet.family,
    source: sheet.source,
    relativeCost: sheet.relativeCost,
    nominalImpedanceOhm: sheet.nominalImpedanceOhm,
    nominalAttenuationMHz: sheet.nominalAttenuationMHz,
    attenuationSource: sheet.source,
    conductor: {
      strands: 1,
      diameterMm: Number((dielectric / ratio).toFixed(3)),
      strandLayers: [{ metal: 'copper', thicknessMm: Number((dielectric / ratio / 2).toFixed(4)) }],
    },
    dielectric: {
      material: permittivity > 2.2 ? 'polyethylene' : permittivity > 2 ? 'PTFE' : 'foam polyethylene',
      diameterMm: dielectric,
      permittivity,
      lossTangent: 0.0002,
    },
    foil: { metal: 'aluminium', thicknessMm: 0.05 },
    braids: [tinnedBraid(0.15, 0.9)],
    jacket: {
      material: 'polyethylene',
      colour: 'black',
      diameterMm: jacket,
      minimumCelsius: -40,
      maximumCelsius: 80,
      outdoor: true,
    },
  };
}
