import { beforeEach, expect, test } from '@jest/globals';
import { act, renderHook, waitFor } from '@testing-library/react';
import { database } from '../data/database.ts';
import { useKeptValue } from './use-kept-value.ts';

beforeEach(() => database.kept.clear());

const hook = () => renderHook(() => useKeptValue('text', 'nothing'));
const kept = async () => (await database.kept.get('text'))?.text;

test('what was set back to what it once was stays so, whatever earlier writes echo', async () => {
  const { result } = hook();
  const seen: string[] = [];
  for (const text of ['', 'a', 'ab', 'abc', '']) act(() => result.current[1](text));
  for (let turn = 0; turn < 20; turn++) {
    await act(async () => void (await database.kept.get('text')));
    seen.push(result.current[0]);
  }
  expect(new Set(seen)).toEqual(new Set(['']));
  expect(await kept()).toBe('""');
});

test('what is set follows what was there, though the clock was set back in between', async () => {
  const later = performance.timeOrigin + performance.now() + 3_600_000;
  await database.kept.put({ key: 'text', text: '"of an hour ahead"', at: later });
  const { result } = hook();
  await waitFor(() => expect(result.current[0]).toBe('of an hour ahead'));
  act(() => result.current[1]('now'));
  expect(result.current[0]).toBe('now');
  await waitFor(async () => expect(await kept()).toBe('"now"'));
  expect(result.current[0]).toBe('now');
});

test('two changes in a row build on one another; what another part of the page writes later is taken over', async () => {
  const [first, second] = [hook(), hook()];
  act(() => {
    first.result.current[2]((now) => `${now}, one`);
    first.result.current[2]((now) => `${now}, two`);
  });
  expect(first.result.current[0]).toBe('nothing, one, two');
  await waitFor(() => expect(second.result.current[0]).toBe('nothing, one, two'));
  act(() => second.result.current[1]('other'));
  await waitFor(() => expect(first.result.current[0]).toBe('other'));
  act(() => first.result.current[2]((now) => `${now} again`));
  await waitFor(async () => expect(await kept()).toBe('"other again"'));
});
