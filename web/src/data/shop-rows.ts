import { database, databaseVersion } from './database.ts';

/**
 * A whole shop as the rows of its tables, ready to be written: what was checked, summed up and indexed when the program
 * was built is not checked again by whoever begins with it. Lists of numbers stand in it as such.
 */
export interface ShopRows {
  readonly version: number;
  readonly tables: Readonly<Record<string, readonly object[]>>;
}

/** Of these tables one field is a list of numbers of one size. */
const numbersOf: Readonly<
  Record<string, { readonly field: string; readonly of: (list: number[]) => ArrayLike<number> }>
> = {
  plans: { field: 'bytes', of: (list) => Uint8Array.from(list) },
  blobs: { field: 'bytes', of: (list) => Uint8Array.from(list) },
  postings: { field: 'rows', of: (list) => Uint16Array.from(list) },
};

/** Every row that is here; what is only kept for this browser stays out. */
export async function rowsHere(): Promise<ShopRows> {
  const tables = database.tables.filter(({ name }) => name !== database.kept.name);
  const rows = await Promise.all(
    tables.map(async (table) => [table.name, asWritten(table.name, await table.toArray())] as const),
  );
  return { version: databaseVersion, tables: Object.fromEntries(rows) };
}

const asWritten = (table: string, rows: readonly object[]): readonly object[] =>
  withNumbers(table, rows, (list) => Array.from(list));

/** Puts rows into the empty tables of this database, within a transaction over them. */
export async function putRows({ tables }: ShopRows): Promise<void> {
  await Promise.all(
    Object.entries(tables).map(([name, rows]) =>
      database.table(name).bulkPut([...withNumbers(name, rows, numbersOf[name]?.of)]),
    ),
  );
}

function withNumbers(
  table: string,
  rows: readonly object[],
  as: ((list: number[]) => ArrayLike<number>) | undefined,
): readonly object[] {
  const field = numbersOf[table]?.field;
  if (field === undefined || !as) return rows;
  return rows.map((row) => ({ ...row, [field]: as((row as Record<string, number[]>)[field]!) }));
}
