import { z } from 'zod';

const millimetres = z.number().positive().max(100);

const layersSchema = z
  .array(
    z.object({ metal: z.enum(['copper', 'silver', 'tin', 'steel', 'aluminium']), thicknessMm: millimetres }),
  )
  .min(1)
  .describe('from the centre of the wire out; the first thickness is its radius');

const jacketSchema = z.object({
  material: z.enum(['PVC', 'FEP', 'polyethylene', 'halogen-free', 'none']),
  colour: z.string(),
  diameterMm: millimetres,
  minimumCelsius: z.number(),
  maximumCelsius: z.number(),
  outdoor: z.boolean(),
  burial: z.boolean().optional(),
});

const familySchema = z.enum([
  'flexible coax',
  'low-loss coax',
  'semi-rigid coax',
  'feeder',
  'trunk',
  'unbalanced audio',
  'balanced audio',
  'install',
  'lighting',
  'speaker',
]);

const braidSchema = z.object({
  wireDiameterMm: millimetres,
  wireLayers: layersSchema,
  coverage: z.number().min(0.4).max(0.99),
  /** Angle of the braid wires to the cable's axis. */
  angleDegrees: z.number().min(10).max(60),
});

/** `[MHz, dB per 100 m]` at 20 C. */
const attenuationSchema = z.array(z.tuple([z.number().positive(), z.number().positive()])).min(2);

const commonSchema = z.object({
  id: z.string().min(1),
  name: z.string().min(1),
  family: familySchema,
  source: z.string().min(1),
  /** Price per metre against a metre of RG-58 class; engineering value. */
  relativeCost: z.number().positive(),
});

/** A coaxial cable from its layers, as its catalogue file writes it: millimetres, dB per 100 m, degrees Celsius. */
export const coaxEntrySchema = commonSchema.extend({
  structure: z.literal('coax'),
  nominalImpedanceOhm: z.number().positive(),
  conductor: z.object({
    strands: z.union([z.literal(1), z.literal(7), z.literal(19)]),
    diameterMm: millimetres,
    strandLayers: layersSchema,
    /** Bore of a tubular conductor. */
    boreMm: millimetres.optional(),
  }),
  dielectric: z.object({
    material: z.enum(['polyethylene', 'foam polyethylene', 'PTFE', 'fused disc']),
    diameterMm: millimetres,
    permittivity: z.number().min(1).max(10),
    lossTangent: z.number().min(0).max(0.1),
  }),
  /** A layer over the dielectric that keeps the cable quiet when it is moved; it must be cut back at the ends. */
  conductiveLayerMm: millimetres.optional(),
  foil: z
    .object({
      metal: z.enum(['aluminium', 'copper']),
      thicknessMm: millimetres,
      /** Of the metal alone, where it lies on a plastic tape. */
      metalMm: millimetres.optional(),
    })
    .optional(),
  braids: z.array(braidSchema).max(4),
  tube: z
    .object({
      metal: z.enum(['copper', 'aluminium']),
      wallMm: millimetres,
      outsideMm: millimetres,
      corrugated: z.boolean(),
      /** Valley to valley, of a corrugated tube. */
      pitchMm: millimetres.optional(),
    })
    .optional(),
  jacket: jacketSchema,
  bendRadiusMm: z
    .object({ once: z.number().positive(), repeated: z.number().positive().nullable() })
    .optional(),
  nominalAttenuationMHz: attenuationSchema,
  attenuationSource: z.string().min(1),
  /** Highest frequency that its class is rated for; where it is left out the first higher mode alone ends it. */
  topFrequencyMHz: z.number().positive().optional(),
});

/** A cable of insulated cores: pairs, quads, speaker cores. */
export const coreEntrySchema = commonSchema.extend({
  structure: z.literal('cores'),
  cores: z.number().int().min(1).max(64),
  /** Colour of each core, in the order of the lay; where left out they are counted. */
  coreColours: z.array(z.string().min(1)).optional(),
  lay: z.enum(['pair', 'pairs', 'star quad', 'parallel']),
  conductor: z.object({
    areaMm2: z.number().positive(),
    /** Over the strands. */
    diameterMm: millimetres,
    metal: z.enum(['copper', 'tinned copper']),
  }),
  insulation: z.object({
    material: z.enum(['polyethylene', 'foam polyethylene', 'PVC']),
    diameterMm: millimetres,
    /** Of insulation, filler and air together, as the field sees it. */
    effectivePermittivity: z.number().min(1).max(10),
    lossTangent: z.number().min(0).max(0.2),
  }),
  /** Inside diameter over each shielded pair or the bundle, and how it is made. */
  shield: z
    .object({ kind: z.enum(['foil and drain', 'braid', 'spiral', 'foil and braid']), insideMm: millimetres })
    .nullable(),
  nominalImpedanceOhm: z.number().positive().nullable(),
  jacket: jacketSchema,
});

/** A cable known by its data sheet only: no layers, so no fit and no split of the loss. */
export const sheetEntrySchema = commonSchema.extend({
  structure: z.literal('sheet'),
  nominalImpedanceOhm: z.number().positive(),
  velocityFactor: z.number().positive().max(1),
  jacketDiameterMm: millimetres.optional(),
  nominalAttenuationMHz: attenuationSchema,
});

export const cableEntrySchema = z.discriminatedUnion('structure', [
  coaxEntrySchema,
  coreEntrySchema,
  sheetEntrySchema,
]);

export type CoaxEntry = z.infer<typeof coaxEntrySchema>;
export type CoreEntry = z.infer<typeof coreEntrySchema>;
export type SheetEntry = z.infer<typeof sheetEntrySchema>;
export type CableEntry = z.infer<typeof cableEntrySchema>;
export type CableFamily = z.infer<typeof familySchema>;
export type WireLayerEntry = z.infer<typeof layersSchema>[number];
export type JacketEntry = z.infer<typeof jacketSchema>;
