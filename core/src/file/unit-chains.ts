import type { ChainFinding } from '../record/chain.ts';
import { verifyChain } from '../record/chain.ts';
import type { UnitEvent } from '../unit/unit.ts';
import { unitEventSchema } from '../unit/unit.ts';
import { parseJson, parseSchema } from './archive-json.ts';
import { unitsFileSchema } from './units-file.ts';

/** What is wrong with the record chains of units, by unit; of a whole chain nothing. */
export type Chains = ReadonlyMap<string, readonly ChainFinding[]>;

/** Checks the chain of every unit that these entries are of. */
export function chainsOf(events: readonly UnitEvent[]): Chains {
  return new Map(
    [...entriesByUnit(events)].flatMap(([unitId, own]) => {
      const findings = verifyChain(own);
      return findings.length > 0 ? [[unitId, findings] as const] : [];
    }),
  );
}

/** Entries by the unit that they are of, in the order in which they come. */
export function entriesByUnit(events: readonly UnitEvent[]): ReadonlyMap<string, readonly UnitEvent[]> {
  const byUnit = new Map<string, UnitEvent[]>();
  for (const event of events) {
    const own = byUnit.get(event.unitId);
    if (own) own.push(event);
    else byUnit.set(event.unitId, [event]);
  }
  return byUnit;
}

/** A record as it is to be kept, and how many entries are in it. */
export interface PackedRecord {
  readonly bytes: Uint8Array;
  readonly entries: number;
}

/** What somebody found of the records of a file beside the reading of it. */
export interface Looked {
  readonly chains: Chains;
  /** Its records, by unit. */
  readonly packed: ReadonlyMap<string, PackedRecord>;
}

/**
 * The entries of a file of units as it lies in an archive, for whoever looks at them beside the reading of it.
 * @throws ArchiveError where an entry cannot be read: without it the others say nothing.
 */
export function eventsOfFile(name: string, bytes: Uint8Array): UnitEvent[] {
  const { events } = parseSchema(name, unitsFileSchema, parseJson(name, bytes));
  return events.map((event, n) => parseSchema(name, unitEventSchema, event, ['events', n]));
}
