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
import type { Transaction } from 'dexie';

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
  await replace('house', (house: unknown) => houseSchema.parse(migrated('house', house, 1)));
  await replace('gaugeCards', completedCard);
  await keepFrozenPlans(transaction);
  await replace('units', (unit: unknown) => migrateUnit(unit, 1));
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
  await bench.bulkPut(
    houses.flatMap((house) => benchOfHouse(house) ?? []).map((row) => benchSchema.parse(row)),
  );
}

/** Before a plan is completed, the form that its record names is kept under its checksum. */
async function keepFrozenPlans(transaction: Transaction): Promise<void> {
  const units: unknown[] = await transaction.table('units').toArray();
  const named = new Set<string>();
  await transaction.table('events').each(({ happening }: UnitEvent) => {
    if (happening.kind === 'started') named.add(happening.planChecksum);
  });
  const forms = units.flatMap((unit) => frozenForm(unit) ?? []);
  await transaction.table('blobs').bulkPut(forms.filter(({ hash }) => named.has(hash)));
}
