import type { Stripper, StripperKind } from './stripper.ts';

const usual = (leastMm: number, mostMm: number) => ({
  takes: { least: leastMm * 1e-3, most: mostMm * 1e-3 },
  setting: '',
  bladeLife: null,
  bladesNew: null,
});

const rotary = (leastMm: number, mostMm: number): Stripper => {
  const name = `rotary tool, ${leastMm} to ${mostMm} mm`;
  return { ...usual(leastMm, mostMm), kind: 'two-position rotary tool', id: name, name };
};

const plain = (
  kind: Exclude<StripperKind, 'two-position rotary tool' | 'three-blade rotary tool' | 'coring tool'>,
  leastMm: number,
  mostMm: number,
): Stripper => ({ ...usual(leastMm, mostMm), kind, id: kind, name: kind });

/** What a new shop strips with, the first that suits before the others: one tool for each size of cable. */
export const usualStrippers: readonly Stripper[] = [
  rotary(2, 4),
  rotary(4.5, 8),
  rotary(9, 16),
  plain('jacket stripper', 2, 20),
  plain('blade', 0.5, 40),
  plain('fine saw', 8, 80),
  plain('tube cutter', 1, 8),
  {
    ...usual(10, 30),
    kind: 'coring tool',
    id: 'coring tool',
    name: 'coring tool',
    depth: null,
    drive: 'either',
  },
];
