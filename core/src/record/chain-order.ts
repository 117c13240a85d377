import type { UnitEvent } from '../build/unit.ts';

/** Entries of one unit in the order of the chain: by number, then by time. */
export function inChainOrder(events: readonly UnitEvent[]): UnitEvent[] {
  return [...events].sort(
    (a, b) => a.number - b.number || (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1),
  );
}
