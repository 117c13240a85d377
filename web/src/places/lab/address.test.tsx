import { expect, test } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { createMemoryRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { useAddress } from './address.ts';
import { choice, count, length } from './fields.ts';

const fields = { run: length('10 m'), many: count('3', 1, 9, 'a count'), kind: choice(['a', 'b'], 'a') };

function open(address: string) {
  let children: ReactNode = null;
  const router = createMemoryRouter([{ path: '/', Component: () => children }], {
    initialEntries: [address],
  });
  const view = renderHook(() => useAddress(fields), {
    wrapper: (props) => {
      children = props.children;
      return <RouterProvider router={router} />;
    },
  });
  return { router, view };
}

test('what the address does not say has its usual value', () => {
  const { view } = open('/?many=5');
  expect(view.result.current.values).toEqual({ run: 10, many: 5, kind: 'a' });
  expect(view.result.current.texts.run).toBe('10 m');
  expect(view.result.current.problems).toEqual([]);
});

test('two changes at once are both kept, the usual value leaves the address, and strangers stay', async () => {
  const { router, view } = open('/?other=1&many=5');
  await act(async () => {
    view.result.current.set({ run: '60 ft' });
    view.result.current.set({ kind: 'b', many: '3' });
  });
  const search = new URLSearchParams(router.state.location.search);
  expect(Object.fromEntries(search)).toEqual({ other: '1', run: '60 ft', kind: 'b' });
  expect(view.result.current.values.run).toBeCloseTo(18.288, 6);
});

test('each thing that cannot be read is named once, and the rest is taken', () => {
  const { view } = open('/?run=-3&many=2.5&kind=b');
  expect(view.result.current.problems.map((problem) => problem.split(':')[0])).toEqual(['run', 'many']);
  expect(view.result.current.values).toEqual({ run: 10, many: 3, kind: 'b' });
});

test('undo takes back what was typed on the page, and redo makes it again', async () => {
  const { router, view } = open('/?other=1');
  await act(async () => view.result.current.set({ run: '60 ft' }));
  await act(async () => view.result.current.set({ many: '5' }));
  const press = (key: string) =>
    act(
      async () =>
        void document.documentElement.dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey: true })),
    );
  const texts = () => [view.result.current.texts.run, view.result.current.texts.many];
  await press('z');
  expect(texts()).toEqual(['60 ft', '3']);
  await press('z');
  await press('z');
  expect(texts()).toEqual(['10 m', '3']);
  expect(router.state.location.search).toBe('?other=1');
  await press('y');
  expect(texts()).toEqual(['60 ft', '3']);
});

test('the way back of the browser takes the last value back, too; what stands already is no change', async () => {
  const { router, view } = open('/?other=1');
  expect(view.result.current.undo).toBeUndefined();
  await act(async () => view.result.current.set({ run: '60 ft' }));
  await act(async () => view.result.current.set({ run: '60 ft' }));
  await act(async () => view.result.current.set({ many: '5' }));
  await act(() => router.navigate(-1));
  expect(view.result.current.texts.many).toBe('3');
  await act(async () => view.result.current.undo!());
  expect(view.result.current.texts.run).toBe('10 m');
  expect(view.result.current.undo).toBeUndefined();
});
