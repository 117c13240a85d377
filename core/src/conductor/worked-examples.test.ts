import { describe, expect, test } from '@jest/globals';
import { resistivityAt } from './material.ts';
import { wireResistancePerMetre } from './resistance.ts';

const mm = 1e-3;

describe('resistance worked by hand', () => {
  test.each([
    // 0.5 mm radius: 0.7854 mm2. IEC 60028 copper, IEC 60889 aluminium; handbook values for the others.
    ['copper', 20, 21.952e-3],
    ['aluminium', 20, 35.905e-3],
    ['silver', 20, 20.245e-3],
    ['tin', 20, 146.42e-3],
    ['bronze', 20, 114.59e-3],
    ['steel', 20, 229.18e-3],
    // 40 K warmer: x 1.1572 and x 1.156.
    ['copper', 60, 25.403e-3],
    ['aluminium', 60, 41.506e-3],
  ] as const)('1 mm of %s at %d C is %f ohm a metre', (metal, celsius, ohms) => {
    const found = wireResistancePerMetre([{ metal, thickness: 0.5 * mm }], celsius);
    expect(Math.abs(found / ohms - 1)).toBeLessThan(5e-4);
  });

  test('copper on aluminium: both in parallel, by their areas', () => {
    // Core 0.45 mm radius: 0.63617 mm2 / 2.82e-8; skin to 0.5 mm: 0.14923 mm2 / 1.7241e-8. 22.559 + 8.6554 S m.
    const layers = [
      { metal: 'aluminium', thickness: 0.45 * mm },
      { metal: 'copper', thickness: 0.05 * mm },
    ] as const;
    expect(wireResistancePerMetre(layers)).toBeCloseTo(1 / 31.215, 5);
  });

  test('copper gains 0.393 % a kelvin', () =>
    expect(resistivityAt('copper', 30)).toBeCloseTo(1.79186e-8, 12));
});
