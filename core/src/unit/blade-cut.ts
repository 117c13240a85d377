import type { UnitEvent } from './unit.ts';

/** A cut that the blades of a stripper have made, with its time. */
export interface BladeCut {
  readonly stripper: string;
  readonly at: string;
}

/** The cuts that entries tell of. */
export const bladeCuts = (events: readonly UnitEvent[]): BladeCut[] =>
  events.flatMap(({ at, happening }) =>
    happening.kind === 'step done' && happening.stripper !== undefined
      ? [{ stripper: happening.stripper, at }]
      : [],
  );
