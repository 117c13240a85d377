import { z } from 'zod';
import type { QuantityKind } from '../quantity/explained.ts';
import { quantityKindSchema } from '../quantity/explained.ts';
import type { ProofCheck } from './checks.ts';

/** JSON has no infinity: it is written as null, and a limit that there is none of as well. */
const figure = z.number().nullable();

/** A check as it stood when the proof was recorded: reading, limit and verdict are facts from then on. */
export const recordedCheckSchema = z.object({
  id: z.string(),
  label: z.string(),
  verdict: z.enum(['Good', 'Out', 'Not yet']),
  leftOut: z.boolean(),
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

const written = (value: number) => (Number.isFinite(value) ? value : null);

/** The checks of a proof as they go into the record. */
export function recordChecks(checks: readonly ProofCheck[]): RecordedCheck[] {
  return checks.map(({ id, label, verdict, leftOut, detail, quantity, bound, judged, methods }) => ({
    id,
    label,
    verdict,
    leftOut,
    detail,
    quantity: quantity satisfies QuantityKind,
    bound,
    ...(judged?.reading === undefined
      ? {}
      : { reading: written(judged.reading), uncertainty: judged.uncertainty }),
    ...(judged === undefined ? {} : { limit: written(judged.limit) }),
    ...(judged?.between === undefined ? {} : { between: [judged.between[0], judged.between[1]] }),
    methods: methods.map(({ instrument, judged: each }) => ({
      instrument,
      reading: written(each.reading ?? Infinity),
      verdict: each.verdict,
    })),
  }));
}
