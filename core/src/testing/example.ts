import { connectorById } from '../connector/catalogue/catalogue.ts';
import { coaxById } from '../cable/catalogue/catalogue.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { looseEnd } from '../end/end-input.ts';
import type { EndInput } from '../end/end-input.ts';
import type { AnsweredContents } from '../connector/contents.ts';
import type { FeatureName } from '../connector/features.ts';
import { defaultHouse } from '../house/default-house.ts';
import { newInstrument } from '../house/new-instrument.ts';
import type { BudgetWant } from '../line/budget.ts';
import { connectorSeriesById } from '../connector/series.ts';
import type { Lead } from '../lead/lead.ts';
import { makeLead } from '../lead/make-lead.ts';
import { usualSignal } from '../connector/signal.ts';
import type { Choke } from '../fit/choke-rejection.ts';

/** Examples for tests: the receiver patch lead, its card and a house with defaults. */
export const now = '2026-11-24T08:00:00.000Z';
/** A shop that has just begun, with no more than every shop has. */
export const newShop = defaultHouse(now);
/** One that can prove what its leads are held to, but for sweeps. */
export const house: House = {
  ...newShop,
  instruments: (
    [
      'milliohm meter',
      'capacitance meter',
      'insulation tester',
      'dummy load',
      'terminator',
      'depth gauge',
    ] as const
  ).map((kind) => newInstrument(kind, kind)),
};

export function exampleLead(options: { cableId?: string; connectorId?: string; length?: number } = {}) {
  const { cableId = 'rg-223', connectorId = 'tnc-plug-50-crimp-5', length = 3.4 } = options;
  const connector = connectorById(connectorId);
  const { lead, cards } = makeLead(
    {
      name: 'Receiver patch lead',
      purpose: '',
      signal: usualSignal(connector),
      cableId,
      near: { connector },
      far: [{ connector }],
      length,
      frequencies: [162e6],
    },
    counted(),
    now,
  );
  return { lead, card: cards[0]! };
}

export const exampleBead = { outside: 0.026, bore: 0.013, length: 0.0285 };

/** A lead with a stack of beads near its end B. */
export function withChoke(lead: Lead, change: Partial<Choke> = {}): Lead {
  const choke: Choke = {
    id: 'choke',
    kind: 'choke',
    legId: 'run',
    nearEndId: 'B',
    distance: 0.1,
    beads: 6,
    bead: exampleBead,
    material: 'middle',
    at: 'feedpoint',
    ...change,
  };
  return { ...lead, extraParts: [...lead.extraParts, choke] };
}

/** Identities for tests: id-1, id-2... */
export function counted(): () => string {
  let count = 0;
  return () => `id-${++count}`;
}

/** One end as its method's questions take it: a cable of the catalogue in a connector with a nominal card. */
export function exampleEnd(
  cableId: string,
  connectorId: string,
  change: {
    house?: House;
    measured?: Partial<Record<FeatureName, number>>;
    power?: number;
    contents?: AnsweredContents;
  } = {},
): EndInput {
  const connector = connectorById(connectorId);
  const card = {
    ...measuredCard(nominalGaugeCard(connector, 'card', 'bag', now), change.measured ?? {}),
    contents: change.contents,
  };
  const end = looseEnd({
    cable: coaxById(cableId),
    connector,
    card,
    house: change.house ?? house,
    power: change.power ?? 1,
  });
  return { ...end, endId: 'A', endName: 'A' };
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
