import { plansNamed } from '../unit/started.ts';
import type { StoredUnit, Unit, UnitEvent } from '../unit/unit.ts';
import { storedUnitSchema, unitEventSchema } from '../unit/unit.ts';
import type { UnreadRecord } from './archive-error.ts';
import { parseJson, parseSchema } from './archive-json.ts';
import type { ArchivePart } from './archive-part.ts';
import type { ArchivePlans } from './archive-plans.ts';
import { readRows } from './archive-rows.ts';
import { emptyArchive } from './archive-tables.ts';
import { unitsFileSchema } from './units-file.ts';

/** Reads a file of units with their records, each record by itself. @throws ArchiveError where it is none. */
export function readUnits(name: string, bytes: Uint8Array, plans: ArchivePlans): ArchivePart {
  const file = parseSchema(name, unitsFileSchema, parseJson(name, bytes));
  const unread: UnreadRecord[] = [];
  const rows = readRows(name, 'units', file.units, unread, (row, n) => {
    const stored = parseSchema(name, storedUnitSchema, row, ['units', n]);
    return { stored, unit: withPlan(stored, plans) };
  });
  const events = readRows(name, 'events', file.events, unread, (row, n) =>
    parseSchema(name, unitEventSchema, row, ['events', n]),
  );
  const units = rows.map(({ unit }) => unit);
  return { archive: { ...emptyArchive(), units, events, blobs: formsOf(rows, events, plans) }, unread };
}

function withPlan({ planHash, ...unit }: StoredUnit, plans: ArchivePlans): Unit {
  return { ...unit, plan: planHash === null ? null : (plans.planOf(planHash) ?? null) };
}

/** Plans that were completed since they were frozen: the forms that records name stand beside them. */
function formsOf(
  rows: readonly { readonly stored: StoredUnit }[],
  events: readonly UnitEvent[],
  plans: ArchivePlans,
): Record<string, Uint8Array> {
  const current = new Set(rows.map(({ stored }) => stored.planHash));
  return Object.fromEntries(
    [...plansNamed(events)].flatMap((hash) => {
      const form = current.has(hash) ? undefined : plans.formOf(hash);
      return form ? [[hash, form]] : [];
    }),
  );
}
