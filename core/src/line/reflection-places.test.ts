import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../quantity/random.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { CascadeElement } from './cascade.ts';
import { sweepLoaded } from './cascade.ts';
import type { ReflectionEvent } from './reflection-events.ts';
import { reflectionEvents } from './reflection-events.ts';
import { reflectogram } from './reflectogram.ts';

/** Velocity factor and loss of a thin, a 5 mm, a foam and a corrugated line. */
const cables = [
  [0.662, 2.75e-3, 2e-8],
  [0.662, 1.5e-3, 1.4e-8],
  [0.85, 3.9e-4, 2e-9],
  [0.88, 2.1e-4, 3e-10],
] as const;
const grids = [
  [201, 1e9],
  [401, 1e9],
  [801, 3e8],
  [801, 2e9],
  [401, 3e9],
] as const;

interface Drawn {
  readonly elements: readonly CascadeElement[];
  readonly end: number;
  readonly places: readonly { readonly kind: ReflectionEvent['kind']; readonly at: number }[];
}

/** A line with one fault, or none, at a drawn place, ended open, shorted or in 50 ohm. */
function drawn(
  random: () => number,
  length: number,
  piece: (length: number, ohms?: number) => CascadeElement,
): Drawn {
  const end = [Infinity, 0, 50][Math.floor(3 * random())]!;
  const last = end === 50 ? [] : [{ kind: end === 0 ? ('short' as const) : ('open' as const), at: length }];
  const at = length * (0.1 + 0.6 * random());
  const fault = Math.floor(4 * random());
  if (fault === 0) return { elements: [piece(length)], end, places: last };
  if (fault === 1) {
    const wide = 0.2 * (length - at);
    const isHigh = random() < 0.5;
    return {
      elements: [piece(at), piece(wide, isHigh ? 75 : 40), piece(length - at - wide)],
      end,
      places: [
        { kind: isHigh ? 'higher' : 'lower', at },
        { kind: isHigh ? 'lower' : 'higher', at: at + wide },
        ...last,
      ],
    };
  }
  const part: CascadeElement =
    fault === 2
      ? { kind: 'series resistor', resistance: 5 + 20 * random() }
      : { kind: 'shunt resistor', resistance: 200 + 300 * random() };
  return {
    elements: [piece(at), part, piece(length - at)],
    end,
    places: [{ kind: fault === 2 ? 'series' : 'leak', at }, ...last],
  };
}

describe('one fault anywhere, on five grids and four cables, up to three quarters of the range', () => {
  test.each(grids)('%d points to %d Hz', (points, highest) => {
    const random = seededRandom(points + highest / 1e6);
    let wrong = 0;
    const runs = 20;
    for (let run = 0; run < runs; run++) {
      const [velocityFactor, k1, k2] = cables[Math.floor(cables.length * random())]!;
      const step = highest / points;
      const length = ((velocityFactor * speedOfLight) / (2 * step)) * (0.1 + 0.65 * random());
      const loss = { k1, k2 };
      const piece = (metres: number, impedance = 50) =>
        ({ kind: 'line', impedance, velocityFactor, length: metres, loss }) as const;
      const { elements, end, places } = drawn(random, length, piece);
      const frequencies = Float64Array.from({ length: points }, (_, n) => (n + 1) * step);
      const sweep = sweepLoaded(elements, frequencies, 50, { re: end, im: 0 });
      const noisy = (values: Float64Array) => values.map((value) => value + 2e-4 * (random() - 0.5));
      const trace = reflectogram(
        { ...sweep, s11Re: noisy(sweep.s11Re), s11Im: noisy(sweep.s11Im) },
        { velocityFactor, velocityUncertainty: 0, loss },
        { length, load: 1 },
      );
      const events = reflectionEvents(trace, 50);
      const resolution = (velocityFactor * speedOfLight) / (2 * highest);
      const isRight =
        events.length === places.length &&
        places.every(
          ({ kind, at }, n) =>
            events[n]!.kind === kind && Math.abs(events[n]!.distance - at) < 1.2 * resolution,
        );
      if (!isRight) wrong++;
    }
    expect(wrong).toBeLessThanOrEqual(0.05 * runs);
  });
});
