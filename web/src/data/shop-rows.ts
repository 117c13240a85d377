import { Dexie } from 'dexie';
import { database, databaseVersion } from './database.ts';

/**
 * A whole shop as the rows of its tables, ready to be written: what was checked, summed up, indexed and packed when the
 * program was built is not so again by whoever begins with it. Bytes and lists of numbers stand in it as text.
 */
export interface ShopRows {
  readonly version: number;
  readonly tables: Readonly<Record<string, readonly object[]>>;
}

type Numbers = Uint8Array | Uint16Array;

/** Of these tables one field is bytes, or a list of numbers. */
const numbersOf: Readonly<
  Record<string, { readonly field: string; readonly from: (bytes: Uint8Array<ArrayBuffer>) => Numbers }>
> = {
  records: { field: 'packed', from: (bytes) => bytes },
  plans: { field: 'bytes', from: (bytes) => bytes },
  blobs: { field: 'bytes', from: (bytes) => bytes },
  postings: { field: 'rows', from: ({ buffer }) => new Uint16Array(buffer) },
};

/** Every row that is here; what is only kept for this browser stays out. */
export async function rowsHere(): Promise<ShopRows> {
  const tables = database.tables.filter(({ name }) => name !== database.kept.name);
  const rows = await Promise.all(
    tables.map(
      async ({ name }) => [name, withField(name, await database.table(name).toArray(), asText)] as const,
    ),
  );
  return { version: databaseVersion, tables: Object.fromEntries(rows) };
}

/**
 * Puts rows into the tables of this database, within a transaction that has just emptied them: that tells whoever watches
 * them. By the platform itself: the library looks at each row for those who watch, and a first visit would wait for it.
 */
export function putRows({ tables }: ShopRows): void {
  const { idbtrans } = Dexie.currentTransaction;
  for (const [name, rows] of Object.entries(tables)) {
    const store = idbtrans.objectStore(name);
    const numbers = (text: string) => numbersOf[name]!.from(asBytes(text));
    for (const row of withField(name, rows, numbers)) store.put(row);
  }
}

/** Rows with the field of their table that is bytes as something else, where they have it. */
function withField<From>(table: string, rows: readonly object[], as: (value: From) => unknown): object[] {
  const field = numbersOf[table]?.field;
  if (field === undefined) return [...rows];
  return rows.map((row) =>
    field in row ? { ...row, [field]: as((row as Record<string, From>)[field]!) } : row,
  );
}

function asText({ buffer, byteOffset, byteLength }: Numbers): string {
  const bytes = new Uint8Array(buffer, byteOffset, byteLength);
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
}

/** Written out: it is done at the first visit, of all that ships. */
function asBytes(text: string): Uint8Array<ArrayBuffer> {
  const letters = atob(text);
  const bytes = new Uint8Array(letters.length);
  for (let n = 0; n < bytes.length; n++) bytes[n] = letters.charCodeAt(n);
  return bytes;
}
