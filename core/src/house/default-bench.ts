import { usualTimes } from '../quantity/time.ts';
import { firstRevision } from '../record/revise.ts';
import type { Bench } from './bench.ts';
import { benchId } from './house-id.ts';

/** A bench that nobody has set up yet. */
export function defaultBench(now: string): Bench {
  return {
    ...firstRevision(benchId, now),
    name: 'Bench one',
    serialPrefix: 'B1',
    nextSerial: 1,
    firstUnit: 'mm',
    times: usualTimes,
    theme: 'paper',
    stepDepth: 'first time',
  };
}
