import { capacitancePerMetre } from '../cable/electrical.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import type { Random } from '../quantity/random.ts';
import type { Fault } from './fault.ts';
import { misassign, plannedAssignment } from './fault.ts';
import { leadWiring } from './lead-wiring.ts';
import { pairsOfPoints } from './proof.ts';
import type { Readings } from './reading.ts';
import { connectedBelow } from './reading.ts';
import type { PieceLengths } from './resistance.ts';
import { conductorResistance, contactAllowance } from './resistance.ts';
import type { Wiring } from './wiring.ts';

/** A fault that can be set on a virtual lead: one of the diagnosis, or a joint that conducts badly. */
export type InjectedFault =
  Fault | { readonly kind: 'high resistance'; readonly terminal: number; readonly ohms: number };

/** A lead that exists only to be measured: its design with faults in it. */
export interface VirtualLead {
  readonly lead: Lead;
  readonly lengths: PieceLengths;
  readonly celsius: number;
  readonly faults: readonly InjectedFault[];
}

/** A short that a whisker or bridge makes, ohm. Engineering value. */
const shortOhms = 0.05;
/** Insulation of sound polyethylene or PTFE over a bench lead, ohm. Engineering value. */
const insulationOhms = 5e10;

interface Resistor {
  readonly a: number;
  readonly b: number;
  readonly ohms: number;
}

