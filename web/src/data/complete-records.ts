import type { Unit } from '@gorvane/core/build/unit.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import { completeCard } from '@gorvane/core/connector/gauge-card.ts';
import { houseSchema } from '@gorvane/core/house/house.ts';
import { leadSchema } from '@gorvane/core/lead/lead.ts';
import { frozenPlanSchema } from '@gorvane/core/plan/frozen-plan.ts';
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
  await replace('units', (unit: Unit) => ({
    ...unit,
    plan: unit.plan && frozenPlanSchema.parse(unit.plan),
  }));
}
