import type { Raw } from './raw.ts';
import { endsAndSignals } from './to-4.ts';
import { limitsAndFarEnds, workAndSchools } from './to-6.ts';
import { rolesAndWholePlans } from './to-7.ts';
import { benchApart } from './to-8.ts';
import { piecesAndJoints } from './to-9.ts';
import { toolsAsRecords } from './to-10.ts';
import { instrumentsAsRecords } from './to-11.ts';
import { timesAsWritten } from './to-12.ts';

/** From one version of stored records to the next, record by record. Never changed once it has been used. */
export interface Migration {
  readonly from: number;
  readonly to: number;
  readonly up: Readonly<Partial<Record<'leads' | 'house' | 'bench' | 'units', (record: Raw) => Raw>>>;
}

/** The version of stored records, in databases and archives alike. */
export const dataVersion = 14;

/** The same list for the database and for archives. */
export const migrations: readonly Migration[] = [
  // Own cables got a table.
  { from: 1, to: 2, up: {} },
  { from: 2, to: 3, up: endsAndSignals },
  { from: 3, to: 4, up: endsAndSignals },
  { from: 4, to: 5, up: workAndSchools },
  { from: 5, to: 6, up: limitsAndFarEnds },
  { from: 6, to: 7, up: rolesAndWholePlans },
  { from: 7, to: 8, up: benchApart },
  { from: 8, to: 9, up: piecesAndJoints },
  { from: 9, to: 10, up: toolsAsRecords },
  { from: 10, to: 11, up: instrumentsAsRecords },
  // A plan stands once for all units that are built to it.
  { from: 11, to: 12, up: timesAsWritten },
  // What a house prints on got a table.
  { from: 12, to: 13, up: {} },
  // A record that is read in from a file is kept packed.
  { from: 13, to: 14, up: {} },
];

/** Archives counted by themselves up to 3: the oldest records that an archive of such a version may hold. */
const recordsOfArchive: Readonly<Record<number, number>> = { 1: 1, 2: 5, 3: 5 };

/** The version of the records in an archive. */
export const recordsVersion = (archiveVersion: number): number =>
  recordsOfArchive[archiveVersion] ?? archiveVersion;

/** One record of a table taken from a version to that of this program. */
export function migrated(table: string, record: unknown, from: number): Raw {
  return migrations
    .filter((migration) => migration.from >= from)
    .reduce((now, { up }) => {
      const change = table in up ? up[table as keyof typeof up] : undefined;
      return change ? change(now) : now;
    }, record as Raw);
}
