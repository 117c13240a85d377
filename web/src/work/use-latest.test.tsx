import { expect, test } from '@jest/globals';
import { act, renderHook, waitFor } from '@testing-library/react';
import { useLatest } from './use-latest.ts';

/** Work that ends when the test says so. */
function work() {
  const started: number[] = [];
  const ends = new Map<number, (end: string | Error) => void>();
  const run = (job: number) =>
    new Promise<string>((resolve, reject) => {
      started.push(job);
      ends.set(job, (end) => (typeof end === 'string' ? resolve(end) : reject(end)));
    });
  return { started, ends, run };
}

test('only the newest job waits, superseded answers are dropped, and the last good one stays', async () => {
  const { started, ends, run } = work();
  const { result, rerender } = renderHook(({ job }) => useLatest(job, run), { initialProps: { job: 1 } });
  await waitFor(() => expect(result.current.busy).toBe(true));
  rerender({ job: 2 });
  rerender({ job: 3 });
  await act(async () => ends.get(1)!('one'));
  expect(result.current.answer).toBeUndefined();
  await waitFor(() => expect(started).toEqual([1, 3]));
  await act(async () => ends.get(3)!('three'));
  expect(result.current).toEqual({ answer: 'three', busy: false, problem: undefined });
  rerender({ job: 4 });
  await waitFor(() => expect(started).toContain(4));
  await act(async () => ends.get(4)!(new Error('cannot be')));
  expect(result.current).toMatchObject({ answer: 'three', problem: 'cannot be' });
});
