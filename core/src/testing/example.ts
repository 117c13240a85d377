import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import type { FeatureName } from '../connector/features.ts';
import { defaultHouse } from '../house/house.ts';
import type { BudgetWant } from '../line/budget.ts';
import { connectorSeriesById } from '../line/connector-line.ts';
import { patchLead } from '../lead/patch-lead.ts';

/** Examples for tests: the receiver patch lead, its card and a house with defaults. */
export const now = '2026-11-24T08:00:00.000Z';
export const house = defaultHouse(now);

export function exampleLead(options: { cableId?: string; connectorId?: string; length?: number } = {}) {
  const { cableId = 'rg-223', connectorId = 'tnc-plug-50-crimp-5', length = 3.4 } = options;
  let count = 0;
  const request = {
    name: 'Receiver patch lead',
    purpose: '',
    cableId,
    connector: connectorById(connectorId),
    length,
    frequencies: [162e6],
  };
  return patchLead(request, () => `id-${++count}`, now);
}

/** A card with some features measured, metres. */
export function measuredCard(card: GaugeCard, values: Partial<Record<FeatureName, number>>): GaugeCard {
  const features = { ...card.features };
  for (const [name, value] of Object.entries(values))
    features[name as FeatureName] = { value, state: 'measured' };
  return { ...card, features };
}

/** A run to find a cable for: 18 m at 162 MHz, at most 1 dB, N pairs at both ends. */
export const exampleWant: BudgetWant = {
  frequencies: [162e6],
  length: 18,
  limitDb: 1,
  systemImpedance: 50,
  power: 25,
  duty: 1,
  swr: 1.5,
  ambientCelsius: 25,
  altitude: 0,
  environment: 'indoor',
  ends: [connectorSeriesById('n'), connectorSeriesById('n')],
};
