import type { Fault } from './fault.ts';
import type { InjectedFault } from './injected-fault.ts';
import type { Proof, ProofPlan } from './proof.ts';
import { connectedBelow } from './reading.ts';
import type { ExpectedPath } from './resistance.ts';
import { plannedPartition } from './wiring.ts';

/** One place where a joint may conduct badly, or a film may leak. */
export interface BadJoint {
  readonly endId: string;
  readonly fault: Extract<InjectedFault, { kind: 'high resistance' | 'leak' }>;
  /** The mistake of the matrix that is mended in the same way. */
  readonly mendedAs: Fault;
}

/**
 * What the matrix does not show, because everything is connected that should be: resistance that is too high on all paths
 * of a net that meet at one joint, and films that leak between two nets. One list for each, of the places that the readings
 * leave; the end that was worked on last comes first.
 */
export function badJoints(
  { limits }: Pick<ProofPlan, 'limits'>,
  proof: Proof,
  lastEndId?: string,
): readonly (readonly BadJoint[])[] {
  const nets = plannedPartition(proof.wiring);
  const found = [...new Set(nets)].flatMap((net) => [
    highResistance(limits, proof, nets, net),
    ...[...new Set(nets)].filter((other) => other > net).map((other) => leaks(proof, nets, net, other)),
  ]);
  const rank = ({ endId }: BadJoint) => (endId === lastEndId ? 0 : 1);
  return found
    .filter((places) => places.length > 0)
    .map((places) => [...places].sort((a, b) => rank(a) - rank(b)));
}

function highResistance(
  limits: readonly ExpectedPath[],
  { wiring, checks, pairs }: Proof,
  nets: readonly number[],
  net: number,
): BadJoint[] {
  const { points, terminals } = wiring;
  const paths = limits.flatMap((path) => {
    const [a, b] = [path.from, path.to].map((id) => points.findIndex((point) => point.id === id));
    const check = checks.find(({ id }) => id === `resistance ${path.id}`);
    const ohms = pairs.find(({ from, to }) => from === a && to === b)?.ohms;
    if (nets[a!] !== net || !check || ohms === undefined || ohms >= connectedBelow) return [];
    return [{ ends: [a!, b!], isOut: check.verdict === 'Out', excess: ohms - path.expected }];
  });
  const high = paths.filter(({ isOut }) => isOut);
  const through = (point: number) => paths.filter(({ ends }) => ends.includes(point));
  const suspects = terminals.flatMap(({ point }, terminal) =>
    point !== null && through(point).length > 0 && through(point).every(({ isOut }) => isOut)
      ? [{ point, terminal, explains: through(point).length }]
      : [],
  );
  const most = Math.max(0, ...suspects.map(({ explains }) => explains));
  return suspects
    .filter(({ explains }) => explains === most)
    .map(({ point, terminal }): BadJoint => {
      const ohms = Math.min(...high.filter(({ ends }) => ends.includes(point)).map(({ excess }) => excess));
      return {
        endId: points[point]!.endId,
        fault: { kind: 'high resistance', terminal, ohms: Math.max(0, ohms) },
        mendedAs: { kind: 'open', terminal },
      };
    });
}

function leaks({ wiring, pairs }: Proof, nets: readonly number[], net: number, other: number): BadJoint[] {
  const between = pairs.filter(
    ({ from, to, leak }) =>
      leak && [nets[from], nets[to]].includes(net) && [nets[from], nets[to]].includes(other),
  );
  const ohms = Math.min(...between.map((pair) => pair.ohms!));
  return between
    .filter(({ from, to }) => wiring.points[from]!.endId === wiring.points[to]!.endId)
    .map(({ from, to }): BadJoint => ({
      endId: wiring.points[from]!.endId,
      fault: { kind: 'leak', points: [from, to], ohms },
      mendedAs: { kind: 'short', points: [from, to] },
    }));
}
