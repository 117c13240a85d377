import type { z } from 'zod';
import { ownCableSchema } from '../cable/own-cable.ts';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { benchSchema } from '../house/bench.ts';
import { houseSchema } from '../house/house.ts';
import { leadSchema } from '../lead/lead.ts';
import { papersSchema } from '../paper/papers.ts';
import { orderSchema } from '../order/order.ts';
import { unitEventSchema, unitSchema } from '../unit/unit.ts';

/** Every table of an archive with its schema, each after those that it leans on. Adding a table is adding a line. */
export const tableSchemas = {
  gaugeCards: gaugeCardSchema,
  cables: ownCableSchema,
  leads: leadSchema,
  orders: orderSchema,
  house: houseSchema,
  bench: benchSchema,
  papers: papersSchema,
  units: unitSchema,
  events: unitEventSchema,
} as const;

export type TableName = keyof typeof tableSchemas;
export const tableNames = Object.keys(tableSchemas) as TableName[];

/** Tables that stand in a file of their own; units come with their records, some at a time. */
export type HeadName = Exclude<TableName, 'units' | 'events'>;
export const headNames = tableNames.filter((name): name is HeadName => name !== 'units' && name !== 'events');

/** Tables that came with a later version: an archive of before has none. Benches of before 8 stood in their house. */
const since: Readonly<Partial<Record<TableName, number>>> = { cables: 2, bench: 8, papers: 13 };

/** Whether an archive with records of a version has a table. */
export const hasTable = (table: TableName, version: number): boolean => version >= (since[table] ?? 1);

/** The contents of an archive: every record of every table, and attached files by their checksum. */
export type Archive = { readonly [Name in TableName]: z.infer<(typeof tableSchemas)[Name]>[] } & {
  readonly blobs: Readonly<Record<string, Uint8Array>>;
};

export const emptyArchive = (): Archive => ({
  leads: [],
  gaugeCards: [],
  orders: [],
  units: [],
  events: [],
  house: [],
  bench: [],
  papers: [],
  cables: [],
  blobs: {},
});

/** Several archives as one. */
export function joined(parts: readonly Archive[]): Archive {
  const tables = tableNames.map((name) => [name, parts.flatMap((part): unknown[] => part[name])]);
  const blobs = Object.fromEntries(parts.flatMap((part) => Object.entries(part.blobs)));
  return { ...Object.fromEntries(tables), blobs } as Archive;
}
