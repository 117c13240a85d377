import type { Wiring } from '../wiring/wiring.ts';
import { partitionOf } from '../wiring/wiring.ts';
import type { ReadPath } from './read-path.ts';
import type { Fault } from './fault.ts';
import { plannedAssignment } from './fault.ts';
import type { InjectedFault } from './injected-fault.ts';
import { leadNetwork } from './lead-network.ts';
import { solveNetwork } from './network.ts';
import type { ProofPlan } from './proof-plan.ts';

/** An end of a core that may carry nothing. */
export interface BrokenCore {
  readonly endId: string;
  readonly fault: Extract<Fault, { kind: 'open' }>;
  readonly mendedAs: Fault;
}

/** Copper and contacts of a made cable are within this part of their figures. Engineering value. */
const copperSpread = 0.1;

/**
 * Cores that lie beside others on the same contacts, each of which by carrying nothing would make every path that was read
 * what it is: of two alike the path then has twice its copper. Each end of each such core is one place.
 */
export function brokenCores(plan: ProofPlan, paths: readonly ReadPath[], wiring: Wiring): BrokenCore[] {
  if (!paths.some(({ isOut }) => isOut)) return [];
  const planned = plannedAssignment(wiring);
  const together = partitionOf(wiring, planned, new Set(), []);
  const nets = new Set(paths.flatMap(({ ends }) => ends).map((point) => together[point]!));
  return wiring.terminals.flatMap(({ point, endId }, terminal): BrokenCore[] => {
    if (point === null || !nets.has(together[point]!)) return [];
    const without = partitionOf(wiring, planned, new Set([terminal]), []);
    const isBeside = without.every((block, at) => block === together[at]);
    const fault = { kind: 'open', terminal } as const;
    return isBeside && explains(plan, paths, wiring, fault) ? [{ endId, fault, mendedAs: fault }] : [];
  });
}

/** Whether every path has what the network of the lead has with a fault in it, and some of them not without. */
function explains(
  { lead, lengths, house }: ProofPlan,
  paths: readonly ReadPath[],
  wiring: Wiring,
  fault: InjectedFault,
): boolean {
  const solved = (faults: readonly InjectedFault[]) => {
    const { resistors, nodes } = leadNetwork(
      { lead, lengths: new Map(Object.entries(lengths)), celsius: house.roomCelsius, faults },
      wiring,
    );
    return solveNetwork(resistors, nodes);
  };
  const [sound, broken] = [solved([]), solved([fault])];
  const isNear = ({ ohms, uncertainty }: ReadPath, there: number) =>
    Math.abs(ohms - there) <= uncertainty + copperSpread * there;
  return (
    paths.every((path) => isNear(path, broken(...path.ends))) &&
    paths.some((path) => !isNear(path, sound(...path.ends)))
  );
}
