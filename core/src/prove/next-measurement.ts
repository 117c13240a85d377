import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import type { Explanation } from './diagnosis.ts';
import type { Fault } from './fault.ts';
import { endOfFault } from './fault.ts';
import type { CapacitanceWanted } from './place.ts';
import { capacitancesWanted } from './place.ts';
import type { PieceLengths } from './resistance.ts';
import type { Wiring } from '../wiring/wiring.ts';

/** The measurement that would tell tied explanations apart. The screen words it. */
export type NextMeasurement =
  | {
      readonly code: 'capacitance from each end';
      readonly terminal: number;
      readonly wanted: readonly CapacitanceWanted[];
    }
  | { readonly code: 'resistance from each end' }
  | { readonly code: 'look at each end'; readonly ends: readonly string[] };

/**
 * What to measure next when several explanations remain: an open is placed by capacitance from each end (whole cable
 * against connector alone), a short by the resistance into it from each end; seatings want a look. Undefined with one explanation.
 */
export function nextMeasurement(
  lead: Lead,
  wiring: Wiring,
  explanations: readonly Explanation[],
  lengths: PieceLengths,
): NextMeasurement | undefined {
  if (explanations.length < 2) return undefined;
  const differing = differingFaults(explanations);
  for (const fault of differing) {
    if (fault.kind !== 'open') continue;
    const wanted = capacitancesWanted({ lead, wiring, lengths }, fault.terminal);
    if (wanted) return { code: 'capacitance from each end', terminal: fault.terminal, wanted };
  }
  if (differing.every(({ kind }) => kind === 'short')) return { code: 'resistance from each end' };
  const ends = new Set(differing.map((fault) => endOfFault(wiring, fault)));
  return { code: 'look at each end', ends: [...ends].map((endId) => endById(lead, endId).name) };
}

/** Faults that not every explanation has: what is to be told apart. */
function differingFaults(explanations: readonly Explanation[]): Fault[] {
  const counts = new Map<string, { fault: Fault; count: number }>();
  for (const { faults } of explanations)
    for (const fault of faults) {
      const key = JSON.stringify(fault);
      counts.set(key, { fault, count: (counts.get(key)?.count ?? 0) + 1 });
    }
  return [...counts.values()].filter(({ count }) => count < explanations.length).map(({ fault }) => fault);
}

/** Whether a fault of an end could as well sit in the cable: an open or a short of conductors of one piece. */
export function mayBeInCable(wiring: Wiring, fault: Fault): boolean {
  if (fault.kind === 'open') return true;
  if (fault.kind !== 'short') return false;
  const pieces = fault.points
    .map((point) => wiring.terminals.find((terminal) => terminal.point === point))
    .map((terminal) => terminal && wiring.conductors[terminal.conductor]!.pieceId);
  return pieces[0] !== undefined && pieces[0] === pieces[1];
}
