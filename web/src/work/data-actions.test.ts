import { beforeEach, expect, jest, test } from '@jest/globals';
import { waitFor } from '@testing-library/react';
import { dataWork, sayDataWork } from './data-work.ts';

/** A worker that answers when it is told to. */
class StandInWorker extends EventTarget {
  static last: StandInWorker;
  isOver = false;
  constructor() {
    super();
    StandInWorker.last = this;
  }
  postMessage() {}
  terminate() {
    this.isOver = true;
  }
}
Object.assign(globalThis, { Worker: StandInWorker });

let tell: (done: number, of: number) => void;
let answer: (result: unknown) => void;
const locks = { request: (_: string, __: object, work: () => Promise<unknown>) => work() };
Object.defineProperty(navigator, 'locks', { value: locks });
Object.assign(globalThis, {
  BroadcastChannel: class {
    postMessage() {}
    close() {}
  },
});
jest.mock('comlink', () => ({
  proxy: (given: typeof tell) => given,
  wrap: () => ({
    takeSoundFile: (_: File, given: typeof tell) => {
      tell = given;
      return new Promise((resolve) => (answer = resolve));
    },
    exportEverything: () => new Promise(() => undefined),
    stop: () => undefined,
  }),
}));

// After what stands in for the worker is in its place.
const actions = import('./data-actions.ts');
const file = new File(['any'], 'shop.zip');
const result = { added: 3, replaced: 0, kept: 1, clashes: [] };

beforeEach(() => sayDataWork({ isSeen: true }));

test('what a worker tells after its answer does not stand over what came of the work', async () => {
  const { importFile } = await actions;
  const done = importFile(file);
  tell(1, 2);
  expect(dataWork().running).toMatchObject({ label: 'Reading shop.zip in', done: 1, of: 2, holds: true });
  answer(result);
  expect(await done).toBe(true);
  tell(2, 2);
  expect(dataWork()).toEqual({
    said: '3 records added, 0 replaced by newer ones, 1 kept as they were.',
    isSeen: false,
  });
});

test('what changes nothing is left at once when it is stopped, however long its worker would take', async () => {
  const { exportAll } = await actions;
  const done = exportAll('everything.zip');
  await waitFor(() => expect(dataWork().running?.label).toBe('Exporting everything'));
  dataWork().running!.stop();
  expect(await done).toBe(false);
  expect(dataWork().said).toBe('Stopped. Nothing was changed.');
  expect(StandInWorker.last.isOver).toBe(true);
});

test('a worker that cannot be started or breaks off is said, and does not wait for ever', async () => {
  const { importFile } = await actions;
  const done = importFile(file);
  StandInWorker.last.dispatchEvent(Object.assign(new Event('error'), { message: 'cannot be loaded' }));
  expect(await done).toBe(false);
  expect(dataWork().problem).toMatch(/^The part of the program .*\(cannot be loaded\)\. Load the page again/);
  expect(dataWork().running).toBeUndefined();
  expect(StandInWorker.last.isOver).toBe(true);
});
