import { afterEach, expect, test } from '@jest/globals';
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { database } from './database.ts';
import { keepTouchstone, useKeptFiles } from './touchstone-files.ts';

afterEach(async () => {
  cleanup();
  await database.blobs.clear();
});

const sweep = (loss: number) =>
  new File([`# MHz S RI R 50\n1 0 0 ${loss} 0 ${loss} 0 0 0\n2 0 0 ${loss} 0 ${loss} 0 0 0\n`], 'a.s2p');

test('a kept sweep stays the same object when another is kept: its curves are not worked out again', async () => {
  const first = await keepTouchstone(sweep(0.9));
  const { result, rerender } = renderHook(({ wanted }) => useKeptFiles(wanted), {
    initialProps: { wanted: [first] },
  });
  await waitFor(() => expect(result.current?.size).toBe(1));
  const read = result.current!.get(first.hash)!.network;
  const second = await keepTouchstone(sweep(0.8));
  rerender({ wanted: [first, second] });
  await waitFor(() => expect(result.current?.size).toBe(2));
  expect(result.current!.get(first.hash)!.network).toBe(read);
  expect(result.current!.get(second.hash)!.network).not.toBe(read);
});
