import type { Unit, UnitEvent } from '@gorvane/core/build/unit.ts';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import type { EntityTable, Transaction } from 'dexie';
import { Dexie } from 'dexie';

/** A text that was typed and does not parse yet, kept so that it is still there after a reload. */
export interface KeptText {
  readonly key: string;
  readonly text: string;
}

export interface Blob {
  readonly hash: string;
  readonly bytes: Uint8Array;
}

/** The saved truth. Versions are added below one another; none is ever changed. */
export class Database extends Dexie {
  leads!: EntityTable<Lead, 'id'>;
  gaugeCards!: EntityTable<GaugeCard, 'id'>;
  orders!: EntityTable<Order, 'id'>;
  units!: EntityTable<Unit, 'id'>;
  events!: EntityTable<UnitEvent, 'id'>;
  house!: EntityTable<House, 'id'>;
  cables!: EntityTable<OwnCable, 'id'>;
  blobs!: EntityTable<Blob, 'hash'>;
  kept!: EntityTable<KeptText, 'key'>;

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
    const complete = async (transaction: Transaction) => {
      const { completeRecords } = await Dexie.waitFor(import('./complete-records.ts'));
      await completeRecords(transaction);
    };
    this.version(3).upgrade(complete);
    // Leads say what they carry, houses have devices and the practices of cores.
    this.version(4).upgrade(complete);
    // Steps say what work they are, houses and leads have more schools, units have evidence.
    this.version(5).upgrade(complete);
    // Houses have limits and checks that they ask besides, checks of a family say what stands at the far end.
    this.version(6).upgrade(complete);
  }
}

export const database = new Database();

/** Tables whose records carry an envelope and are edited through the draft. */
export type EditedTable = 'leads' | 'gaugeCards' | 'orders' | 'house' | 'cables';
export type EditedRecord = Lead | GaugeCard | Order | House | OwnCable;

export const newId = () => crypto.randomUUID();
export const timeNow = () => new Date().toISOString();
