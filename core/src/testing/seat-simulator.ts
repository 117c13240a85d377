import type { SectionRing } from '../strip/section.ts';

/**
 * Puts rings into one another. Knows nothing of how a strip was computed: it slides what moves until metal meets metal,
 * the way a hand does. Walls of a cone are taken at their widest, rings that share a grip may press on each other.
 */
export interface Meeting {
  readonly moving: string;
  readonly fixed: string;
  /** How far the moving one can still go, metres; negative when they stand in each other. */
  readonly gap: number;
}

const rounding = 1e-7;

const inner = (ring: SectionRing) => Math.min(...ring.inside);
const outer = (ring: SectionRing) => Math.max(...ring.outside);
const across = (a: SectionRing, b: SectionRing) =>
  inner(a) < outer(b) - rounding && inner(b) < outer(a) - rounding;
const gripped = (a: SectionRing, b: SectionRing) => a.grips.some((grip) => b.grips.includes(grip));

/** Every pair in which a forward push of `moving` ends at `fixed`, nearest first. */
export function meetings(moving: readonly SectionRing[], fixed: readonly SectionRing[]): Meeting[] {
  return moving
    .flatMap((a) =>
      fixed
        .filter((b) => across(a, b) && !gripped(a, b) && a.from < b.to - rounding)
        .map((b) => ({ moving: a.name, fixed: b.name, gap: b.from - a.to })),
    )
    .sort((a, b) => a.gap - b.gap);
}

/** Rings of a group. */
export function groupOf(rings: readonly SectionRing[], group: SectionRing['group']): SectionRing[] {
  return rings.filter((ring) => ring.group === group);
}

/** The same rings with the front of one layer cut longer or shorter. */
export function cutOtherwise(rings: readonly SectionRing[], name: string, by: number): SectionRing[] {
  return rings.map((ring) => (ring.name === name ? { ...ring, to: ring.to + by } : ring));
}
