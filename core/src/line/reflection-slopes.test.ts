import { expect, test } from '@jest/globals';
import { causalLine } from './causal-line.ts';
import { frequencyGrid } from './cascade.ts';
import type { Discontinuity, LineModel } from './reflection-model.ts';
import { modelReflections } from './reflection-model.ts';
import { modelSlopes } from './reflection-slopes.ts';

const line = causalLine(frequencyGrid(5e6, 1e9, 40), 0.66, { k1: 2.75e-3, k2: 2e-8 });
const model: LineModel = {
  nearRatio: 1.03,
  lossScale: 0.97,
  discontinuities: [
    { kind: 'step', distance: 0.4, reflection: 0.2 },
    { kind: 'series', distance: 1.1, reflection: 0.15 },
    { kind: 'shunt', distance: 2.3, reflection: -0.12 },
    { kind: 'load', distance: 3, reflection: 0.6 },
  ],
};

/** How the port moves when a model is changed by a little, over that little. */
function moved(change: (by: number) => LineModel) {
  const by = 1e-6;
  const [less, more] = [modelReflections(change(-by), line), modelReflections(change(by), line)];
  return {
    re: more.re.map((value, n) => (value - less.re[n]!) / (2 * by)),
    im: more.im.map((value, n) => (value - less.im[n]!) / (2 * by)),
  };
}
const withPlace = (n: number, change: (place: Discontinuity) => Discontinuity): LineModel => ({
  ...model,
  discontinuities: model.discontinuities.with(n, change(model.discontinuities[n]!)),
});

test('slopes are what a small change of each figure does', () => {
  const slopes = modelSlopes(model, line);
  const pairs = [
    [slopes.byNearRatio, moved((by) => ({ ...model, nearRatio: model.nearRatio + by }))],
    [slopes.byLossScale, moved((by) => ({ ...model, lossScale: model.lossScale + by }))],
    ...model.discontinuities.flatMap((_, n) => [
      [
        slopes.byDistance[n]!,
        moved((by) => withPlace(n, (place) => ({ ...place, distance: place.distance + by }))),
      ],
      [
        slopes.byReflection[n]!,
        moved((by) => withPlace(n, (place) => ({ ...place, reflection: place.reflection + by }))),
      ],
    ]),
  ] as const;
  for (const [said, seen] of pairs)
    for (let n = 0; n < 40; n++) {
      expect(said!.re[n]).toBeCloseTo(seen!.re[n]!, 5);
      expect(said!.im[n]).toBeCloseTo(seen!.im[n]!, 5);
    }
  expect(slopes.waves).toEqual(modelReflections(model, line));
});
