import type { Random } from '../quantity/random.ts';
import { chokesOf, promisedRejection } from '../fit/choke-rejection.ts';
import type { FamilyCheck } from './family-checks.ts';
import type { LeadNetwork, VirtualLead } from './lead-network.ts';
import { leadNetwork, networkCapacitance } from './lead-network.ts';
import { drawnCopper } from './virtual-copper.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { networkResistance, solveNetwork } from './network.ts';
import type { Readings } from '../reading/reading.ts';
import { connectedBelow, openAtLeast } from '../reading/reading.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { pairsOfPoints, plannedPartition } from '../wiring/wiring.ts';

/** Insulation of sound polyethylene or PTFE over a bench lead, ohm. Engineering value. */
const insulationOhms = 5e10;

/** Noise of a reading: a part of it and, for ohms, a fixed part. */
const noisy = (value: number, random: Random, fixed = 0) =>
  Math.max(0, value * (1 + 0.004 * (random() - 0.5)) + fixed * (random() - 0.5));

/** Four-wire ohms between every two points, in the order of `pairsOfPoints`; Infinity where open. */
export function readMatrix(network: LeadNetwork, wiring: Wiring, random: Random): number[] {
  const between = solveNetwork(network.resistors, network.nodes);
  return pairsOfPoints(wiring.points.length).map(([from, to]) => ohmsRead(between(from, to), random));
}

/** Four-wire ohms between two points; Infinity where open. */
export function readOhms(
  { resistors, nodes }: LeadNetwork,
  [a, b]: readonly [number, number],
  random: Random,
): number {
  return ohmsRead(networkResistance(resistors, nodes, a, b), random);
}

const ohmsRead = (ohms: number, random: Random) =>
  Number.isFinite(ohms) ? noisy(ohms, random, 0.0004) : Infinity;

/** Farads between two points; undefined where they are connected. */
export function readFarads(
  network: LeadNetwork,
  [a, b]: readonly [number, number],
  random: Random,
): number | undefined {
  const farads = networkCapacitance(network, a, b);
  return farads === undefined ? undefined : noisy(farads, random);
}

/** The least insulation between points that are planned apart, ohm, at the test voltage. */
export function readInsulation(network: LeadNetwork, wiring: Wiring, random: Random): number {
  const planned = plannedPartition(wiring);
  const between = solveNetwork(network.resistors, network.nodes);
  const least = pairsOfPoints(wiring.points.length)
    .filter(([from, to]) => planned[from] !== planned[to])
    .reduce((lowest, [from, to]) => Math.min(lowest, between(from, to)), Infinity);
  if (least < connectedBelow) return 0;
  const ohms = 1 / (1 / least + 1 / insulationOhms);
  return ohms * (1 + 0.1 * (random() - 0.5));
}

/** What stands at the far end while a check is read. */
export function withTerminator(
  network: LeadNetwork,
  wiring: Wiring,
  [a, b]: readonly [number, number],
  ohms: number,
): LeadNetwork {
  const planned = plannedPartition(wiring);
  const near = wiring.points[a]!.endId;
  const far = (point: number) =>
    wiring.points.findIndex(({ endId }, index) => endId !== near && planned[index] === planned[point]);
  const terminator = { a: far(a), b: far(b), ohms };
  if (terminator.a < 0 || terminator.b < 0) return network;
  return { ...network, resistors: [...network.resistors, terminator] };
}

/** What a four-wire continuity tester and an insulation meter read on a virtual lead, with seeded noise. */
export function testVirtualLead(
  virtual: VirtualLead,
  by: string,
  instrument: string,
  random: Random,
  family: readonly FamilyCheck[] = [],
): Readings {
  const wiring = leadWiring(virtual.lead);
  const network = leadNetwork(virtual, wiring, drawnCopper(virtual.celsius, random));
  const matrix = readMatrix(network, wiring, random);
  const pairs = pairsOfPoints(wiring.points.length).map(([from, to], index) => {
    const ohms = matrix[index]!;
    return {
      from: wiring.points[from]!.id,
      to: wiring.points[to]!.id,
      connected: ohms < connectedBelow,
      ohms: ohms < openAtLeast * 1e6 ? ohms : null,
    };
  });
  const readFamily = family.map((check) => [
    check.id,
    familyReading(virtual, network, wiring, check, random),
  ]);
  return {
    by,
    instrument,
    celsius: virtual.celsius,
    pairs,
    ...(family.length > 0 ? { family: Object.fromEntries(readFamily) as Record<string, number | null> } : {}),
    insulationOhms: readInsulation(network, wiring, random),
  };
}

/** What reads for a family's own check: a load or terminator put on at the far end, the capacitance of a pair, a choke in its fixture. */
export function familyReading(
  virtual: VirtualLead,
  network: LeadNetwork,
  wiring: Wiring,
  check: FamilyCheck,
  random: Random,
): number | null {
  if ('choke' in check) return readRejection(virtual, check.choke.id, random);
  const { contacts, quantity, farEnd } = check;
  const near = virtual.lead.ends[0]!;
  const [a, b] = contacts.map((contact) =>
    wiring.points.findIndex(({ id }) => id === `${near.id}.${contact}`),
  ) as [number, number];
  if (quantity === 'capacitance') return readFarads(network, [a, b], random) ?? null;
  const loaded = farEnd === null ? network : withTerminator(network, wiring, [a, b], farEnd);
  const ohms = readOhms(loaded, [a, b], random);
  return Number.isFinite(ohms) ? ohms : null;
}

/** Beads of one class differ by so much; of the wrong one so little of the impedance is left. Engineering values. */
const beadSpread = 0.1;
const wrongBeads = 0.3;

/** Rejection of a choke in its fixture, dB; null where the lead has no such choke of a stated class. */
export function readRejection({ lead, faults }: VirtualLead, chokeId: string, random: Random): number | null {
  const choke = chokesOf(lead).find(({ id }) => id === chokeId);
  const isWrong = faults.some((fault) => fault.kind === 'wrong beads' && fault.chokeId === chokeId);
  const part = (isWrong ? wrongBeads : 1) * (1 + beadSpread * (2 * random() - 1));
  const read = choke && promisedRejection(lead, choke, part);
  return read ? noisy(read.db, random) : null;
}
