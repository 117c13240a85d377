import { z } from 'zod';
import { explainedSchema } from '../quantity/explained.ts';
import { partForms } from './part-form.ts';
import { partKindSchema } from './part-kind.ts';
import type { PartKind } from './part-kind.ts';

/** A threaded part of a lead: what the planner needs, and what the bench needs. Lengths in metres, as of `ThreadPart`. */
export const leadPartSchema = z.object({
  id: z.string(),
  label: z.string(),
  legId: z.string(),
  place: z.number(),
  opening: z.number(),
  outside: z.number(),
  fixedOutside: z.number(),
  facing: z.object({ face: z.string(), towardNodeId: z.string() }).optional(),
  fixedBy: z.string(),
  kind: partKindSchema,
  /** What it is kept and asked for as: ferrule, a shrink by its size. */
  name: z.string(),
  form: z.enum(partForms),
  /** The ends that it belongs to; none at a split. */
  ends: z.array(z.string()),
  /** The method of the end brings it: it comes off when the end is made again. */
  ofMethod: z.boolean(),
  /** Its colour, where one is chosen. */
  colour: z.string().optional(),
  /** Length to cut it to, where it is cut from stock. */
  cutLength: explainedSchema.optional(),
  /** It lies at a split or splice and not at an end. */
  nodeId: z.string().optional(),
  /** The shop has nothing that fits: sizes are then those it would need. */
  missing: z.boolean(),
});

export type LeadPart = z.infer<typeof leadPartSchema>;

/** Stable id of a part that an end brings. */
export const partId = (endId: string, kind: PartKind) => `${endId}/${kind}`;
