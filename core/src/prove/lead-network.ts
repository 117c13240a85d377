import { directCapacitance } from '../cable/core-capacitance.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import { misassign, plannedAssignment } from './fault.ts';
import type { CableFault, InjectedFault } from './injected-fault.ts';
import { isCableFault, isFault } from './injected-fault.ts';
import type { Resistor } from './network.ts';
import { networkResistance } from './network.ts';
import type { ConductorRun, Copper, PieceLengths } from './resistance.ts';
import { conductorRuns, contactAllowance, nominalCopper } from './resistance.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { Groups } from '../wiring/wiring.ts';

/** A lead that exists only to be measured: its design with faults in it. */
export interface VirtualLead {
  readonly lead: Lead;
  readonly lengths: PieceLengths;
  readonly celsius: number;
  readonly faults: readonly InjectedFault[];
}

/** A capacitance between two nodes, farads. */
interface Capacitor {
  readonly a: number;
  readonly b: number;
  readonly farads: number;
}

/** A lead as a meter meets it. The first nodes are the points of its wiring. */
export interface LeadNetwork {
  readonly resistors: readonly Resistor[];
  readonly capacitors: readonly Capacitor[];
  readonly nodes: number;
}

/** A short that a whisker or bridge makes, ohm. Engineering value. */
const shortOhms = 0.05;
/** A sound contact reads about half of what a limit allows it. Engineering value. */
const healthyContact = 0.5;
/** Stray capacitance between neighbouring contacts of a connector with nothing behind it, farads. Engineering value. */
export const strayCapacitance = 2e-12;

