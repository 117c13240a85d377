import { expect, test } from '@jest/globals';
import { unhurried } from './going-on.ts';

test('how far work is is told as often as somebody can read it, and its end always', () => {
  let now = 0;
  const told: number[] = [];
  const tell = unhurried(
    (done) => void told.push(done),
    () => now,
  );
  for (let done = 1; done <= 100; done++) {
    now += 10;
    tell(done, 100);
  }
  expect(told[0]).toBe(1);
  expect(told.at(-1)).toBe(100);
  expect(told.length).toBeGreaterThan(4);
  expect(told.length).toBeLessThan(10);
});
