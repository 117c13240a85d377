import { z } from 'zod';

const across = z.tuple([z.number(), z.number()]);

/**
 * One ring of the seated joint, turned round the axis: from and to in metres from the strip's datum, inside and outside
 * diameter at both of its ends (so that cones can be said).
 */
export const sectionRingSchema = z.object({
  name: z.string(),
  material: z.enum([
    'jacket',
    'braid',
    'foil',
    'copper',
    'dielectric',
    'metal',
    'brass',
    'pin',
    'insulator',
    'rubber',
    'solder',
  ]),
  /** The contact is pushed on to the cable, and both into the connector. */
  group: z.enum(['cable', 'contact', 'connector']),
  from: z.number(),
  to: z.number(),
  inside: across,
  outside: across,
  /** Rings that are pressed, screwed or crimped into one another on purpose share a grip. */
  grips: z.array(z.string()),
});

export type SectionRing = z.infer<typeof sectionRingSchema>;
export type SectionMaterial = SectionRing['material'];

/** A cylinder or a tube: `[from, to]` along, `[inside, outside]` across, metres. */
export function ring(
  group: SectionRing['group'],
  name: string,
  material: SectionMaterial,
  [from, to]: readonly [number, number],
  [inside, outside]: readonly [number, number],
  grips: string[] = [],
): SectionRing {
  return { group, name, material, from, to, inside: [inside, inside], outside: [outside, outside], grips };
}

/** A wall that follows a cone: both diameters at its rear and at its front. */
export function cone(
  group: SectionRing['group'],
  name: string,
  material: SectionMaterial,
  [from, to]: readonly [number, number],
  inside: readonly [number, number],
  outside: readonly [number, number],
  grips: string[] = [],
): SectionRing {
  return { group, name, material, from, to, inside: [...inside], outside: [...outside], grips };
}
