import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
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
  return addBag(connectorById(connectorId), leadName);
}

/** A bag that has just come: nothing of it is measured, nobody has looked into it. */
export async function addBag(connector: Connector, leadName: string): Promise<GaugeCard> {
  const card = nominalGaugeCard(connector, newId(), bagName(connector, leadName), timeNow());
  await database.gaugeCards.add(card);
  return card;
}
