import {
  networkOfSweep,
  takeOfMatrix,
  takeOfWiggle,
  emptyTake,
  traceOfAnswer,
} from '@gorvane/core/instrument/take-of.ts';
import type {
  InstrumentAnswer,
  InstrumentRequest,
  InstrumentState,
} from '@gorvane/core/instrument/messages.ts';
import type { PlannedReading } from '@gorvane/core/instrument/reading-plan.ts';
import type { VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import type { FamilyCheck } from '@gorvane/core/prove/family-checks.ts';
import { writeTouchstone } from '@gorvane/core/file/touchstone-write.ts';
import { writeTraceCsv } from '@gorvane/core/file/csv-trace.ts';
import type { Device, Readings } from '@gorvane/core/reading/reading.ts';
import type { ExpectedPath } from '@gorvane/core/prove/resistance.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { useEffect, useRef, useState } from 'react';
import { readInstrument } from '../../../data/bridge.ts';
import { keepText } from '../../../data/touchstone-files.ts';

/** What is read of a unit, and what turns answers into readings of it. */
export interface ReadingSubject {
  readonly wiring: Wiring;
  readonly limits: readonly ExpectedPath[];
  readonly virtual: VirtualSetup;
  readonly by: string;
  readonly celsius: number;
  readonly serial: string;
}

/** One thing for an instrument to read. */
export interface ReadingJob {
  readonly instrument: InstrumentState;
  readonly request: InstrumentRequest;
  readonly label: string;
  readonly before: string;
  readonly check?: FamilyCheck;
  /** The points of a capacitance that places an open. */
  readonly between?: { readonly from: string; readonly to: string };
}

/** Where a row of readings stands. */
export interface ReadingRun {
  readonly label: string;
  readonly part: number;
  /** Something must be put on or taken off by hand first. */
  readonly waitsFor: string | null;
}

/** Runs readings one after the other; each is handed on when it is whole, and nothing of one that failed. */
export function useInstruments(subject: ReadingSubject, onTake: (take: Readings) => void) {
  const [run, setRun] = useState<ReadingRun | undefined>();
  const [problem, setProblem] = useState<{ label: string; message: string; again: () => void } | undefined>();
  const stop = useRef<AbortController | undefined>(undefined);
  const goOn = useRef<(() => void) | undefined>(undefined);
  // A row of readings outlives the render that began it: it goes by what is set now.
  const latest = useRef({ subject, onTake });
  useEffect(() => {
    latest.current = { subject, onTake };
  });
  useEffect(() => () => stop.current?.abort(), []);

  const start = async (jobs: readonly ReadingJob[]): Promise<void> => {
    setProblem(undefined);
    const abort = new AbortController();
    stop.current = abort;
    let last = '';
    for (const [n, job] of jobs.entries()) {
      try {
        const show = (part: number, waitsFor: string | null = null) =>
          setRun({ label: job.label, part: (n + part) / jobs.length, waitsFor });
        // What must come off or go on a real lead is done by a hand, and said by it.
        if (!job.instrument.simulated && job.before !== '' && job.before !== last) {
          show(0, job.before);
          await hands(abort.signal, (resolve) => (goOn.current = resolve));
        }
        last = job.before;
        show(0);
        const { device, answer } = await readInstrument(job.instrument.id, job.request, {
          ...(job.instrument.simulated ? { virtual: latest.current.subject.virtual } : {}),
          signal: abort.signal,
          onProgress: (done, of) => show(of > 0 ? done / of : 0),
        });
        const { subject: now, onTake: hand } = latest.current;
        hand(await asTake(now, job, answer, device));
      } catch (error) {
        setProblem({
          label: job.label,
          message: error instanceof Error ? error.message : String(error),
          again: () => void start(jobs.slice(n)),
        });
        break;
      }
    }
    setRun(undefined);
  };
  return {
    run,
    problem,
    start: (jobs: readonly ReadingJob[]) => void start(jobs),
    goOn: () => goOn.current?.(),
    stop: () => stop.current?.abort(),
    forget: () => setProblem(undefined),
  };
}

/** Waits until somebody says that it is done, or stops. */
function hands(signal: AbortSignal, give: (resolve: () => void) => void): Promise<void> {
  return new Promise((resolve, reject) => {
    give(resolve);
    signal.addEventListener('abort', () => reject(new Error('Stopped. Nothing was taken.')));
  });
}

/** Jobs of a plan for the instruments that are there; what nobody here can read is left to the hand. */
export function jobsOf(
  plan: readonly PlannedReading[],
  instruments: readonly InstrumentState[],
): ReadingJob[] {
  return plan.flatMap(({ instrument: kind, ...reading }): ReadingJob[] => {
    const instrument = instruments.find((each) => each.kind === kind && each.device);
    return instrument ? [{ instrument, ...reading }] : [];
  });
}

async function asTake(
  { wiring, limits, by, celsius, serial }: ReadingSubject,
  { check, between }: ReadingJob,
  answer: InstrumentAnswer,
  device: Device,
): Promise<Readings> {
  const taken = { by, celsius, device };
  const empty = emptyTake(taken);
  switch (answer.kind) {
    case 'matrix':
      return takeOfMatrix(wiring, answer, taken);
    case 'wiggle':
      return takeOfWiggle(limits, answer, taken);
    case 'insulation':
      return { ...empty, insulationOhms: answer.ohms };
    case 'ohms':
      return { ...empty, family: { [check!.id]: answer.ohms } };
    case 'farads':
      if (check) return { ...empty, family: { [check.id]: answer.farads } };
      return answer.farads === null || !between
        ? empty
        : { ...empty, farads: [{ ...between, farads: answer.farads }] };
    case 'rejection':
      return { ...empty, family: { [check!.id]: Math.max(0, answer.decibels) } };
    case 'sweep': {
      const name = `${serial}.s2p`;
      const comments = [serial, device.name, device.serial, device.correction ?? ''].filter(
        (text) => text !== '',
      );
      const hash = await keepText(writeTouchstone(networkOfSweep(answer), { comments }));
      return { ...empty, sweep: { name, hash } };
    }
    case 'trace':
      return {
        ...empty,
        trace: { name: `${serial}.csv`, hash: await keepText(writeTraceCsv(traceOfAnswer(answer))) },
      };
  }
}
