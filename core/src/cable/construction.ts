import { z } from 'zod';

const millimetres = z.number().positive().max(100);

const layersSchema = z
  .array(z.object({ metal: z.enum(['copper', 'silver', 'tin', 'steel']), thicknessMm: millimetres }))
  .min(1)
  .describe('from the centre of the wire out; the first thickness is its radius');

/** A coaxial cable as its catalogue file writes it: millimetres, decibels per 100 m, degrees Celsius. */
export const cableEntrySchema = z.object({
  id: z.string(),
  name: z.string(),
  nominalImpedanceOhm: z.number().positive(),
  conductor: z.object({
    strands: z.union([z.literal(1), z.literal(7), z.literal(19)]),
    diameterMm: millimetres,
    strandLayers: layersSchema,
  }),
  dielectric: z.object({
    material: z.enum(['polyethylene', 'PTFE']),
    diameterMm: millimetres,
    permittivity: z.number().min(1).max(10),
    lossTangent: z.number().min(0).max(0.1),
  }),
  braids: z
    .array(
      z.object({
        wireDiameterMm: millimetres,
        wireLayers: layersSchema,
        coverage: z.number().min(0.5).max(0.99),
        /** Angle of the braid wires to the cable's axis. */
        angleDegrees: z.number().min(10).max(60),
      }),
    )
    .min(1)
    .max(2),
  jacket: z.object({
    material: z.string(),
    colour: z.string(),
    diameterMm: millimetres,
    minimumCelsius: z.number(),
    maximumCelsius: z.number(),
    outdoor: z.boolean(),
  }),
  /** Nominal attenuation at 20 C, `[MHz, dB per 100 m]`. */
  nominalAttenuation: z.array(z.tuple([z.number().positive(), z.number().positive()])).min(2),
  source: z.string().min(1),
  attenuationSource: z.string().min(1),
});

export type CableEntry = z.infer<typeof cableEntrySchema>;
export type WireLayerEntry = z.infer<typeof layersSchema>[number];
