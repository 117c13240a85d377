import { z } from 'zod';
import { checkLead } from '../lead/tree.ts';
import type { UnreadRecord } from './archive-error.ts';
import { checkNamed, parseSchema } from './archive-json.ts';
import type { Archive, HeadName } from './archive-tables.ts';
import { tableSchemas } from './archive-tables.ts';
import { migrated } from './migrations/migrations.ts';

/** Rows of a table one by one: what cannot be read is told, and the others are there. */
export function readRows<Row>(
  name: string,
  table: string,
  data: unknown,
  unread: UnreadRecord[],
  read: (row: unknown, n: number) => Row,
): Row[] {
  return parseSchema(name, z.array(z.unknown()), data).flatMap((row, n) => {
    try {
      return [read(row, n)];
    } catch (error) {
      unread.push({ table, message: error instanceof Error ? error.message : String(error) });
      return [];
    }
  });
}

/** A record of a table as one of this version. @throws ArchiveError with its place. */
export function readRecord(table: HeadName, row: unknown, from: number, n: number): unknown {
  const name = `${table}.json`;
  const schema: z.ZodType = tableSchemas[table];
  const read = parseSchema(
    name,
    schema,
    checkNamed(name, () => migrated(table, row, from)),
    [n],
  );
  if (table === 'leads') checkNamed(name, () => checkLead(read as Archive['leads'][number]));
  return read;
}
