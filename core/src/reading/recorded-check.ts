import { z } from 'zod';
import { quantityKindSchema } from '../quantity/explained.ts';

/** JSON has no infinity: it is written as null, and a limit that there is none of as well. */
const figure = z.number().nullable();

/** A check as it stood when the proof was recorded: reading, limit and verdict are facts from then on. */
export const recordedCheckSchema = z.object({
  id: z.string(),
  label: z.string(),
  verdict: z.enum(['Good', 'Out', 'Not yet']),
  leftOut: z.boolean(),
  /** Why it was not asked; absent in records of earlier versions. */
  notAsked: z.string().optional(),
  detail: z.string(),
  quantity: quantityKindSchema,
  bound: z.enum(['at least', 'at most', 'between']),
  /** Absent where the check is no single figure; null above what the instrument shows. */
  reading: figure.optional(),
  limit: figure.optional(),
  /** Both limits of a reading that must lie between two. */
  between: z.tuple([z.number(), z.number()]).optional(),
  uncertainty: z.number().optional(),
  methods: z.array(
    z.object({ instrument: z.string(), reading: figure, verdict: z.enum(['Good', 'Out', 'Not yet']) }),
  ),
});

export type RecordedCheck = z.infer<typeof recordedCheckSchema>;
