import type { Network } from '../line/network.ts';
import type { CheckBase, CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { Judged } from './judge.ts';
import { judgeAtLeast, judgeAtMost, judgeBetween } from './judge.ts';
import type { JudgedSweep } from './sweep-judge.ts';
import {
  judgeLossAt,
  judgeReturnLossAt,
  judgeSweep,
  lengthLimits,
  limitsByHand,
  sweepWhy,
} from './sweep-judge.ts';
import type { SweepLine } from './sweep-line.ts';

/** Sweeps by the checksum of their file. */
export type Sweeps = ReadonlyMap<string, Network>;

const lossBase: CheckBase = {
  key: { kind: 'loss' },
  label: 'Insertion loss over the band',
  quantity: 'decibel',
  bound: 'at most',
  why: sweepWhy.loss,
};
const returnLossBase: CheckBase = {
  key: { kind: 'return loss' },
  label: 'Return loss over the band',
  quantity: 'decibel',
  bound: 'at least',
  why: sweepWhy.returnLoss,
};
const lengthBase: CheckBase = {
  key: { kind: 'length' },
  label: 'Length by its delay',
  quantity: 'distance',
  bound: 'between',
  why: sweepWhy.length,
};

/** Loss and match as somebody read them off and typed them. */
function readByHand(
  { family, instrument }: CheckContext['takes'][number],
  limits: ReturnType<typeof limitsByHand>,
) {
  const [loss, returnLoss] = [family?.loss, family?.['return loss']];
  return {
    instrument,
    loss: typeof loss === 'number' ? judgeLossAt(loss, limits.loss, undefined) : undefined,
    returnLoss:
      typeof returnLoss === 'number'
        ? judgeReturnLossAt(returnLoss, limits.returnLoss, undefined)
        : undefined,
  };
}

/** Loss, match and length of a coax lead from its sweeps, one method for each; loss and match also as read by hand. */
export function sweepChecks(
  line: SweepLine,
  frequencies: readonly number[],
  { takes, house }: CheckContext,
  sweeps: Sweeps,
): ProofCheck[] {
  const judged = takes.flatMap(({ sweep, instrument, device }) => {
    const network = sweep && sweeps.get(sweep.hash);
    return network ? [{ instrument, result: judgeSweep(line, frequencies, network, house, device) }] : [];
  });
  const limits = limitsByHand(line, frequencies, house);
  const byHand = takes.map((take) => readByHand(take, limits));
  const isAsked = house.practice.alsoAsk.includes('sweep');
  const check = (
    base: CheckBase,
    of: (result: JudgedSweep) => Judged | undefined,
    typed: (read: ReturnType<typeof readByHand>) => Judged | undefined,
    unread: Judged,
  ) =>
    checkOf(
      base,
      [
        ...judged.map(({ instrument, result }) => ({ instrument, judged: of(result) })),
        ...byHand.map((read) => ({ instrument: read.instrument, judged: typed(read) })),
      ].flatMap(({ instrument, judged: found }) =>
        found && found.reading !== undefined ? [{ instrument, judged: found }] : [],
      ),
      unread,
      !isAsked,
    );
  return [
    check(
      lossBase,
      ({ loss }) => loss?.judged,
      ({ loss }) => loss,
      judgeAtMost(undefined, limits.loss, 0),
    ),
    check(
      returnLossBase,
      ({ returnLoss }) => returnLoss.judged,
      ({ returnLoss }) => returnLoss,
      judgeAtLeast(undefined, limits.returnLoss, 0),
    ),
    check(
      lengthBase,
      ({ length }) => length?.judged,
      () => undefined,
      judgeBetween(undefined, lengthLimits(line), 0),
    ),
  ];
}
