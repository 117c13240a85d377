import { inRange } from './number.ts';
import { parsePrefixed } from './prefix.ts';

const expected = 'a pull in newtons such as 45 or 45 N';

/** Reads a pull in newtons. @throws QuantityError outside 0 to 10 kN. */
export function parseForce(text: string): number {
  return inRange(
    parsePrefixed(text, ['n', 'newton', 'newtons'], expected),
    { min: 0, max: 1e4, expected },
    text,
  );
}

/** Whole newtons: a hand-held gauge reads no finer. */
export function formatForce(newtons: number): string {
  return `${Math.round(newtons)} N`;
}
