import { brokenCores } from './broken-core.ts';
import type { ReadPath } from './read-path.ts';
import { readPaths } from './read-path.ts';
import type { Fault } from './fault.ts';
import { plannedAssignment } from './fault.ts';
import type { InjectedFault } from './injected-fault.ts';
import type { PairCheck } from './pair-matrix.ts';
import type { Proof } from './proof.ts';
import type { ProofPlan } from './proof-plan.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { partitionOf, plannedPartition } from '../wiring/wiring.ts';

/** One place where a joint may conduct badly, a film may leak, or one of several cores beside each other may be open. */
export interface BadJoint {
  readonly endId: string;
  readonly fault: Extract<InjectedFault, { kind: 'high resistance' | 'leak' | 'open' }>;
  /** The mistake of the matrix that is mended in the same way. */
  readonly mendedAs: Fault;
}

/**
 * What the matrix does not show, because everything is connected that should be: resistance that is too high on all paths
 * of a net that meet at one joint, one of paralleled cores that carries nothing, and films that leak between two nets. One list for
 * each, of the places that the readings leave: a core whose loss explains the figure before a joint that happens to have the
 * same, and of alike places the end that was worked on last, else as the ends stand in the lead.
 */
export function badJoints(
  plan: ProofPlan,
  proof: Proof,
  lastEndId?: string,
): readonly (readonly BadJoint[])[] {
  const nets = plannedPartition(proof.wiring);
  const found = [
    ...byNet(readPaths(plan.limits, proof), ({ ends }) => String(nets[ends[0]]!)).map((paths) => [
      ...brokenCores(plan, paths, proof.wiring),
      ...highResistance(paths, proof.wiring),
    ]),
    ...byNet(
      proof.pairs.filter(({ leak }) => leak),
      ({ from, to }) => [nets[from]!, nets[to]!].sort((a, b) => a - b).join(' '),
    ).map((pairs) => leaks(pairs, proof.wiring)),
  ];
  const endIds = plan.lead.ends.map(({ id }) => id);
  const rank = ({ endId, fault }: BadJoint) =>
    (fault.kind === 'open' ? 0 : 2 * endIds.length) + (endId === lastEndId ? 0 : 1 + endIds.indexOf(endId));
  return found
    .filter((places) => places.length > 0)
    .map((places) => [...places].sort((a, b) => rank(a) - rank(b)));
}

/** Things that are about the same net, or the same two. */
function byNet<Item>(items: readonly Item[], netOf: (item: Item) => string): Item[][] {
  const groups = new Map<string, Item[]>();
  for (const item of items) groups.set(netOf(item), [...(groups.get(netOf(item)) ?? []), item]);
  return [...groups.values()];
}

/**
 * Joints through which every path that was read is Out; of these the ones that explain the most. A path goes through a joint
 * when it is not there without it: where two shields share a contact, each has its own. Conductors that lie
 * beside each other are told apart by their contacts alone.
 */
function highResistance(paths: readonly ReadPath[], wiring: Wiring): BadJoint[] {
  if (!paths.some(({ isOut }) => isOut)) return [];
  const { points, terminals } = wiring;
  const planned = plannedAssignment(wiring);
  const through = (terminal: number, point: number) => {
    const without = partitionOf(wiring, planned, new Set([terminal]), []);
    const cut = paths.filter(({ ends: [a, b] }) => without[a] !== without[b]);
    return cut.length > 0 ? cut : paths.filter(({ ends }) => ends.includes(point));
  };
  const suspects = terminals.flatMap(({ point }, terminal) => {
    const mine = point === null ? [] : through(terminal, point);
    return mine.length > 0 && mine.every(({ isOut }) => isOut) ? [{ point: point!, terminal, mine }] : [];
  });
  const most = Math.max(0, ...suspects.map(({ mine }) => mine.length));
  return suspects
    .filter(({ mine }) => mine.length === most)
    .map(({ point, terminal, mine }): BadJoint => {
      const ohms = Math.max(0, Math.min(...mine.map(({ excess }) => excess)));
      return {
        endId: points[point]!.endId,
        fault: { kind: 'high resistance', terminal, ohms },
        mendedAs: { kind: 'open', terminal },
      };
    });
}

/** Contacts of one end between which a film of a net to another may lie. */
function leaks(pairs: readonly PairCheck[], { points }: Wiring): BadJoint[] {
  const ohms = Math.min(...pairs.map((pair) => pair.ohms!));
  return pairs
    .filter(({ from, to }) => points[from]!.endId === points[to]!.endId)
    .map(({ from, to }): BadJoint => ({
      endId: points[from]!.endId,
      fault: { kind: 'leak', points: [from, to], ohms },
      mendedAs: { kind: 'short', points: [from, to] },
    }));
}
