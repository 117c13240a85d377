import type { ChainFinding } from '../record/chain.ts';
import { verifyChain } from '../record/chain.ts';
import type { UnitEvent } from '../unit/unit.ts';

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
