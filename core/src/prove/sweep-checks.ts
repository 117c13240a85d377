import type { Network } from '../file/network.ts';
import type { CheckBase, CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { Judged } from './judge.ts';
import type { JudgedSweep } from './sweep-judge.ts';
import { judgeByHand, judgeSweep, sweepWhy } from './sweep-judge.ts';
import type { SweepLine } from './sweep-line.ts';

/** Sweeps by the checksum of their file. */
export type Sweeps = ReadonlyMap<string, Network>;

const unread = (): Judged => ({
  verdict: 'Not yet',
  reading: undefined,
  limit: NaN,
  uncertainty: 0,
  reason: 'not measured',
});

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
  const byHand = takes.flatMap(({ family, instrument }) => {
    const figure = (id: string) => family?.[id] ?? undefined;
    const read = { loss: figure('loss'), returnLoss: figure('return loss') };
    return read.loss === undefined && read.returnLoss === undefined
      ? []
      : [{ instrument, ...judgeByHand(line, frequencies, house, read) }];
  });
  const isAsked = house.practice.alsoAsk.includes('sweep');
  const check = (
    base: CheckBase,
    of: (result: JudgedSweep) => Judged | undefined,
    typed: (read: (typeof byHand)[number]) => Judged | undefined,
  ) =>
    checkOf(
      base,
      [
        ...judged.map(({ instrument, result }) => ({ instrument, judged: of(result) })),
        ...byHand.map((read) => ({ instrument: read.instrument, judged: typed(read) })),
      ].flatMap(({ instrument, judged: found }) =>
        found && found.reading !== undefined ? [{ instrument, judged: found }] : [],
      ),
      unread(),
      !isAsked,
    );
  return [
    check(
      {
        id: 'loss',
        label: 'Insertion loss over the band',
        quantity: 'decibel',
        bound: 'at most',
        why: sweepWhy.loss,
      },
      ({ loss }) => loss?.judged,
      ({ loss }) => loss,
    ),
    check(
      {
        id: 'return loss',
        label: 'Return loss over the band',
        quantity: 'decibel',
        bound: 'at least',
        why: sweepWhy.returnLoss,
      },
      ({ returnLoss }) => returnLoss.judged,
      ({ returnLoss }) => returnLoss,
    ),
    check(
      {
        id: 'length',
        label: 'Length by its delay',
        quantity: 'distance',
        bound: 'between',
        why: sweepWhy.length,
      },
      ({ length }) => length?.judged,
      () => undefined,
    ),
  ];
}
