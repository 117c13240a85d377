import { sweepWords } from '../words/proof-check.ts';
import type { Network } from '../line/network.ts';
import type { CheckKey } from '../reading/check-key.ts';
import type { CheckBase, CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { Judged, MethodReading } from './judge.ts';
import { judgeAtLeast, judgeAtMost } from './judge.ts';
import { lengthCheck } from './length-check.ts';
import { networkAnalyser } from './network-analyser.ts';
import { notAsked } from './proof-level.ts';
import type { JudgedSweep } from './sweep-judge.ts';
import { judgeSweep, lengthLimits, spotLimits, sweepWhy } from './sweep-judge.ts';
import type { SweepLine } from './sweep-line.ts';

/** Sweeps by the checksum of their file. */
export type Sweeps = ReadonlyMap<string, Network>;

const lossBase: CheckBase = {
  key: { kind: 'loss' },
  label: sweepWords.loss,
  quantity: 'decibel',
  bound: 'at most',
  why: sweepWhy.loss,
};
const returnLossBase: CheckBase = {
  key: { kind: 'return loss' },
  label: sweepWords.returnLoss,
  quantity: 'decibel',
  bound: 'at least',
  why: sweepWhy.returnLoss,
};
/** Loss, match and length of a coax lead from its sweeps, one method for each; length also as somebody read it by what comes back. */
export function sweepChecks(
  line: SweepLine,
  frequencies: readonly number[],
  context: CheckContext,
  sweeps: Sweeps,
): ProofCheck[] {
  const { takes, house } = context;
  const judged = takes.flatMap(({ sweep, instrument, device }) => {
    const network = sweep && sweeps.get(sweep.hash);
    return network ? [{ instrument, result: judgeSweep(line, frequencies, network, house, device) }] : [];
  });
  const methodsOf = (of: (result: JudgedSweep) => Judged | undefined): MethodReading[] =>
    judged.flatMap(({ instrument, result }) => {
      const found = of(result);
      return found && found.reading !== undefined ? [{ instrument, judged: found }] : [];
    });
  const limits = spotLimits(line, Math.max(...frequencies), house);
  const unasked = (key: CheckKey) => notAsked({ key, ...networkAnalyser(Math.max(...frequencies)) }, context);
  return [
    checkOf(
      lossBase,
      methodsOf(({ loss }) => loss?.judged),
      judgeAtMost(undefined, limits.loss, 0),
      unasked(lossBase.key),
    ),
    checkOf(
      returnLossBase,
      methodsOf(({ returnLoss }) => returnLoss.judged),
      judgeAtLeast(undefined, limits.returnLoss, 0),
      unasked(returnLossBase.key),
    ),
    lengthCheck(
      lengthLimits(line),
      methodsOf(({ length }) => length?.judged),
      context,
    ),
  ];
}
