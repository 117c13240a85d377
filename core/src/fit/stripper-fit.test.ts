import { describe, expect, test } from '@jest/globals';
import type { Stripper, StripperOf } from '../house/stripper.ts';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import { stripperFindings } from './stripper-fit.ts';

const owned = {
  id: 'tool',
  name: 'tool',
  takes: { least: 4.5e-3, most: 8e-3 },
  setting: '',
  bladeLife: null,
  bladesNew: null,
};
const twoPosition: Stripper = { ...owned, kind: 'two-position rotary tool' };
const threeBlade = (conductor: number, dielectric: number, braid: number): Stripper => ({
  ...owned,
  kind: 'three-blade rotary tool',
  bares: { conductor: conductor * 1e-3, dielectric: dielectric * 1e-3, braid: braid * 1e-3 },
});
const coring = (more: Partial<StripperOf<'coring tool'>>): Stripper => ({
  ...owned,
  takes: { least: 12e-3, most: 20e-3 },
  kind: 'coring tool',
  depth: null,
  drive: 'either',
  ...more,
});

function judged(stripper: Stripper, cableId: string, connectorId: string): string[] {
  const { lead, card } = exampleLead({ cableId, connectorId });
  const [end] = planLead(lead, [card], house).ends;
  return stripperFindings(stripper, end!.strip, end!.cable).map(
    ({ verdict, layer, text }) => `${verdict}: ${layer ?? 'size'}: ${text}`,
  );
}

describe('whether a tool makes a strip', () => {
  test('its size first: the ends of its range count, a cable beyond them is named with it', () => {
    expect(
      judged({ ...twoPosition, takes: { least: 4.95e-3, most: 4.95e-3 } }, 'rg-58', 'bnc-plug-50-crimp-5'),
    ).toEqual([]);
    expect(judged(twoPosition, 'rg-213', 'n-plug-50-crimp-10')[0]).toBe(
      'does not fit: size: It takes 4.5 mm to 8.0 mm; this cable is 10.3 mm.',
    );
  });

  test('a cut to the conductor takes the braid with it: it serves where the braid ends behind the dielectric, not where it is folded or fanned back further', () => {
    expect(judged(twoPosition, 'rg-58', 'bnc-plug-50-crimp-5')).toEqual([]);
    for (const plug of ['uhf-plug-reducer-5', 'bnc-plug-clamp-5'])
      expect(judged(twoPosition, 'rg-58', plug)).toEqual([
        expect.stringMatching(
          /^does not fit: braid: .*it cuts at .* from the jacket edge, and this connector wants .* at least/,
        ),
      ]);
  });

  // Nominal BNC crimp plug on RG-58 class: braid 6.6 +0.4 -0.7, dielectric 10.7 +-0.3, conductor 14.5 +0.3 -0.4 mm.
  test.each([
    ['as it is wanted', threeBlade(3.8, 4.1, 6.6), []],
    ['within every tolerance', threeBlade(3.9, 4.1, 6.4), []],
    [
      'braid and conductor long: trimmed by hand',
      threeBlade(4.3, 3.2, 7.6),
      [/^tight: braid: .*1\.0 mm long/, /^tight: conductor: .*0\.6 mm long/],
    ],
    ['braid short', threeBlade(3.8, 5, 5.6), [/^does not fit: braid: .*5\.6 mm .*5\.9 mm at least/]],
    [
      'dielectric long: not to be trimmed',
      threeBlade(3.4, 4.6, 6.6),
      [/^does not fit: dielectric: .*11\.2 mm .*11\.0 mm at most/],
    ],
    [
      'dielectric short',
      threeBlade(4.5, 3.5, 6.6),
      [/^does not fit: dielectric: .*10\.1 mm .*10\.4 mm at least/],
    ],
    [
      'conductor short',
      threeBlade(3.2, 4.1, 6.6),
      [/^does not fit: conductor: .*13\.9 mm .*14\.1 mm at least/],
    ],
  ])('three blades stand where they stand: %s', (_, tool, wanted) => {
    const found = judged(tool, 'rg-58', 'bnc-plug-50-crimp-5');
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((each, index) => expect(found[index]).toMatch(each));
  });

  // The sheath ends at 21.5 mm, the dielectric is cored to 4.5 mm behind the jacket edge, +2 -3 mm: 24 to 29 mm deep.
  test.each([
    [null, []],
    [24.1e-3, []],
    [28.9e-3, []],
    [23.8e-3, [/It cores 23\.8 mm deep; this connector wants 24\.0 mm to 29\.0 mm/]],
    [29.2e-3, [/It cores 29\.2 mm deep/]],
  ])('a coring tool with a stop of its own: %p', (depth, wanted) => {
    const found = judged(coring({ depth }), 'trunk-13', 'trunk-splice-13');
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((each, index) => expect(found[index]).toMatch(each));
  });

  test('a blade makes every strip', () => {
    const blade = house.strippers.find(({ kind }) => kind === 'blade')!;
    for (const plug of ['uhf-plug-reducer-5', 'bnc-plug-clamp-5', 'bnc-plug-50-crimp-5'])
      expect(judged(blade, 'rg-58', plug)).toEqual([]);
  });
});
