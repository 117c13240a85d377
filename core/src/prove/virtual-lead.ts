import { lineFigures } from '../cable/line-figures.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import type { Random } from '../quantity/random.ts';
import { lightingLimits } from '../bus/lighting-bus.ts';
import type { FamilyCheck } from './family-checks.ts';
import type { Fault } from './fault.ts';
import { misassign, plannedAssignment } from './fault.ts';
import { leadWiring } from './lead-wiring.ts';
import { pairsOfPoints } from './proof.ts';
import type { Readings } from './reading.ts';
import { connectedBelow } from './reading.ts';
import type { PieceLengths } from './resistance.ts';
import type { Resistor } from './network.ts';
import { networkResistance } from './network.ts';
import { cableResistors, contactAllowance } from './resistance.ts';
import type { Wiring } from './wiring.ts';
import { plannedPartition } from './wiring.ts';

/** A fault that can be set on a virtual lead: one of the diagnosis, a joint that conducts badly, or a film that leaks. */
export type InjectedFault =
  | Fault
  | { readonly kind: 'high resistance'; readonly terminal: number; readonly ohms: number }
  | { readonly kind: 'leak'; readonly points: readonly [number, number]; readonly ohms: number };

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

/** Resistors of a virtual lead: points first, then one node for each place where a conductor meets an end. */
function resistorsOf(
  { lead, lengths, celsius, faults }: VirtualLead,
  wiring: Wiring,
): { resistors: Resistor[]; nodes: number } {
  const assignment = seatedNow({ lead, lengths, celsius, faults }, wiring);
  const first = wiring.points.length;
  const resistors: Resistor[] = [];
  wiring.terminals.forEach((_, index) => {
    const point = assignment[index]!;
    if (point !== null) {
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
  });
  const firstJoin = first + wiring.terminals.length;
  resistors.push(
    ...cableResistors(lead, wiring, lengths, celsius, (terminal) => first + terminal, firstJoin),
  );
  for (const fault of faults) {
    if (fault.kind === 'short') resistors.push({ a: fault.points[0], b: fault.points[1], ohms: shortOhms });
    if (fault.kind === 'leak') resistors.push({ a: fault.points[0], b: fault.points[1], ohms: fault.ohms });
  }
  return { resistors, nodes: firstJoin + lead.joins.length };
}

/** A sound contact reads about half of what a limit allows it. Engineering value. */
const healthyContact = 0.5;

/** What a four-wire continuity tester and an insulation meter read on a virtual lead, with seeded noise. */
export function testVirtualLead(
  virtual: VirtualLead,
  by: string,
  instrument: string,
  random: Random,
  family: readonly FamilyCheck[] = [],
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
  const leak = virtual.faults.find((fault) => fault.kind === 'leak')?.ohms;
  const planned = plannedPartition(wiring);
  const indexOf = new Map(wiring.points.map(({ id }, index) => [id, index]));
  const shorted = pairs.some(
    ({ from, to, connected }) => connected && planned[indexOf.get(from)!] !== planned[indexOf.get(to)!],
  );
  return {
    by,
    instrument,
    celsius: virtual.celsius,
    pairs,
    ...(family.length > 0
      ? {
          family: Object.fromEntries(
            family.map((check) => [check.id, familyReading(virtual, wiring, check)]),
          ),
        }
      : {}),
    insulationOhms: shorted ? 0 : (leak ?? insulationOhms) * (1 + 0.1 * (random() - 0.5)),
  };
}

/** Two cores of different pairs, or a pair of which one core is open here: so much of the capacitance of a pair. Engineering value. */
const splitShare = 0.55;

/** What a meter reads for a family's own check: a terminator put on at the far end, or the capacitance of a pair. */
function familyReading(virtual: VirtualLead, wiring: Wiring, check: FamilyCheck): number | null {
  const near = virtual.lead.ends[0]!;
  const points = check.contacts.map((contact) =>
    wiring.points.findIndex(({ id }) => id === `${near.id}.${contact}`),
  );
  const [a, b] = points as [number, number];
  const { resistors, nodes } = resistorsOf(virtual, wiring);
  if (check.quantity === 'resistance') {
    const planned = plannedPartition(wiring);
    const far = (point: number) =>
      wiring.points.findIndex(({ endId }, index) => endId !== near.id && planned[index] === planned[point]);
    const terminated = [...resistors, { a: far(a), b: far(b), ohms: lightingLimits.impedance }];
    const ohms = networkResistance(terminated, nodes, a, b);
    return Number.isFinite(ohms) ? ohms : null;
  }
  const assignment = seatedNow(virtual, wiring);
  const strandAt = (point: number) => wiring.terminals[assignment.indexOf(point)];
  const [first, second] = [strandAt(a), strandAt(b)];
  const whole = (check.min + check.max) / 2;
  if (!first || !second) return strayCapacitance;
  const pairOf = (conductor: number) => wiring.conductors[conductor]!.pair;
  return pairOf(first.conductor) === pairOf(second.conductor) ? whole : splitShare * whole;
}

/** Terminals on points with all faults in, those that are open on none. */
function seatedNow({ faults }: VirtualLead, wiring: Wiring): (number | null)[] {
  const topological = faults.filter(isTopological);
  const seated = topological.reduce((now, fault) => misassign(wiring, now, fault), plannedAssignment(wiring));
  const open = new Set(topological.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
  return seated.map((point, terminal) => (open.has(terminal) ? null : point));
}

const isTopological = (fault: InjectedFault): fault is Fault =>
  fault.kind !== 'high resistance' && fault.kind !== 'leak';

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
    (sum, { id, cableId }) => sum + lineFigures(leadCable(lead, cableId)).capacitance * lengths.get(id)!,
    0,
  );
}
