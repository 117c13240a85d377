import type { Envelope } from '../record/envelope.ts';
import type { CoaxEntry, CoreEntry } from '../cable/construction.ts';
import type { Connector } from '../connector/connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { systemImpedanceOf } from '../connector/series.ts';
import { bagName, nominalGaugeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { firstRevision } from '../record/revise.ts';
import type { Lead, LeadEnd, Leg, Piece } from './lead.ts';
import type { PinPlanChoices } from './pin-plan.ts';
import { houseChoices, plainChoices, proposePinPlan } from './pin-plan.ts';
import type { Channel, Signal } from '../connector/signal.ts';
import { joinsOf } from './joins.ts';

/** An end as it is asked for. */
export interface EndRequest {
  readonly connector: Connector;
  readonly channel?: Channel | undefined;
  readonly deviceId?: string | undefined;
  readonly marker?: string | undefined;
  /** It lies there already and is not made here. */
  readonly lies?: LeadEnd['lies'];
  /** Of its own leg, metres, on a lead with a split. */
  readonly legLength?: number | undefined;
}

/** What is asked to start a lead: one end, and one or more at the other side. */
export interface LeadRequest {
  readonly name: string;
  readonly purpose: string;
  readonly signal: Signal;
  readonly cableId: string;
  /** Of the legs, where they are not of the trunk's cable. */
  readonly legCableId?: string | undefined;
  /** The entry of a cable that the catalogue does not have. */
  readonly ownCable?: CoaxEntry | CoreEntry | undefined;
  readonly environment?: Lead['environment'] | undefined;
  readonly near: EndRequest;
  readonly far: readonly EndRequest[];
  /** Finished length between reference planes, metres; of the trunk on a lead with a split. */
  readonly length: number;
  /** Cables run through from the trunk into the legs, uncut, or are joined at the split. */
  readonly split?: 'carried through' | 'joined' | undefined;
  readonly frequencies: readonly number[];
  /** Into the near end, watts, where it is known. */
  readonly power?: number | undefined;
  /** Cable beyond the finished length, metres: of one that lies there, what there is for another try. */
  readonly slack?: number | undefined;
  readonly pinPlan?: Partial<PinPlanChoices> | undefined;
}

const names = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I'];

/**
 * A lead with its gauge cards, nothing measured yet: ends with the same connector share a card. `newId` gives fresh
 * identities.
 */
export function makeLead(
  request: LeadRequest,
  newId: () => string,
  now: string,
  house: Pick<House, 'devices' | 'practice'> | null = null,
): { lead: Lead; cards: GaugeCard[] } {
  const asked = [request.near, ...request.far];
  const cards = new Map<string, GaugeCard>();
  for (const { connector } of asked)
    if (!cards.has(connector.id))
      cards.set(connector.id, nominalGaugeCard(connector, newId(), bagName(connector, request.name), now));
  const ends = asked.map(({ connector, channel, deviceId, marker, lies }, index): Lead['ends'][number] => ({
    id: names[index]!,
    nodeId: `node ${names[index]!}`,
    name: names[index]!,
    connectorId: connector.id,
    gaugeCardId: cards.get(connector.id)!.id,
    referencePlane: isCoaxial(connector) ? 'mating plane' : 'tip',
    shrink: true,
    channel: channel ?? null,
    deviceId: deviceId ?? null,
    marker: marker ?? null,
    quarterTurns: 0,
    ...(lies ? { lies } : {}),
  }));
  const bare: Lead = { ...firstRevision(newId(), now), ...bareLead(request, ends) };
  const joined = { ...bare, joins: joinsOf(bare) };
  const lead = {
    ...joined,
    pinPlan: proposePinPlan(joined, house?.devices ?? [], {
      ...(house ? houseChoices(house) : plainChoices),
      ...request.pinPlan,
    }),
  };
  return { lead, cards: [...cards.values()] };
}

/** What the request says, and for all else what nobody has asked for yet. */
function bareLead(request: LeadRequest, ends: Lead['ends']): Omit<Lead, keyof Envelope> {
  const { nodes, legs, pieces } = treeOf(request);
  const { connector: near } = request.near;
  const system = isCoaxial(near) ? systemImpedanceOf(near.series) : 50;
  return {
    name: request.name,
    purpose: request.purpose,
    nodes,
    legs,
    ends,
    pieces,
    ownCables: request.ownCable ? [request.ownCable] : [],
    signal: request.signal,
    pinPlan: [],
    joins: [],
    extraParts: [{ id: 'label-sleeve', kind: 'label sleeve', ...labelPlace(legs, ends), distance: 0.08 }],
    partOverrides: {},
    ownConnectors: [],
    environment: request.environment ?? 'indoor',
    bends: [],
    phaseMatch: null,
    requirement: {
      frequencies: [...request.frequencies],
      inputPower: { value: request.power ?? 1, assumed: request.power === undefined },
      load: { re: loadOf(request.signal) ?? system, im: 0 },
      systemImpedance: sourceOf(request.signal) ?? system,
    },
    spareTerminations: 0,
    slack: request.slack ?? 0,
    cutCorrection: 0,
    practice: {},
    firstEndId: null,
    fittedEndIds: ends.filter(({ lies }) => lies !== undefined).map(({ id }) => id),
  };
}

/** A label goes near the first end, or near the one that is made where the first lies in a wall. */
function labelPlace(legs: readonly Leg[], ends: Lead['ends']): { legId: string; nearEndId: string } {
  const end = ends.find(({ lies }) => lies === undefined)!;
  const leg = legs.find(({ fromNodeId, toNodeId }) => [fromNodeId, toNodeId].includes(end.nodeId))!;
  return { legId: leg.id, nearEndId: end.id };
}

/** What stands at the far end unless somebody says otherwise, ohm: of audio a line input, of a speaker its nominal impedance. */
function loadOf(signal: Signal): number | undefined {
  if (signal === 'radio') return undefined;
  return { balanced: 10e3, unbalanced: 100e3, stereo: 10e3, lighting: 120, speaker: 8, control: 10e3 }[
    signal
  ];
}

/** What drives the near end, ohm. Engineering values. */
function sourceOf(signal: Signal): number | undefined {
  if (signal === 'radio') return undefined;
  return { balanced: 150, unbalanced: 1000, stereo: 150, lighting: 120, speaker: 0.05, control: 100 }[signal];
}

function treeOf({
  far,
  length,
  cableId,
  legCableId,
  split,
}: LeadRequest): Pick<Lead, 'nodes' | 'legs' | 'pieces'> {
  const leaves = [...far.keys()].map((index) => `node ${names[index + 1]!}`);
  const endNodes = ['node A', ...leaves].map((id) => ({ id, kind: 'end' as const }));
  if (far.length === 1)
    return {
      nodes: endNodes,
      legs: [{ id: 'run', fromNodeId: 'node A', toNodeId: leaves[0]!, finishedLength: length }],
      pieces: [{ id: 'cable', cableId, legIds: ['run'] }],
    };
  const trunk: Leg = { id: 'trunk', fromNodeId: 'node A', toNodeId: 'split', finishedLength: length };
  const legs = leaves.map((toNodeId, index): Leg => ({
    id: `leg ${names[index + 1]!}`,
    fromNodeId: 'split',
    toNodeId,
    finishedLength: far[index]!.legLength ?? length,
  }));
  const pieces: Piece[] =
    split === 'joined'
      ? [
          { id: 'trunk cable', cableId, legIds: ['trunk'] },
          ...legs.map(({ id }, index) => ({
            id: `cable ${names[index + 1]!}`,
            cableId: legCableId ?? cableId,
            legIds: [id],
          })),
        ]
      : legs.map(({ id }, index) => ({ id: `cable ${names[index + 1]!}`, cableId, legIds: ['trunk', id] }));
  return {
    nodes: [...endNodes, { id: 'split', kind: split === 'joined' ? 'splice' : 'split' }],
    legs: [trunk, ...legs],
    pieces,
  };
}