/** Resistors of a virtual lead: points first, then one node for each place where a conductor meets an end. */
function resistorsOf(
  { lead, lengths, celsius, faults }: VirtualLead,
  wiring: Wiring,
): { resistors: Resistor[]; nodes: number } {
  const topological = faults.filter((fault): fault is Fault => fault.kind !== 'high resistance');
  const assignment = topological.reduce(
    (now, fault) => misassign(wiring, now, fault),
    plannedAssignment(wiring),
  );
  const open = new Set(topological.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
  const first = wiring.points.length;
  const resistors: Resistor[] = [];
  wiring.terminals.forEach((terminal, index) => {
    const point = assignment[index]!;
    if (point !== null && !open.has(index)) {
      const extra = faults.reduce(
        (sum, fault) =>
          fault.kind === 'high resistance' && fault.terminal === index ? sum + fault.ohms : sum,
        0,
      );
      const { endId, contact } = wiring.points[point]!;
      resistors.push({
        a: point,
        b: first + index,
        ohms: healthyContact * contactAllowance(lead, endId, contact) + extra,
      });
    }
    const previous = wiring.terminals.findIndex(
      ({ conductor }, other) => conductor === terminal.conductor && other < index,
    );
    if (previous < 0) return;
    const { pieceId, label } = wiring.conductors[terminal.conductor]!;
    resistors.push({
      a: first + previous,
      b: first + index,
      ohms: conductorResistance(lead, pieceId, label, lengths.get(pieceId)!, celsius),
    });
  });
  for (const fault of topological)
    if (fault.kind === 'short') resistors.push({ a: fault.points[0], b: fault.points[1], ohms: shortOhms });
  return { resistors, nodes: first + wiring.terminals.length };
}

/** A sound contact reads about half of what a limit allows it. Engineering value. */
const healthyContact = 0.5;

/**
 * Resistance between two nodes of a network, ohm; Infinity where nothing connects them. One ampere is driven from `a`
 * to `b` and the node equations are solved by elimination over the nodes that `a` reaches.
 */
export function networkResistance(
  resistors: readonly Resistor[],
  nodes: number,
  a: number,
  b: number,
): number {
  const reached = reach(resistors, nodes, a);
  if (!reached.includes(b)) return Infinity;
  const unknown = reached.filter((node) => node !== b);
  const row = new Map(unknown.map((node, index) => [node, index]));
  const matrix = unknown.map((node) => [...new Array<number>(unknown.length).fill(0), node === a ? 1 : 0]);
  for (const resistor of resistors) {
    const siemens = 1 / resistor.ohms;
    const i = row.get(resistor.a);
    const j = row.get(resistor.b);
    if (i !== undefined) matrix[i]![i]! += siemens;
    if (j !== undefined) matrix[j]![j]! += siemens;
    if (i !== undefined && j !== undefined) {
      matrix[i]![j]! -= siemens;
      matrix[j]![i]! -= siemens;
    }
  }
  return eliminate(matrix)[row.get(a)!]!;
}

function reach(resistors: readonly Resistor[], nodes: number, from: number): number[] {
  const seen = new Set([from]);
  for (let grew = true; grew;) {
    const before = seen.size;
    for (const { a, b } of resistors) if (seen.has(a) !== seen.has(b)) seen.add(a).add(b);
    grew = seen.size > before && seen.size < nodes;
  }
  return [...seen];
}

/** Gaussian elimination; a conductance matrix with one node grounded is positive definite and needs no pivoting. */
function eliminate(matrix: number[][]): number[] {
  const size = matrix.length;
  for (let pivot = 0; pivot < size; pivot++) {
    const scale = matrix[pivot]![pivot]!;
    for (let row = 0; row < size; row++) {
      if (row === pivot) continue;
      const factor = matrix[row]![pivot]! / scale;
      for (let column = pivot; column <= size; column++)
        matrix[row]![column]! -= factor * matrix[pivot]![column]!;
    }
  }
  return matrix.map((row, index) => row[size]! / row[index]!);
}

/** What a four-wire continuity tester and an insulation meter read on a virtual lead, with seeded noise. */
export function testVirtualLead(
  virtual: VirtualLead,
  by: string,
  instrument: string,
  random: Random,
): Readings {
  const wiring = leadWiring(virtual.lead);
  const { resistors, nodes } = resistorsOf(virtual, wiring);
  const noisy = (ohms: number) =>
    Math.max(0, ohms * (1 + 0.004 * (random() - 0.5)) + 0.0004 * (random() - 0.5));
  const pairs = pairsOfPoints(wiring.points.length).map(([from, to]) => {
    const ohms = networkResistance(resistors, nodes, from, to);
    return {
      from: wiring.points[from]!.id,
      to: wiring.points[to]!.id,
      connected: ohms < connectedBelow,
      ohms: Number.isFinite(ohms) ? noisy(ohms) : null,
    };
  });
  const planned = plannedAssignment(wiring);
  const shorted = pairs.some(
    ({ from, to, connected }) => connected && !sameConductor(wiring, planned, from, to),
  );
  return {
    by,
    instrument,
    celsius: virtual.celsius,
    pairs,
    insulationOhms: shorted ? 0 : insulationOhms * (1 + 0.1 * (random() - 0.5)),
  };
}

function sameConductor(
  wiring: Wiring,
  assignment: readonly (number | null)[],
  from: string,
  to: string,
): boolean {
  const conductorAt = (id: string) =>
    wiring.terminals.find(
      (_, index) => assignment[index] !== null && wiring.points[assignment[index]!]!.id === id,
    )?.conductor;
  return conductorAt(from) === conductorAt(to);
}

/** Stray capacitance of a connector with nothing behind it, farads. Engineering value. */
export const strayCapacitance = 2e-12;

/**
 * Capacitance centre to shield that a meter reads at one end of a coax lead, farads: that of the whole cable, or of
 * the connector alone when the centre or the shield is open at this very end; undefined with a short.
 */
export function capacitanceAt(virtual: VirtualLead, endId: string): number | undefined {
  const wiring = leadWiring(virtual.lead);
  if (virtual.faults.some(({ kind }) => kind === 'short')) return undefined;
  const isOpenHere = virtual.faults.some(
    (fault) => fault.kind === 'open' && wiring.terminals[fault.terminal]!.endId === endId,
  );
  return isOpenHere ? strayCapacitance : strayCapacitance + leadCapacitance(virtual.lead, virtual.lengths);
}

/** Capacitance centre to shield of the whole cable of a lead, farads. */
export function leadCapacitance(lead: Lead, lengths: PieceLengths): number {
  return lead.pieces.reduce(
    (sum, { id, cableId }) => sum + capacitancePerMetre(leadCable(lead, cableId)) * lengths.get(id)!,
    0,
  );
}
