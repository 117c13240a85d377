import { benchSchema } from '@gorvane/core/house/bench.ts';
import type { Raw } from '@gorvane/core/file/migrations/raw.ts';
import { benchOfHouse } from '@gorvane/core/file/migrations/to-8.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { connectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { completeCard } from '@gorvane/core/connector/gauge-card.ts';
import { frozenForm, migrateUnit } from '@gorvane/core/file/migrations/migrate-unit.ts';
import { migrated } from '@gorvane/core/file/migrations/migrations.ts';
import { houseSchema } from '@gorvane/core/house/house.ts';
import { leadSchema } from '@gorvane/core/lead/lead.ts';
import { asStored } from '@gorvane/core/unit/as-stored.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { planHash, planText } from '@gorvane/core/plan/plan-hash.ts';
import type { Transaction } from 'dexie';
import { deflated } from './deflate.ts';
import { waitFor } from './wait-for.ts';

/**
 * Brings a database of any version before to this one, by the migrations that archives take, too. Those fill in only what
 * is missing, so that they begin at the first whatever the database is. Assumed features follow the catalogue.
 */
export async function completeRecords(transaction: Transaction): Promise<void> {
  const replace = (table: string, complete: (record: never) => unknown) =>
    transaction
      .table(table)
      .toCollection()
      .modify((record, reference) => {
        reference.value = complete(record as never);
      });
  await replace('leads', (lead: unknown) => leadSchema.parse(migrated('leads', lead, 1)));
  await addBench(transaction);
  await replace('bench', (bench: unknown) => benchSchema.parse(migrated('bench', bench, 1)));
  await replace('house', (house: unknown) => houseSchema.parse(migrated('house', house, 1)));
  await replace('gaugeCards', completedCard);
  await plansApart(transaction);
  await recordsTogether(transaction);
}

function completedCard(card: GaugeCard): GaugeCard {
  const connector = connectors.find(({ id }) => id === card.connectorId);
  if (!connector) return card;
  const measured = Object.entries(card.features).filter(([, feature]) => feature.state === 'measured');
  return completeCard({ ...card, features: Object.fromEntries(measured) }, connector);
}

/** Who is at the bench stood in the house before it had a record of its own. */
async function addBench(transaction: Transaction): Promise<void> {
  const bench = transaction.table('bench');
  if ((await bench.count()) > 0) return;
  const houses = (await transaction.table('house').toArray()) as Raw[];
  await bench.bulkPut(houses.flatMap((house) => benchOfHouse(house) ?? []));
}

/** The entries of a unit stand together. */
async function recordsTogether(transaction: Transaction): Promise<void> {
  const events = transaction.table('events');
  for (const unitId of await events.orderBy('unitId').uniqueKeys()) {
    const entries = (await events.where('unitId').equals(unitId).toArray()) as UnitEvent[];
    await transaction.table('records').put({ unitId, entries: inChainOrder(entries) });
  }
}

/** A form of a plan among the files of an earlier database. */
interface KeptForm {
  readonly hash: string;
  readonly bytes: Uint8Array;
}

/**
 * Plans stand by themselves, each once. Before one is completed, the form that its record names is kept under its
 * checksum; a database that kept such forms among its files gives them over.
 */
async function plansApart(transaction: Transaction): Promise<void> {
  const named = new Set<string>();
  await transaction.table('events').each(({ happening }: UnitEvent) => {
    if (happening.kind === 'started') named.add(happening.planChecksum);
  });
  const plans = transaction.table('plans');
  const keep = async (hash: string, bytes: Uint8Array) =>
    plans.put({ hash, bytes: await waitFor(deflated(bytes)) });
  const blobs = transaction.table('blobs');
  for (const { hash, bytes } of (await blobs
    .where('hash')
    .anyOf([...named])
    .toArray()) as KeptForm[])
    await keep(hash, bytes);
  await blobs.bulkDelete([...named]);
  const units = transaction.table('units');
  for (const id of await units.toCollection().primaryKeys()) {
    const stored: unknown = await units.get(id);
    const form = frozenForm(stored);
    if (form && named.has(form.hash)) await keep(form.hash, form.bytes);
    const unit = migrateUnit(stored, 1);
    if (unit.plan) await keep(planHash(unit.plan), new TextEncoder().encode(planText(unit.plan)));
    await units.put(asStored(unit));
  }
}
