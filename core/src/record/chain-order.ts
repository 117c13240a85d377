/** One entry of a chain: what happened, with the hash of the entry before it. `unitId` is the record that it belongs to. */
export interface ChainEntry<Happening = unknown> {
  readonly id: string;
  readonly unitId: string;
  /** From 0; two entries with the same number after a merge are two continuations. */
  readonly number: number;
  readonly at: string;
  readonly by: string;
  readonly happening: Happening;
  readonly previousHash: string;
  readonly hash: string;
}

/** Entries of one record in the order of the chain: by number, then by time. */
export function inChainOrder<Entry extends ChainEntry>(events: readonly Entry[]): Entry[] {
  return [...events].sort(
    (a, b) => a.number - b.number || (a.at < b.at ? -1 : a.at > b.at ? 1 : a.id < b.id ? -1 : 1),
  );
}
