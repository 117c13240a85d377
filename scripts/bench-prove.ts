import type { Readings } from '@gorvane/core/reading/reading.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { pairsOfPoints, partitionOf } from '@gorvane/core/wiring/wiring.ts';
import { continuityCheck } from '@gorvane/core/prove/checks.ts';
import { diagnose } from '@gorvane/core/prove/diagnosis.ts';
import type { Fault } from '@gorvane/core/prove/fault.ts';
import { misassign, plannedAssignment } from '@gorvane/core/prove/fault.ts';
import { pairMatrix } from '@gorvane/core/prove/pair-matrix.ts';
import { judgeSweep } from '@gorvane/core/prove/sweep-judge.ts';
import { sweepLineOf } from '@gorvane/core/prove/sweep-line.ts';
import { sweepVirtualLead } from '@gorvane/core/prove/virtual-line.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { frequencyGrid } from '@gorvane/core/line/cascade.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { exampleLead, house } from '@gorvane/core/testing/example.ts';
import { Bridge } from '../server/src/bridge/bridge.ts';
import { startSimulated } from '../server/src/simulated/simulated.ts';
import { pairGridPaths } from '../web/src/drawing/pair-grid.ts';

/** A straight lead of so many conductors between two ends. */
function straight(conductors: number): Wiring {
  const ends = ['A', 'B'];
  return {
    points: ends.flatMap((endId) =>
      Array.from({ length: conductors }, (_, n) => ({
        id: `${endId}.${n + 1}`,
        endId,
        contact: String(n + 1),
        label: `end ${endId} ${n + 1}`,
        shortLabel: '',
        isShell: false,
      })),
    ),
    conductors: Array.from({ length: conductors }, (_, n) => ({
      id: `core ${n}`,
      pieceId: 'cable',
      label: `core ${n + 1}`,
    })),
    terminals: ends.flatMap((endId, end) =>
      Array.from({ length: conductors }, (_, n) => ({ conductor: n, endId, point: end * conductors + n })),
    ),
  };
}

/** A matrix of 128 points, read whole: judged, and its drawing made. */
export function matrixOf128(): () => unknown {
  const wiring = straight(64);
  const pairs = pairsOfPoints(128).map(([a, b]) => ({
    from: wiring.points[a]!.id,
    to: wiring.points[b]!.id,
    ohms: b - a === 64 ? 0.2 : null,
  }));
  const take: Readings = { by: 'b', instrument: 'tester', celsius: 20, pairs };
  return () => {
    const matrix = pairMatrix(wiring, [take]);
    return [continuityCheck(matrix), pairGridPaths(matrix.pairs)];
  };
}

/** 64 points with four mistakes: two opens, a short and a swap. */
export function diagnosisOf64(): () => unknown {
  const wiring = straight(32);
  const faults: Fault[] = [
    { kind: 'open', terminal: 3 },
    { kind: 'open', terminal: 40 },
    { kind: 'short', points: [10, 11] },
    { kind: 'swap', terminals: [20, 25] },
  ];
  const assignment = faults.reduce(
    (now, fault) => [...misassign(wiring, now, fault)],
    [...plannedAssignment(wiring)],
  );
  const measured = partitionOf(wiring, assignment, new Set([3, 40]), [[10, 11]]);
  return () => diagnose(wiring, measured);
}

/** A two-port sweep of 2 001 points judged against its prediction. */
export function sweepOf2001(): () => unknown {
  const { lead, card } = exampleLead();
  const plan = planLead(lead, [card], house);
  const line = sweepLineOf(lead, plan.lengths)!;
  const virtual = { lead, lengths: plan.lengths, celsius: 20, faults: [] };
  const network = sweepVirtualLead(virtual, frequencyGrid(1e6, 1e9, 2001), seededRandom(1));
  return () => judgeSweep(line, lead.requirement.frequencies, network, house);
}

/** Sweeps of 2 001 points that the bridge relays in a second, each swept anew, read over TCP and checked whole. */
export async function sweepsPerSecond(): Promise<number> {
  const { lead, card } = exampleLead();
  const plan = planLead(lead, [card], house);
  const bench = await startSimulated();
  const bridge = new Bridge(bench.instruments);
  const virtual = {
    lead,
    lengths: Object.fromEntries(plan.lengths),
    celsius: 20,
    faults: [],
    seed: 1,
    temper: 'well' as const,
  };
  const read = () =>
    bridge.read('sim-analyser', { kind: 'sweep', from: 1e6, to: 1e9, points: 2001 }, virtual, {
      cancelled: () => false,
      progress: () => undefined,
    });
  for (let warm = 0; warm < 5; warm++) await read();
  const count = 40;
  const start = performance.now();
  for (let n = 0; n < count; n++) {
    const { answer } = await read();
    if (answer.kind !== 'sweep' || answer.parameters.length !== 4) throw new Error('A sweep was lost.');
  }
  const seconds = (performance.now() - start) / 1000;
  bridge.close();
  await bench.close();
  return count / seconds;
}
