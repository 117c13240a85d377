import { z } from 'zod';
import { asMade, stripGrain } from '../quantity/made.ts';
import { explainedSchema } from '../quantity/explained.ts';
import { sectionRingSchema } from './section.ts';

/**
 * What is cut, from the outside in. A tube is the solid outer conductor of semi-rigid coax, feeder and trunk; a tail is a
 * shield gathered to a wire; a core ends, and its insulation before it.
 */
export const cutLayers = [
  'braid',
  'foil',
  'tube',
  'dielectric',
  'conductor',
  'tail',
  'conductive layer',
  'insulation',
  'core',
] as const;
export const cutLayerSchema = z.enum(cutLayers);

/** One cut of a strip: where, how far off it may be, and what would collide beyond that. Metres. */
const stripCutSchema = z.object({
  layer: cutLayerSchema,
  /** Which conductor, where a cable has several. */
  of: z.string().default(''),
  label: z.string(),
  /** From the datum, positive toward the tip. */
  position: explainedSchema,
  fromCutEnd: z.number(),
  plus: z.number(),
  minus: z.number(),
  /** What the connector alone would let it be off, where the cuts beside it leave less. */
  alone: z.object({ plus: z.number(), minus: z.number() }).optional(),
  /** The cut that is made in the same stroke: it counts from where that one is. */
  strokeOf: cutLayerSchema.optional(),
  /** What happens in the seated joint when it is longer or shorter than allowed. */
  tooLong: z.string(),
  tooShort: z.string(),
  /** The way the shop strips cannot hold this tolerance. */
  beyondMethod: z.boolean(),
});

/** Two cuts that must stay apart in the seated joint, by their keys, and what happens when they do not. Metres. */
const jointWindowSchema = z.object({
  behind: z.string(),
  before: z.string(),
  least: z.number(),
  tooClose: z.string(),
});

/** One conductor, or several twisted into one, from the jacket edge to where it goes. Metres from the datum. */
const coreRouteSchema = z.object({
  /** Conductors by their ids and pieces' ids, in words for the drawing and the bench. */
  label: z.string(),
  kind: z.enum(['core', 'shield']),
  colour: z.string().nullable(),
  /** Null for a spare core. */
  contact: z.string().nullable(),
  /** Where its contact takes it: mouth of a cup, hole of a lug, front of a clamp. */
  mouth: z.number(),
  insulationEnd: z.number(),
  end: z.number(),
  /** Over the bare metal, and over the insulation (or the sleeve of a tail). */
  bare: z.number(),
  outside: z.number(),
  /** Where its contact begins in the seated connector, straight along the axis: without fan-out and slack. */
  seatedAt: z.number().optional(),
  /** Over each of several conductors that share the contact, with its colour. */
  wires: z.array(z.object({ colour: z.string().nullable(), outside: z.number() })).optional(),
});

/** The strip of one end, with where things come to lie in the seated connector. Metres from the datum. */
export const stripPlanSchema = z.object({
  endId: z.string(),
  /** What every position is counted from: the jacket edge, or the end of a bare tube. */
  datum: z.enum(['jacket edge', 'tube end']).default('jacket edge'),
  cuts: z.array(stripCutSchema),
  /** Which cuts are judged together. */
  windows: z.array(jointWindowSchema).optional(),
  /** How the shield lies in the finished joint. */
  shield: z.enum(['forward', 'folded back', 'fanned', 'solid']).default('forward'),
  /** The contact is pushed on until it meets the dielectric: the conductor counts from there. */
  contactRides: z.boolean().default(true),
  rearLip: z.number().default(0),
  /** Cable behind the datum that the connector covers and that is lost when it is cut off. */
  covered: z.number().default(0),
  section: z.array(sectionRingSchema).default([]),
  /** Cores and shield tail, on a cable of cores or an end with several contacts. */
  routes: z.array(coreRouteSchema).default([]),
  /** Planes of the connector that have a name on the drawing. */
  planes: z.array(z.object({ label: z.string(), at: z.number() })).default([]),
  /** Cuts of a two-position prep tool, where there is one: from the squared end. */
  prepTool: z.array(z.object({ label: z.string(), at: explainedSchema })).default([]),
  /** Plus or minus: what the way of stripping holds, and what it is. */
  methodUncertainty: z.number(),
  strippedWith: z.string().default('prep tool'),
});

/** Lengths actually cut, metres from the datum, by the key of the cut; any may be missing. */
export type MeasuredStrip = Readonly<Partial<Record<string, number>>>;
export type CutLayer = (typeof cutLayers)[number];
export type StripCut = z.infer<typeof stripCutSchema>;
export type StripPlan = z.infer<typeof stripPlanSchema>;
export type JointWindow = z.infer<typeof jointWindowSchema>;
export type CoreRoute = z.infer<typeof coreRouteSchema>;

/** Where a cut is made, to what its tool holds: the exact figure stays in its sum. Metres from the datum. */
export const madeAt = ({ strippedWith }: Pick<StripPlan, 'strippedWith'>, cut: StripCut): number =>
  asMade(cut.position.value, stripGrain(strippedWith, tighterTolerance(cut)));

/** The tighter side of a tolerance, for the inch rule and the plus-minus figure. */
export function tighterTolerance(cut: Pick<StripCut, 'plus' | 'minus'>): number {
  return Math.min(cut.plus, cut.minus);
}
