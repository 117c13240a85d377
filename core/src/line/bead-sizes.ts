import type { Bead } from './choke.ts';
import { passesJacket } from './choke.ts';

/** Cable beads as they are sold, metres. Engineering values, class-typical. */
export const beadSizes: readonly Bead[] = [
  { outside: 9.5e-3, bore: 3.5e-3, length: 14.5e-3 },
  { outside: 14.3e-3, bore: 6.4e-3, length: 28.6e-3 },
  { outside: 17.5e-3, bore: 9.5e-3, length: 28.6e-3 },
  { outside: 25.9e-3, bore: 13e-3, length: 28.6e-3 },
  { outside: 31.1e-3, bore: 19e-3, length: 28.6e-3 },
  { outside: 61e-3, bore: 35.5e-3, length: 12.7e-3 },
];

/** Beads that go over a cable of this diameter, metres, the closest first: the closer, the more iron for its size. */
export const beadsFor = (jacketDiameter: number): Bead[] =>
  beadSizes.filter((bead) => passesJacket(bead, jacketDiameter));
