import { expect, test } from '@jest/globals';
import { coaxCables, layeredCables } from './catalogue/catalogue.ts';
import { checkCable } from './cable-check.ts';

const rg58 = coaxCables.find(({ id }) => id === 'rg-58')!;
const nothing = { jacket: null, dielectric: null, copper: null } as const;

test('a cable is of its class within 4 % over the jacket and 3 % over the dielectric', () => {
  // 4.95 mm over the jacket, 2.95 mm over the dielectric: 0.2 and 0.1 mm either way.
  const fits = (jacket: number, dielectric: number) =>
    checkCable(rg58, { ...nothing, jacket, dielectric }).map((finding) => finding.fits);
  expect(fits(5.1e-3, 3.0e-3)).toEqual([true, true]);
  expect(fits(5.4e-3, 3.0e-3)).toEqual([false, true]);
  expect(fits(4.95e-3, 3.1e-3)).toEqual([true, false]);
});

test('what nobody measured is not judged; a cable of cores has no dielectric', () => {
  expect(checkCable(rg58, nothing)).toEqual([]);
  const mic = layeredCables.find(({ id }) => id === 'mic-pair')!;
  expect(checkCable(mic, { ...nothing, jacket: mic.jacket.diameter, dielectric: 2e-3 })).toHaveLength(1);
});
