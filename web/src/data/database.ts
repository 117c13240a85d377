import type { Unit, UnitEvent } from '@gorvane/core/build/unit.ts';
import type { OwnCable } from '@gorvane/core/cable/own-cable.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import { completeCard } from '@gorvane/core/connector/gauge-card.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { houseSchema } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { leadSchema } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { frozenPlanSchema } from '@gorvane/core/plan/frozen-plan.ts';
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
    this.version(3).upgrade(completeRecords);
  }
}

/** Records that were written before a field existed get its default; assumed features follow the catalogue. */
async function completeRecords(transaction: Transaction): Promise<void> {
  const replace = (table: string, complete: (record: never) => unknown) =>
    transaction
      .table(table)
      .toCollection()
      .modify((record, reference) => {
        reference.value = complete(record as never);
      });
  await replace('leads', (lead: Lead) => leadSchema.parse(lead));
  await replace('house', (house: House) => houseSchema.parse(house));
  await replace('gaugeCards', (card: GaugeCard) => {
    const measured = Object.entries(card.features).filter(([, feature]) => feature.state === 'measured');
    return completeCard({ ...card, features: Object.fromEntries(measured) }, connectorById(card.connectorId));
  });
  await replace('units', (unit: Unit) => ({
    ...unit,
    plan: unit.plan && frozenPlanSchema.parse(unit.plan),
  }));
}

export const database = new Database();

/** Tables whose records carry an envelope and are edited through the draft. */
export type EditedTable = 'leads' | 'gaugeCards' | 'orders' | 'house' | 'cables';
export type EditedRecord = Lead | GaugeCard | Order | House | OwnCable;

export const newId = () => crypto.randomUUID();
export const timeNow = () => new Date().toISOString();
