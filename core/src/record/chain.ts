import type { ChainEntry } from './chain-order.ts';
import { inChainOrder } from './chain-order.ts';
import { canonicalJson } from './canonical-json.ts';
import { checksum } from './checksum.ts';

/** What the first entry of a chain points back to. */
export const chainStart = '0'.repeat(64);

/** SHA-256 over the canonical JSON of an entry without its own hash. */
export function hashEvent(event: Omit<ChainEntry, 'hash'>): string {
  const { id, unitId, number, at, by, happening, previousHash } = event;
  return checksum(canonicalJson({ id, unitId, number, at, by, happening, previousHash }));
}

/** The entry that follows on `chain` (in order, may be empty). Clock and id come from the caller. */
export function nextEvent<Happening>(
  chain: readonly ChainEntry<Happening>[],
  unitId: string,
  happening: Happening,
  who: { id: string; by: string; at: string },
): ChainEntry<Happening> {
  const last = chain.at(-1);
  const entry = {
    ...who,
    unitId,
    number: last ? last.number + 1 : 0,
    happening,
    previousHash: last?.hash ?? chainStart,
  };
  return { ...entry, hash: hashEvent(entry) };
}

/** What is wrong with a chain: an entry changed, one missing, or two continuations after a merge. */
export type ChainFinding =
  | { readonly code: 'changed'; readonly number: number }
  | { readonly code: 'missing before'; readonly number: number }
  | { readonly code: 'two continuations'; readonly number: number };

/** Checks the chain of one unit. An empty list means that it is whole. */
export function verifyChain(events: readonly ChainEntry[]): ChainFinding[] {
  const known = new Set([chainStart, ...events.map(({ hash }) => hash)]);
  const findings: ChainFinding[] = [];
  const continued = new Map<string, number>();
  for (const event of inChainOrder(events)) {
    if (hashEvent(event) !== event.hash) findings.push({ code: 'changed', number: event.number });
    if (!known.has(event.previousHash)) findings.push({ code: 'missing before', number: event.number });
    const siblings = (continued.get(event.previousHash) ?? 0) + 1;
    continued.set(event.previousHash, siblings);
    if (siblings === 2) findings.push({ code: 'two continuations', number: event.number });
  }
  return findings;
}