/** Terminals on points with all faults in, those that are open on none. */
export function seatedNow(faults: readonly InjectedFault[], wiring: Wiring): (number | null)[] {
  const topological = faults.filter(isFault);
  const seated = topological.reduce((now, fault) => misassign(wiring, now, fault), plannedAssignment(wiring));
  const open = new Set(topological.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
  return seated.map((point, terminal) => (open.has(terminal) ? null : point));
}

/**
 * Resistors and capacitors of a virtual lead: contacts, conductors cut at the faults inside the cable, what touches or
 * leaks, and the capacitance between any two conductors of a piece, section by section. Its copper is what its figures say, or as
 * it was drawn.
 */
export function leadNetwork(
  { lead, lengths, celsius, faults }: VirtualLead,
  wiring: Wiring,
  copper: Copper = nominalCopper(celsius),
): LeadNetwork {
  const first = wiring.points.length;
  const firstJoin = first + wiring.terminals.length;
  let nodes = firstJoin + lead.joins.length;
  const newNode = () => nodes++;
  const resistors: Resistor[] = [...contactResistors(lead, faults, wiring), ...bridges(faults)];
  const capacitors: Capacitor[] = strays(wiring);
  const runs = conductorRuns(lead, wiring, lengths, copper, (terminal) => first + terminal, firstJoin);
  for (const piece of lead.pieces) {
    const own = runs.filter(({ pieceId }) => pieceId === piece.id);
    const inside = faults.filter(isCableFault).filter(({ pieceId }) => pieceId === piece.id);
    const sections = cutRuns(own, inside, newNode);
    resistors.push(...sections.flatMap(({ parts }) => parts), ...insideShorts(sections, inside));
    const cable = leadCable(lead, piece.cableId);
    for (const { parts, share } of sections)
      for (const [index, a] of parts.entries())
        for (const b of parts.slice(index + 1))
          capacitors.push({
            a: a.a,
            b: b.a,
            farads: directCapacitance(cable, a.conductor, b.conductor) * share * lengths.get(piece.id)!,
          });
  }
  return { resistors, capacitors, nodes };
}

function contactResistors(lead: Lead, faults: readonly InjectedFault[], wiring: Wiring): Resistor[] {
  return seatedNow(faults, wiring).flatMap((point, terminal): Resistor[] => {
    if (point === null) return [];
    const extra = faults.reduce(
      (sum, fault) =>
        fault.kind === 'high resistance' && fault.terminal === terminal ? sum + fault.ohms : sum,
      0,
    );
    const { endId, contact } = wiring.points[point]!;
    const ohms = healthyContact * contactAllowance(lead, endId, contact) + extra;
    return [{ a: point, b: wiring.points.length + terminal, ohms }];
  });
}

function bridges(faults: readonly InjectedFault[]): Resistor[] {
  return faults.flatMap((fault): Resistor[] => {
    if (fault.kind === 'short') return [{ a: fault.points[0], b: fault.points[1], ohms: shortOhms }];
    if (fault.kind === 'leak') return [{ a: fault.points[0], b: fault.points[1], ohms: fault.ohms }];
    return [];
  });
}

function strays({ points }: Wiring): Capacitor[] {
  return points.flatMap(({ endId }, index): Capacitor[] => {
    const next = points[index + 1];
    return next?.endId === endId ? [{ a: index, b: index + 1, farads: strayCapacitance }] : [];
  });
}

/** A stretch of a piece in which nothing happens: its conductors, and its part of the length. */
interface Section {
  readonly from: number;
  readonly share: number;
  readonly parts: readonly ConductorRun[];
}

/** The conductors of a piece cut at every place where one breaks or two touch. */
function cutRuns(
  runs: readonly ConductorRun[],
  faults: readonly CableFault[],
  newNode: () => number,
): Section[] {
  const places = faults.flatMap((fault) =>
    fault.kind === 'cable open' || fault.kind === 'cable short' ? [fault.at] : [],
  );
  const bounds = [0, ...[...new Set(places)].sort((a, b) => a - b).filter((at) => at > 0 && at < 1), 1];
  let starts = runs.map(({ a }) => a);
  return bounds.slice(1).map((to, index): Section => {
    const from = bounds[index]!;
    const share = to - from;
    const ends = runs.map(({ b }) => (to === 1 ? b : newNode()));
    const parts = runs.map((run, n) => ({ ...run, a: starts[n]!, b: ends[n]!, ohms: run.ohms * share }));
    const isBroken = ({ conductor }: ConductorRun) =>
      faults.some((fault) => fault.kind === 'cable open' && fault.at === to && fault.conductor === conductor);
    starts = runs.map((run, n) => (isBroken(run) ? newNode() : ends[n]!));
    return { from, share, parts };
  });
}

function insideShorts(sections: readonly Section[], faults: readonly CableFault[]): Resistor[] {
  return faults.flatMap((fault): Resistor[] => {
    if (fault.kind !== 'cable short') return [];
    const next = sections.find(({ from }) => from === fault.at);
    const node = (conductor: string) => {
      const part = (next ?? sections.at(-1)!).parts.find((each) => each.conductor === conductor);
      return part && (next ? part.a : part.b);
    };
    const [a, b] = fault.conductors.map(node);
    return a === undefined || b === undefined ? [] : [{ a, b, ohms: shortOhms }];
  });
}

/**
 * Capacitance that a meter shows between two points, farads; undefined where they are connected and no meter shows one.
 * Nodes joined by metal are one; everything else floats. Capacitors add like conductances, so the same equations serve.
 */
export function networkCapacitance(
  { resistors, capacitors, nodes }: LeadNetwork,
  a: number,
  b: number,
): number | undefined {
  const metal = new Groups(nodes);
  for (const { a: from, b: to, ohms } of resistors) if (ohms < leakyAbove) metal.join(from, to);
  if (metal.find(a) === metal.find(b)) return undefined;
  const elastances = capacitors.flatMap((capacitor): Resistor[] => {
    const [from, to] = [metal.find(capacitor.a), metal.find(capacitor.b)];
    return from === to || capacitor.farads <= 0 ? [] : [{ a: from, b: to, ohms: 1 / capacitor.farads }];
  });
  const elastance = networkResistance(elastances, nodes, metal.find(a), metal.find(b));
  return Number.isFinite(elastance) ? 1 / elastance : 0;
}

/** Above this a film leaks but does not join, ohm: a meter of capacitance still reads past it. */
const leakyAbove = 1e3;
