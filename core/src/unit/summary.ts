import type { Signal } from '../connector/signal.ts';
import type { TroubleId } from '../recipe/trouble-id.ts';
import type { Verdict } from '../strip/measured.ts';
import type { UnitProgress } from './progress.ts';
import { isAtWork, unitProgress } from './progress.ts';
import type { Unit, UnitEvent } from './unit.ts';
import { marksOf, stateWords } from './unit-state.ts';

export const unitStates = ['not started', 'at work', 'set aside', 'finished', 'given up'] as const;
export type UnitStateName = (typeof unitStates)[number];

/** What places show of a unit without reading its record. Made from the record alone, so that it can be made again. */
export interface UnitSummary {
  readonly id: string;
  readonly serial: string;
  readonly leadId: string;
  readonly orderId: string;
  readonly lineId: string;
  readonly sequence: number;
  readonly deleted: boolean;
  /** The order as it is called, and who wants it. */
  readonly order: string;
  /** The lead as it was called when the unit was started; empty before. */
  readonly lead: string;
  readonly family: Signal | null;
  readonly state: UnitStateName;
  /** The same in words: the next step, or why it was set aside or given up. */
  readonly stands: string;
  /** Stage of the next step; null where there is none. */
  readonly stage: string | null;
  readonly done: number;
  readonly steps: number;
  readonly started: string | null;
  readonly finished: string | null;
  /** Time and person of the last entry. */
  readonly last: { readonly at: string; readonly by: string } | null;
  readonly people: readonly string[];
  /** Days with an entry, year-month-day in UTC. */
  readonly days: readonly string[];
  /** Of the last proof; null where none was recorded. */
  readonly verdict: Verdict | null;
  readonly isProofStale: boolean;
  readonly marks: readonly string[];
  /** Proved Good at once, without a way back or a return; null while it is not finished. */
  readonly firstPass: boolean | null;
  readonly faults: readonly TroubleId[];
  /** Time at work, seconds, as far as it was taken. */
  readonly seconds: number;
}

/** What a unit and its record say of it: all but what its order is called. */
export type RecordSummary = Omit<UnitSummary, 'order'>;

/** Sums a unit up. `events` is its whole record in chain order. */
export function summaryOf(unit: Unit, events: readonly UnitEvent[]): RecordSummary {
  const progress = unitProgress(unit, events);
  const last = events.at(-1);
  const { id, serial, leadId, orderId, lineId, sequence, deleted, plan } = unit;
  return {
    ...{ id, serial, leadId, orderId, lineId, sequence, deleted },
    lead: plan?.lead.name ?? '',
    family: plan?.lead.signal ?? null,
    state: stateOf(progress),
    stands: stateWords(progress),
    stage: progress.current?.stage ?? null,
    done: progress.done.size,
    steps: progress.steps.length,
    started: events.find(({ happening }) => happening.kind === 'started')?.at ?? null,
    finished: progress.finished
      ? (events.findLast(({ happening }) => happening.kind === 'finished')?.at ?? null)
      : null,
    last: last ? { at: last.at, by: last.by } : null,
    people: [...new Set(events.map(({ by }) => by))],
    days: [...new Set(events.map(({ at }) => at.slice(0, 10)))],
    verdict: progress.proofs.at(-1)?.verdict ?? null,
    isProofStale: progress.isProofStale,
    marks: marksOf(progress),
    firstPass: firstPassOf(progress),
    faults: [...new Set(progress.troubles.map(({ seen }) => seen))],
    seconds: [...progress.seconds.values()].reduce((sum, seconds) => sum + seconds, 0),
  };
}

function stateOf(progress: UnitProgress): UnitStateName {
  if (progress.scrapped !== null) return 'given up';
  if (progress.finished) return 'finished';
  if (progress.aside !== null) return 'set aside';
  return progress.started && isAtWork(progress) ? 'at work' : 'not started';
}

function firstPassOf({ finished, scrapped, proofs, reworks, returns }: UnitProgress): boolean | null {
  if (!finished && scrapped === null) return null;
  return finished && proofs[0]?.verdict === 'Good' && reworks.length === 0 && returns.length === 0;
}
