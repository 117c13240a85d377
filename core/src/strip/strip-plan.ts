import { z } from 'zod';
import { explainedSchema } from '../quantity/explained.ts';

const cutLayerSchema = z.enum(['braid', 'dielectric', 'conductor']);

/** One cut of a strip: where, how far off it may be, and what would collide beyond that. Metres. */
const stripCutSchema = z.object({
  layer: cutLayerSchema,
  label: z.string(),
  /** From the jacket edge, positive toward the tip. */
  position: explainedSchema,
  fromCutEnd: z.number(),
  plus: z.number(),
  minus: z.number(),
  /** What happens in the seated joint when it is longer or shorter than allowed. */
  tooLong: z.string(),
  tooShort: z.string(),
  /** The way the shop strips cannot hold this tolerance. */
  beyondMethod: z.boolean(),
});

const span = z.object({ from: z.number(), to: z.number() });

/** The strip of one end, with where things come to lie in the seated connector (metres from the jacket edge). */
export const stripPlanSchema = z.object({
  endId: z.string(),
  cuts: z.array(stripCutSchema),
  seated: z.object({
    rearLip: z.number(),
    shoulder: z.number(),
    stop: z.number(),
    ferrule: span,
    pin: z.object({ rear: z.number(), boreEnd: z.number() }),
    matingPlane: z.number(),
    tip: z.number(),
  }),
  /** Plus or minus: what the way of stripping holds. */
  methodUncertainty: z.number(),
});

export type CutLayer = z.infer<typeof cutLayerSchema>;
export type StripCut = z.infer<typeof stripCutSchema>;
export type StripPlan = z.infer<typeof stripPlanSchema>;

export function cutOf(plan: StripPlan, layer: CutLayer): StripCut {
  return plan.cuts.find((cut) => cut.layer === layer)!;
}

/** The tighter side of a tolerance, for the inch rule and the plus-minus figure. */
export function tighterTolerance(cut: StripCut): number {
  return Math.min(cut.plus, cut.minus);
}
