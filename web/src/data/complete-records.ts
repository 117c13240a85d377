import type { Unit, UnitEvent } from '@gorvane/core/build/unit.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import { completeCard } from '@gorvane/core/connector/gauge-card.ts';
import { houseSchema } from '@gorvane/core/house/house.ts';
import { leadSchema } from '@gorvane/core/lead/lead.ts';
import { frozenPlanSchema } from '@gorvane/core/plan/frozen-plan.ts';
import { canonicalJson } from '@gorvane/core/record/canonical-json.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';
import type { Transaction } from 'dexie';

/** Records that were written before a field existed get its default; assumed features follow the catalogue. */
export async function completeRecords(transaction: Transaction): Promise<void> {
  const replace = (table: string, complete: (record: never) => unknown) =>
    transaction
      .table(table)
      .toCollection()
      .modify((record, reference) => {
        reference.value = complete(record as never);
      });
  await replace('leads', (lead: unknown) => leadSchema.parse(lead));
  await replace('house', (house: unknown) => houseSchema.parse(house));
  await replace('gaugeCards', (card: GaugeCard) => {
    const measured = Object.entries(card.features).filter(([, feature]) => feature.state === 'measured');
    return completeCard({ ...card, features: Object.fromEntries(measured) }, connectorById(card.connectorId));
  });
  await keepFrozenPlans(transaction);
  await replace('units', (unit: Unit) => ({
    ...unit,
    plan: unit.plan && frozenPlanSchema.parse(unit.plan),
  }));
}

/** Before a plan is completed, the form that its record names is kept under its checksum. */
async function keepFrozenPlans(transaction: Transaction): Promise<void> {
  const units = (await transaction.table('units').toArray()) as Unit[];
  const plans = units.flatMap(({ plan }) => {
    if (!plan) return [];
    const bytes = new TextEncoder().encode(canonicalJson(plan));
    return [{ hash: checksum(bytes), bytes }];
  });
  const named = new Set<string>();
  await transaction.table('events').each(({ happening }: UnitEvent) => {
    if (happening.kind === 'started') named.add(happening.planChecksum);
  });
  await transaction.table('blobs').bulkPut(plans.filter(({ hash }) => named.has(hash)));
}
