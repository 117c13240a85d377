import { z } from 'zod';
import { envelopeSchema } from '../record/envelope.ts';
import { featureNames } from './features.ts';

export const featureSchema = z.object({
  /** Metres. */
  value: z.number(),
  /** Nominal class values are assumed until a caliper says otherwise. */
  state: z.enum(['assumed', 'measured']),
});

/** The features of one bag or lot of connectors, as measured or assumed. */
export const gaugeCardSchema = envelopeSchema.extend({
  connectorId: z.string(),
  name: z.string(),
  features: z.partialRecord(z.enum(featureNames), featureSchema),
});

export type GaugeCard = z.infer<typeof gaugeCardSchema>;
export type GaugeFeature = z.infer<typeof featureSchema>;
