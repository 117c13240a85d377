import { z } from 'zod';
import type { FeatureName } from './features.ts';
import { featureNames } from './features.ts';

const featuresMmSchema = z.record(z.enum(featureNames), z.number());

/** A connector as its catalogue file writes it; nominal features in millimetres. */
export const connectorEntrySchema = z.object({
  id: z.string(),
  name: z.string(),
  series: z.enum(['BNC', 'TNC']),
  sex: z.literal('plug'),
  impedanceOhm: z.union([z.literal(50), z.literal(75)]),
  forCoax: z.string(),
  coaxClass: z.enum(['2.5 mm', '5 mm', '6 mm']),
  method: z.literal('pin and ferrule'),
  coupling: z.enum(['bayonet', 'thread']),
  frequencyLimitHz: z.number().positive(),
  /** Loss of one mated connector, dB at 1 GHz; grows with the square root of frequency. */
  lossDbAt1GHz: z.number().min(0),
  /** Electrical length of the connector as a piece of line of its own impedance. */
  lineMm: z.number().positive(),
  ferruleDieMm: z.number().positive(),
  pinDieMm: z.number().positive(),
  /** Tightening torque, N m; absent for a bayonet. */
  torqueNm: z.number().positive().optional(),
  contactAllowanceOhm: z.object({ centre: z.number(), outer: z.number() }),
  insulation: z.object({ volts: z.number(), ohms: z.number() }),
  featuresMm: featuresMmSchema,
  source: z.string().min(1),
});

export type ConnectorEntry = z.infer<typeof connectorEntrySchema>;

/** A connector in SI units. Its features are nominal class values: a gauge card replaces them. */
export interface Connector extends Omit<
  ConnectorEntry,
  'featuresMm' | 'ferruleDieMm' | 'pinDieMm' | 'lineMm' | 'impedanceOhm'
> {
  readonly impedance: number;
  readonly lineLength: number;
  readonly ferruleDie: number;
  readonly pinDie: number;
  readonly features: Readonly<Record<FeatureName, number>>;
}

/** Contacts of a coaxial end: the centre contact and the outer, which is the shell. */
export const coaxContacts = ['centre', 'outer'] as const;
export type CoaxContact = (typeof coaxContacts)[number];

/** Checks a catalogue entry and converts it to SI. @throws ZodError when the entry is not a connector. */
export function loadConnector(entry: ConnectorEntry): Connector {
  const { featuresMm, ferruleDieMm, pinDieMm, lineMm, impedanceOhm, ...rest } =
    connectorEntrySchema.parse(entry);
  const features = Object.fromEntries(featureNames.map((name) => [name, featuresMm[name] * 1e-3])) as Record<
    FeatureName,
    number
  >;
  return {
    ...rest,
    impedance: impedanceOhm,
    lineLength: lineMm * 1e-3,
    ferruleDie: ferruleDieMm * 1e-3,
    pinDie: pinDieMm * 1e-3,
    features,
  };
}
