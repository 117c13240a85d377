import { z } from 'zod';
import { envelopeSchema } from '../record/envelope.ts';
import { contentsSchema } from './contents-schema.ts';
import { featureNames } from './features.ts';

export const featureSchema = z.object({
  /** Metres. */
  value: z.number(),
  /** Nominal class values are assumed until a caliper says otherwise. */
  state: z.enum(['assumed', 'measured']),
});

/** One bag or lot of connectors: what it holds, and its features as measured or assumed. */
export const gaugeCardSchema = envelopeSchema.extend({
  connectorId: z.string(),
  name: z.string(),
  features: z.partialRecord(z.enum(featureNames), featureSchema),
  /** What its bag holds, as far as somebody has looked. */
  contents: contentsSchema.optional(),
});

export type GaugeCard = z.infer<typeof gaugeCardSchema>;
export type GaugeFeature = z.infer<typeof featureSchema>;
