import { z } from 'zod';
import type { FeatureName } from './features.ts';
import { featureNames } from './features.ts';
import { methodNames } from './method-name.ts';
import type { ConnectorSeries } from './series.ts';
import { connectorSeriesById, seriesIds } from './series.ts';

/** A connector as its catalogue file writes it; nominal features in millimetres. */
export const connectorEntrySchema = z.object({
  id: z.string(),
  name: z.string(),
  seriesId: z.enum(seriesIds),
  /** What is offered to the mate: a splice has a cable on both sides. */
  sex: z.enum(['plug', 'socket', 'splice']),
  /** The sex of the centre contact is turned over; that of the body stands. */
  reversePolarity: z.boolean().default(false),
  method: z.enum(methodNames),
  forCoax: z.string(),
  /** How the centre contact is fixed to the conductor. */
  contactFixing: z.enum(['crimp', 'solder', 'captive', 'conductor', 'screw', 'seized']),
  /** The dielectric that its mandrel and coring are made for, where that matters. */
  forDielectric: z.enum(['foam polyethylene', 'fused disc']).optional(),
  /** What the shell is plated with: nickel takes solder badly. */
  plating: z.enum(['silver', 'nickel', 'tri-metal', 'gold', 'bare']),
  ferruleDieMm: z.number().positive().optional(),
  pinDieMm: z.number().positive().optional(),
  featuresMm: z.partialRecord(z.enum(featureNames), z.number()),
  source: z.string().min(1),
});

export type ConnectorEntry = z.input<typeof connectorEntrySchema>;

/** A connector in SI units. Its features are nominal class values: a gauge card replaces them. */
export interface Connector extends Omit<
  z.output<typeof connectorEntrySchema>,
  'seriesId' | 'featuresMm' | 'ferruleDieMm' | 'pinDieMm'
> {
  readonly series: ConnectorSeries;
  /** Hex dies across flats; null where nothing is crimped. */
  readonly ferruleDie: number | null;
  readonly pinDie: number | null;
  readonly features: Readonly<Partial<Record<FeatureName, number>>>;
}

/** Contacts of a coaxial end: the centre contact and the outer, which is the shell. */
export const coaxContacts = ['centre', 'outer'] as const;

/** Checks a catalogue entry and converts it to SI. @throws ZodError when the entry is not a connector. */
export function loadConnector(entry: ConnectorEntry): Connector {
  const { seriesId, featuresMm, ferruleDieMm, pinDieMm, ...rest } = connectorEntrySchema.parse(entry);
  const inMetres = (millimetres: number | undefined) =>
    millimetres === undefined ? null : millimetres * 1e-3;
  return {
    ...rest,
    series: connectorSeriesById(seriesId),
    ferruleDie: inMetres(ferruleDieMm),
    pinDie: inMetres(pinDieMm),
    features: Object.fromEntries(
      Object.entries(featuresMm).map(([name, millimetres]) => [name, millimetres * 1e-3]),
    ),
  };
}

/** How an end is called for short: series with reverse polarity, and sex. */
export function seriesAndSex({ series, reversePolarity, sex }: Connector): string {
  return `${reversePolarity ? 'RP-' : ''}${series.series} ${sex}`;
}

/** Whether the centre contact is a pin: of a plug, or of a socket with reverse polarity. */
export function hasPin({ sex, reversePolarity }: Pick<Connector, 'sex' | 'reversePolarity'>): boolean {
  return (sex === 'plug') !== reversePolarity;
}
