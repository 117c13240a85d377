import { connectedBelow } from '../reading/reading.ts';
import { placeOfPair } from '../wiring/wiring.ts';
import type { Proof } from './proof.ts';
import type { ExpectedPath } from './resistance.ts';

/** A planned path that was read: its points, whether it is Out, what it has at the temperature of the plan, and what of it is beyond the expected, ohm. */
export interface ReadPath {
  readonly ends: readonly [number, number];
  readonly isOut: boolean;
  readonly ohms: number;
  readonly excess: number;
  readonly uncertainty: number;
}

export function readPaths(limits: readonly ExpectedPath[], { wiring, checks, pairs }: Proof): ReadPath[] {
  const indexOf = new Map(wiring.points.map(({ id }, index) => [id, index]));
  const judged = new Map(
    checks.flatMap((check) => (check.key.kind === 'resistance' ? [[check.key.pathId, check]] : [])),
  );
  return limits.flatMap((path): ReadPath[] => {
    const [a, b] = [indexOf.get(path.from)!, indexOf.get(path.to)!];
    const ohms = pairs[placeOfPair(wiring.points.length, a, b)]!.ohms;
    if (ohms === undefined || ohms >= connectedBelow) return [];
    const check = judged.get(path.id);
    // As it counts: without the leads of the meter, and as warm as the plan is.
    const { reading = ohms, limit = path.limit.value, uncertainty = 0 } = check?.judged ?? {};
    const read = reading * (path.limit.value / limit);
    return [
      {
        ends: [a, b],
        isOut: check?.verdict === 'Out',
        ohms: read,
        excess: read - path.expected,
        uncertainty,
      },
    ];
  });
}
