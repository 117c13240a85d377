import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { database } from '../data/database.ts';

/** A kept value as it now is, read once. */
export async function keptValue<T>(key: string, fallback: T): Promise<T> {
  const kept = await database.kept.get(key);
  return kept ? (JSON.parse(kept.text) as T) : fallback;
}

/**
 * A small value that belongs to no record yet but must still be there after a reload. It is written at once, and shown
 * at once: what was set here stands until the database has caught up with it. A change may be given as a function of the
 * value as it was last set, so that two in a row do not overwrite one another.
 */
export function useKeptValue<T>(
  key: string,
  fallback: T,
): [T, (value: T) => void, (change: (now: T) => T) => void] {
  const kept = useLiveQuery(() => database.kept.get(key), [key]);
  const [pending, setPending] = useState<{ key: string; text: string } | undefined>();
  const written = useRef<{ key: string; text: string } | undefined>(undefined);
  const write = useCallback(
    (value: T) => {
      const next = { key, text: JSON.stringify(value) };
      written.current = next;
      setPending(next);
      void database.kept.put(next);
    },
    [key],
  );
  if (pending && kept?.text === pending.text && kept.key === pending.key) setPending(undefined);
  const current = pending?.key === key ? pending : kept;
  const text = current?.text;
  // The same text is the same object: what is worked out from it is not worked out at every render.
  const parsed = useMemo(() => (text === undefined ? undefined : (JSON.parse(text) as T)), [text]);
  const value = parsed === undefined ? fallback : parsed;
  const shown = useRef(value);
  useEffect(() => {
    shown.current = value;
    if (!pending) written.current = undefined;
  });
  const change = useCallback(
    (by: (now: T) => T) => {
      const last = written.current?.key === key ? (JSON.parse(written.current.text) as T) : shown.current;
      write(by(last));
    },
    [key, write],
  );
  return [value, write, change];
}
