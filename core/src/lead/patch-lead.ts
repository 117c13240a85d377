import type { CoaxEntry } from '../cable/construction.ts';
import type { Connector } from '../connector/connector.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import { firstRevision } from '../record/envelope.ts';
import type { Lead } from './lead.ts';

/** What is asked to start a lead with two like ends. */
export interface PatchLeadRequest {
  readonly name: string;
  readonly purpose: string;
  readonly cableId: string;
  /** The entry of a cable that the catalogue does not have. */
  readonly ownCable?: CoaxEntry | undefined;
  readonly connector: Connector;
  /** Finished length, metres, from mating plane to mating plane. */
  readonly length: number;
  readonly frequencies: readonly number[];
}

/**
 * A coax patch lead with the same plug on both ends, and the gauge card for its bag of plugs, nothing measured yet.
 * `newId` gives fresh identities.
 */
export function patchLead(
  request: PatchLeadRequest,
  newId: () => string,
  now: string,
): { lead: Lead; card: GaugeCard } {
  const { connector, cableId } = request;
  const card = nominalGaugeCard(connector, newId(), `${connector.series} plugs for ${request.name}`, now);
  const end = (id: 'A' | 'B') => ({
    id,
    nodeId: `node ${id}`,
    name: id,
    connectorId: connector.id,
    gaugeCardId: card.id,
    referencePlane: 'mating plane' as const,
    shrink: true,
  });
  const connect = (endId: string) => [
    { pieceId: 'cable', conductor: 'centre', endId, contact: 'centre' },
    { pieceId: 'cable', conductor: 'shield', endId, contact: 'outer' },
  ];
  const lead: Lead = {
    ...firstRevision(newId(), now),
    name: request.name,
    purpose: request.purpose,
    nodes: [
      { id: 'node A', kind: 'end' },
      { id: 'node B', kind: 'end' },
    ],
    legs: [{ id: 'run', fromNodeId: 'node A', toNodeId: 'node B', finishedLength: request.length }],
    ends: [end('A'), end('B')],
    pieces: [{ id: 'cable', cableId, legIds: ['run'] }],
    ownCables: request.ownCable ? [request.ownCable] : [],
    pinPlan: [...connect('A'), ...connect('B')],
    extraParts: [{ id: 'label-sleeve', kind: 'label sleeve', legId: 'run', nearEndId: 'A', distance: 0.08 }],
    partOverrides: {},
    requirement: {
      frequencies: [...request.frequencies],
      inputPower: { value: 1, assumed: true },
      load: { re: connector.impedance, im: 0 },
      systemImpedance: connector.impedance,
    },
    spareTerminations: 0,
    slack: 0,
    firstEndId: null,
    fittedEndIds: [],
  };
  return { lead, card };
}
