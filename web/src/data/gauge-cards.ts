import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { bagName, nominalGaugeCard } from '@gorvane/core/connector/gauge-card.ts';
import { database, newId, timeNow } from './database.ts';

/**
 * The gauge card to use for a connector: one of those at hand, else one that the shop already has, else a new one on
 * which nothing is measured yet.
 */
export async function cardForConnector(
  connectorId: string,
  atHand: readonly GaugeCard[],
  leadName: string,
): Promise<GaugeCard> {
  const mine = atHand.find((card) => card.connectorId === connectorId);
  if (mine) return mine;
  const stored = await database.gaugeCards
    .where('connectorId')
    .equals(connectorId)
    .filter(({ deleted }) => !deleted)
    .first();
  if (stored) return stored;
  const connector = connectorById(connectorId);
  const card = nominalGaugeCard(connector, newId(), bagName(connector, leadName), timeNow());
  await database.gaugeCards.add(card);
  return card;
}
