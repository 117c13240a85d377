import { z } from 'zod';

const metres = z.number().positive();

const owned = {
  id: z.string().min(1),
  name: z.string().min(1),
  /** Outside diameters that it takes: over the jacket, or over the tube where there is one. Metres. */
  takes: z
    .object({ least: metres, most: metres })
    .refine(({ least, most }) => least <= most, { error: 'the lesser diameter before the greater' }),
  /** How it is set, in the words of this bench. */
  setting: z.string().max(200).default(''),
  /** Cuts that its blades are good for; null where nobody counts. */
  bladeLife: z.number().int().positive().nullable().default(null),
  /** When its blades were new, and from when on its cuts are counted. */
  bladesNew: z.string().nullable().default(null),
};

/** A tool that takes layers off a cable end: what it takes, in what order it cuts, and what of that is fixed in it. */
export const stripperSchema = z.discriminatedUnion('kind', [
  /** Cuts to the conductor at one stop, and the jacket at the other. */
  z.object({ kind: z.literal('two-position rotary tool'), ...owned }),
  /** Cuts three layers at once; what each bares is how far its blades stand apart. */
  z.object({
    kind: z.literal('three-blade rotary tool'),
    ...owned,
    bares: z.object({ conductor: metres, dielectric: metres, braid: metres }),
  }),
  z.object({ kind: z.literal('blade'), ...owned }),
  z.object({ kind: z.literal('jacket stripper'), ...owned }),
  z.object({ kind: z.literal('fine saw'), ...owned }),
  z.object({ kind: z.literal('tube cutter'), ...owned }),
  /** Clears the dielectric out of a tube, as deep as its stop. */
  z.object({
    kind: z.literal('coring tool'),
    ...owned,
    /** Null where its stop can be set. */
    depth: metres.nullable().default(null),
    drive: z.enum(['by hand', 'in a drill', 'either']).default('either'),
  }),
]);

export type Stripper = z.infer<typeof stripperSchema>;
export type StripperKind = Stripper['kind'];
export type StripperOf<Kind extends StripperKind> = Extract<Stripper, { kind: Kind }>;

/** Every kind, in the order in which they are offered. */
export const stripperKinds: readonly StripperKind[] = stripperSchema.options.map(
  ({ shape }) => shape.kind.value,
);

/** Whether an outside diameter, metres, is one that a tool takes. Ends of its range count. */
export const takesDiameter = ({ takes: { least, most } }: Stripper, diameter: number): boolean =>
  diameter >= least - 1e-8 && diameter <= most + 1e-8;
