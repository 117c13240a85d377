import type { Explained } from '../quantity/explained.ts';

/**
 * A sleeve over one core, tail or joint: it is cut with the other tubes and goes on from the open end, once the jacket is
 * off; on the cable it is never threaded.
 */
export interface CoreSleeve {
  readonly id: string;
  readonly kind: 'core sleeve';
  readonly name: string;
  readonly label: string;
  readonly colour?: string;
  readonly cutLength: Explained;
  /** The ends that it belongs to; none at a split. */
  readonly ends: readonly string[];
}
