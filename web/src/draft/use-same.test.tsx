import { expect, test } from '@jest/globals';
import { renderHook } from '@testing-library/react';
import { useSame } from './use-same.ts';

test('what says the same is the same object; what says something else is another', () => {
  const { result, rerender } = renderHook(({ value }) => useSame(value), {
    initialProps: { value: { name: 'analyser', due: '2027-01-01' } as object | undefined },
  });
  const first = result.current;
  rerender({ value: { name: 'analyser', due: '2027-01-01' } });
  expect(result.current).toBe(first);
  rerender({ value: { name: 'analyser', due: '2028-01-01' } });
  expect(result.current).toEqual({ name: 'analyser', due: '2028-01-01' });
  rerender({ value: undefined });
  expect(result.current).toBeUndefined();
});
