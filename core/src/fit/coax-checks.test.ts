import { describe, expect, test } from '@jest/globals';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import { exampleEnd, house } from '../testing/example.ts';
import {
  biteCheck,
  braidOnStem,
  contactFixing,
  dieChecks,
  dielectricIn,
  solderingCheck,
} from './coax-checks.ts';

const whip = exampleEnd('rg-213', 'uhf-plug-soldered-10-silver');
const mm = 1e-3;

describe('a thread that bites what is screwed into it', () => {
  const bite = (over: number) => {
    const end = exampleEnd('rg-213', 'uhf-plug-soldered-10-silver', { measured: { threadBore: 10 * mm } });
    return biteCheck(end, 'threadBore', 'rear thread', over * mm);
  };
  test.each([
    [9.9, 'does not fit', /hardly anything to bite/],
    [10.05, 'tight', /hardly anything to bite/],
    [10.15, 'fits', /^$/],
    [10.9, 'fits', /^$/],
    [11.2, 'tight', /cuts deep/],
    [11.6, 'does not fit', /cuts deep/],
  ] as const)('%d mm in a bore of 10 mm: %s', (over, verdict, consequence) => {
    const check = bite(over);
    expect(check.verdict).toBe(verdict);
    expect(check.consequence).toMatch(consequence);
    expect(check.margin).toBeCloseTo((10 - over) * mm, 9);
  });
});

describe('what takes solder', () => {
  test('silver does, nickel hardly and says what to do', () => {
    expect(solderingCheck(whip, 'shell').verdict).toBe('fits');
    const nickel = solderingCheck(exampleEnd('rg-213', 'uhf-plug-soldered-10-nickel'), 'shell');
    expect(nickel.verdict).toBe('tight');
    expect(nickel.consequence).toMatch(/file the rims/);
  });

  test('copper and tinned braid do, aluminium does not', () => {
    expect(solderingCheck(whip, 'shield').verdict).toBe('fits');
    const { cable } = whip;
    const aluminium = {
      ...cable,
      braids: cable.braids.map((braid) => ({
        ...braid,
        wireLayers: [{ metal: 'aluminium' as const, thickness: braid.wireDiameter / 2 }],
      })),
    };
    const check = solderingCheck({ ...whip, cable: aluminium }, 'shield');
    expect(check.verdict).toBe('does not fit');
    expect(check.consequence).toMatch(/crimped or clamped/);
    expect(solderingCheck({ ...whip, cable: coaxById('trunk-13') }, 'shield').verdict).toBe('does not fit');
  });
});

describe('how the contact is fixed', () => {
  const end = exampleEnd('rg-58', 'n-plug-50-crimp-5');
  test('as it is made, else solder, each with its reason', () => {
    expect(contactFixing(end)).toMatchObject({ how: 'crimp' });
    const die = (dies: number[]) => contactFixing({ ...end, house: { ...house, dies } });
    expect(die([1.8 * mm]).how).toBe('crimp');
    expect(die([1.9 * mm])).toEqual({ how: 'solder', why: 'The shop has no exact die for it.' });
    expect(die([]).how).toBe('solder');
  });

  test('a die is asked for only by what is crimped', () => {
    const asked = (cable: string, connector: string) =>
      dieChecks(exampleEnd(cable, connector)).map(({ id }) => id);
    expect(asked('rg-58', 'n-plug-50-crimp-5')).toEqual([
      'ferrule-die',
      'ferrule-closing',
      'pin-die',
      'pin-closing',
    ]);
    expect(asked('rg-213', 'n-plug-50-solder-10')).toEqual(['ferrule-die', 'ferrule-closing']);
    expect(asked('rg-213', 'n-plug-clamp-10')).toEqual([]);
  });
});

test('foil that stays on the dielectric counts in the bore', () => {
  const foil = dielectricIn(exampleEnd('low-loss-10', 'n-plug-50-crimp-10-low-loss'), 'stemBore', 'stem');
  expect(foil.shaft.label).toBe('dielectric with foil');
  expect(foil.shaft.value).toBeCloseTo(coaxById('low-loss-10').dielectric.diameter + 2 * 0.05 * mm, 9);
  const plain = dielectricIn(exampleEnd('rg-213', 'n-plug-50-crimp-10'), 'stemBore', 'stem');
  expect(plain.shaft.value).toBe(coaxById('rg-213').dielectric.diameter);
});

test('braid on a stem is as thick as all braids of the cable', () => {
  const stem = (cable: string) => braidOnStem(exampleEnd(cable, 'tnc-plug-50-crimp-5')).value;
  expect(stem('rg-223')).toBeGreaterThan(stem('rg-58'));
});
