import { z } from 'zod';
import { featureNames } from './features.ts';
import { methodNames } from './method-name.ts';
import { mostPositions } from './contact.ts';
import { pinSeriesIds } from './pin-series.ts';
import { seriesIds } from './series.ts';

/** A connector as its catalogue file writes it; nominal features in millimetres. */
export const connectorEntrySchema = z.object({
  id: z.string(),
  name: z.string(),
  seriesId: z.enum([...seriesIds, ...pinSeriesIds]),
  /** What is offered to the mate: a splice has a cable on both sides. */
  sex: z.enum(['plug', 'socket', 'splice']),
  /** The sex of the centre contact is turned over; that of the body stands. */
  reversePolarity: z.boolean().default(false),
  method: z.enum(methodNames),
  forCoax: z.string().optional(),
  /** How a contact is fixed to its conductor. */
  contactFixing: z.enum([
    'crimp',
    'solder',
    'captive',
    'conductor',
    'screw',
    'seized',
    'spring',
    'displacement',
  ]),
  /** Contacts of a terminal block, and how far apart. */
  positions: z.number().int().min(2).max(mostPositions).optional(),
  pitchMm: z.number().positive().optional(),
  /** What holds the jacket in its handle or takes the bend behind it, where that is not a pair of tabs. */
  relief: z.enum(['spring', 'half shells', 'chuck']).optional(),
  /** The cable leaves across the axis of the contacts. */
  rightAngle: z.boolean().default(false),
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
export type LoadedEntry = z.output<typeof connectorEntrySchema>;
