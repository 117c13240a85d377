import { useMemo } from 'react';

/** A record as it was before, for as long as it says the same: what is read anew from its text is another object each time. */
export function useSame<T>(value: T): T {
  const text = JSON.stringify(value);
  return useMemo(() => (text === undefined ? undefined : JSON.parse(text)) as T, [text]);
}
