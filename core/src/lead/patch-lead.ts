import type { CoaxEntry } from '../cable/construction.ts';
import type { Connector } from '../connector/connector.ts';
import { bagName, nominalGaugeCard } from '../connector/gauge-card.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { firstRevision } from '../record/envelope.ts';
import type { Lead } from './lead.ts';

/** What is asked to start a lead of one cable with an end on either side. */
export interface PatchLeadRequest {
  readonly name: string;
  readonly purpose: string;
  readonly cableId: string;
  /** The entry of a cable that the catalogue does not have. */
  readonly ownCable?: CoaxEntry | undefined;
  readonly connector: Connector;
  /** At end B; the same as at end A when left out. */
  readonly farConnector?: Connector | undefined;
  readonly environment?: Lead['environment'] | undefined;
  /** Finished length, metres, from mating plane to mating plane. */
  readonly length: number;
  readonly frequencies: readonly number[];
}

/**
 * A coax lead with its gauge cards, nothing measured yet: one card when both ends take the same connector. `newId` gives
 * fresh identities.
 */
export function patchLead(
  request: PatchLeadRequest,
  newId: () => string,
  now: string,
): { lead: Lead; cards: GaugeCard[] } {
  const { connector, cableId, farConnector = connector } = request;
  const card = nominalGaugeCard(connector, newId(), bagName(connector, request.name), now);
  const farCard =
    farConnector === connector
      ? card
      : nominalGaugeCard(farConnector, newId(), bagName(farConnector, request.name), now);
  const end = (id: 'A' | 'B', taken: Connector, cardId: string) => ({
    id,
    nodeId: `node ${id}`,
    name: id,
    connectorId: taken.id,
    gaugeCardId: cardId,
    referencePlane: 'mating plane' as const,
    shrink: true,
  });
  const connect = (endId: string) => [
    { pieceId: 'cable', conductor: 'centre', endId, contact: 'centre' },
    { pieceId: 'cable', conductor: 'shield', endId, contact: 'outer' },
  ];
  const system = systemImpedanceOf(connector);
  const lead: Lead = {
    ...firstRevision(newId(), now),
    name: request.name,
    purpose: request.purpose,
    nodes: [
      { id: 'node A', kind: 'end' },
      { id: 'node B', kind: 'end' },
    ],
    legs: [{ id: 'run', fromNodeId: 'node A', toNodeId: 'node B', finishedLength: request.length }],
    ends: [end('A', connector, card.id), end('B', farConnector, farCard.id)],
    pieces: [{ id: 'cable', cableId, legIds: ['run'] }],
    ownCables: request.ownCable ? [request.ownCable] : [],
    pinPlan: [...connect('A'), ...connect('B')],
    extraParts: [{ id: 'label-sleeve', kind: 'label sleeve', legId: 'run', nearEndId: 'A', distance: 0.08 }],
    partOverrides: {},
    environment: request.environment ?? 'indoor',
    bends: [],
    phaseMatch: null,
    requirement: {
      frequencies: [...request.frequencies],
      inputPower: { value: 1, assumed: true },
      load: { re: system, im: 0 },
      systemImpedance: system,
    },
    spareTerminations: 0,
    slack: 0,
    firstEndId: null,
    fittedEndIds: [],
  };
  return { lead, cards: farCard === card ? [card] : [card, farCard] };
}

/** The system a connector belongs to, ohm: that of its series, and 50 for the UHF pattern, which has none of its own. */
export function systemImpedanceOf({ series }: Connector): number {
  return series.impedance === 75 ? 75 : 50;
}
