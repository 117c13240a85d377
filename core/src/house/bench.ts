import { z } from 'zod';
import { clocks, dayForms } from '../quantity/time.ts';
import { envelopeSchema } from '../record/envelope.ts';

/**
 * Who is at this bench and how its screen is set: this browser's own. It plans nothing and is never taken over from
 * another bench's archive, so that a name stands for one bench and a serial is given once.
 */
export const benchSchema = envelopeSchema.extend({
  /** The name that entries of a unit carry. */
  name: z.string().min(1),
  serialPrefix: z.string().min(1).max(8),
  nextSerial: z.number().int().positive(),
  /** Unit of measure that lengths are written in first. */
  firstUnit: z.enum(['mm', 'in']),
  /** How days and times are written. */
  times: z.object({ day: z.enum(dayForms), clock: z.enum(clocks) }),
  theme: z.enum(['paper', 'night']),
  stepDepth: z.enum(['first time', 'experienced']),
});

export type Bench = z.infer<typeof benchSchema>;

/** The serial of the unit with this number at a bench: `B1-0007`. */
export const serialOf = ({ serialPrefix }: Bench, number: number) =>
  `${serialPrefix}-${String(number).padStart(4, '0')}`;
