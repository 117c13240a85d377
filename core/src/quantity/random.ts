/** A source of numbers in [0, 1); seeded, so that a simulation repeats. */
export type Random = () => number;

/** Seeded 32-bit generator (mulberry32, public domain construction); good enough for simulated noise, not for secrets. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}
