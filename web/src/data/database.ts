import type { Bench } from '@gorvane/core/house/bench.ts';
import type { StoredUnit, UnitEvent } from '@gorvane/core/unit/unit.ts';
import type { UnitSummary } from '@gorvane/core/unit/summary.ts';
import type { RowList } from '@gorvane/core/unit/row-list.ts';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Papers } from '@gorvane/core/paper/papers.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import type { EntityTable, Table, Transaction } from 'dexie';
import { Dexie } from 'dexie';
import { v7 as uuid } from 'uuid';
import { reportGone } from './write-problem.ts';
import { waitFor } from './wait-for.ts';

/** A text that was typed and does not parse yet, kept so that it is still there after a reload. */
export interface KeptText {
  readonly key: string;
  readonly text: string;
  /** When it was written, milliseconds on a scale that tabs share; where two may write it. */
  readonly at?: number;
}

export interface Blob {
  readonly hash: string;
  readonly bytes: Uint8Array;
}

/**
 * The whole record of a unit, in chain order: its entries are read and written together. One that is worked at here stands as
 * it is; one that was read in from a file, or ships with the program, stands packed, which is a fifth as large.
 */
export type KeptRecord =
  | { readonly unitId: string; readonly entries: readonly UnitEvent[] }
  | { readonly unitId: string; readonly packed: Uint8Array };

/** When a tool of the stores cut on one day: ISO times. */
export interface DayOfCuts {
  readonly stripper: string;
  readonly day: string;
  readonly times: readonly string[];
}

/** A plan that units are built to, or the form in which one was frozen, by its SHA-256; its text deflated. */
export interface KeptPlan {
  readonly hash: string;
  readonly bytes: Uint8Array;
}

/** A unit summed up, in its row of the index. */
export interface SummaryRow extends UnitSummary {
  readonly row: number;
  /** What its serial is found by. */
  readonly serials: readonly string[];
}

/** The units of one page of rows that have something in common: `state finished`. Rows count from the beginning of the page. */
export interface Posting {
  readonly facet: string;
  readonly page: number;
  readonly rows: RowList;
}

/** A figure that would take long to count anew. */
export interface Tally {
  readonly name: string;
  readonly value: number;
}

/** Of the records: as in archives (a test holds the two together; the list itself is not part of the first screen). */
export const databaseVersion = 14;

/** A database that a newer program has written: it is not opened, so that nothing in it is misread or lost. */
export class NewerDatabaseError extends Error {
  constructor(found: number) {
    super(
      `The data in this browser was written by a newer Gorvane (data version ${found}); this one reads up to version ${databaseVersion}. Nothing was changed. Start the newer program again.`,
    );
    this.name = 'NewerDatabaseError';
  }
}

/** Dexie opens a newer database as it is; here it is refused. It counts versions in tenths. */
function refuseNewer(opened: Dexie): void {
  const found = Math.floor(opened.backendDB().version / 10);
  if (found > databaseVersion) throw new NewerDatabaseError(found);
}

/** The saved truth. Versions are added below one another; none is ever changed. */
export class Database extends Dexie {
  leads!: EntityTable<Lead, 'id'>;
  gaugeCards!: EntityTable<GaugeCard, 'id'>;
  orders!: EntityTable<Order, 'id'>;
  units!: EntityTable<StoredUnit, 'id'>;
  records!: Table<KeptRecord, string>;
  house!: EntityTable<House, 'id'>;
  bench!: EntityTable<Bench, 'id'>;
  papers!: EntityTable<Papers, 'id'>;
  cables!: EntityTable<OwnCable, 'id'>;
  blobs!: EntityTable<Blob, 'hash'>;
  kept!: EntityTable<KeptText, 'key'>;
  plans!: EntityTable<KeptPlan, 'hash'>;
  summaries!: EntityTable<SummaryRow, 'row'>;
  postings!: Table<Posting, [string, number]>;
  tallies!: EntityTable<Tally, 'name'>;
  cuts!: Table<DayOfCuts, [string, string]>;

  constructor(name = 'gorvane') {
    super(name);
    this.version(1).stores({
      leads: 'id, name',
      gaugeCards: 'id, connectorId',
      orders: 'id',
      units: 'id, serial, leadId, orderId',
      events: 'id, unitId, [unitId+number]',
      house: 'id',
      blobs: 'hash',
      kept: 'key',
    });
    this.version(2).stores({ cables: 'id' });
    // Records of versions 3 to 11 differ in their fields only: the migrations bring all of them here at once.
    this.version(12)
      .stores({
        bench: 'id',
        events: null,
        records: 'unitId',
        plans: 'hash',
        summaries: '++row, &id, orderId, *serials',
        postings: '[facet+page]',
        tallies: 'name',
        cuts: '[stripper+day]',
      })
      .upgrade(async (transaction: Transaction) => {
        const { completeRecords } = await waitFor(import('./complete-records.ts'));
        await completeRecords(transaction);
      });
    this.version(13).stores({ papers: 'id' });
    // Records may stand packed; orders are found by when they are due.
    this.version(14).stores({ orders: 'id, name, [due+name]' });
    // The unit that was worked at last is found by its time, those of a lead by the index of facets. Nothing of a record
    // differs: archives count no new version.
    this.version(14.1).stores({
      units: 'id, serial, orderId',
      summaries: '++row, &id, orderId, *serials, [state+last.at]',
    });
    this.on('ready', refuseNewer, true);
    // Deleted from elsewhere: to write on would begin an empty database as if nothing had been there.
    this.on('versionchange', ({ newVersion }) => {
      if (newVersion !== null) return;
      this.close({ disableAutoOpen: true });
      reportGone();
    });
  }
}

export const database = new Database();

/** Tables whose records carry an envelope and are edited through the draft. */
export type EditedTable = 'leads' | 'gaugeCards' | 'orders' | 'house' | 'bench' | 'papers' | 'cables';
export type EditedRecord = Lead | GaugeCard | Order | House | Bench | Papers | OwnCable;

/**
 * An identity that begins with its time (RFC 9562, version 7): what is made later stands behind, so that the database adds
 * at its end instead of in between.
 */
export const newId = () => uuid();

/** A short one, for parts of one lead. */
export const newShortId = () => newId().slice(-8);

export const timeNow = () => new Date().toISOString();
