import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { KeptText } from '../data/database.ts';
import { database } from '../data/database.ts';
import { reportUnwritten } from '../data/write-problem.ts';

/** A kept value as it now is, read once. */
export async function keptValue<T>(key: string, fallback: T): Promise<T> {
  const kept = await database.kept.get(key);
  return kept ? (JSON.parse(kept.text) as T) : fallback;
}

/** Now, in milliseconds, on a scale that all tabs share. */
const momentNow = () => performance.timeOrigin + performance.now();

/**
 * A small value that belongs to no record yet but must still be there after a reload. It is written at once, and shown
 * at once. What was set here stands until the database has caught up with that very write: an echo of an earlier one never
 * takes its place, but what another tab or another part of the page writes later does. A change may be given as a function
 * of the value as it was last set, so that two in a row do not overwrite one another.
 */
export function useKeptValue<T>(
  key: string,
  fallback: T,
): [T, (value: T) => void, (change: (now: T) => T) => void] {
  const kept = useLiveQuery(() => database.kept.get(key), [key]);
  const [own, setOwn] = useState<KeptText | undefined>();
  const last = useRef<KeptText | undefined>(undefined);
  const current = newest([own, kept].filter((each) => each?.key === key));
  const text = current?.text;
  // The same text is the same object: what is worked out from it is not worked out at every render.
  const parsed = useMemo(() => (text === undefined ? undefined : (JSON.parse(text) as T)), [text]);
  const value = parsed === undefined ? fallback : parsed;
  const shown = useRef({ value, at: 0 });
  useEffect(() => {
    shown.current = { value, at: current?.at ?? 0 };
  });
  const write = useCallback(
    (next: T) => {
      // A clock that was set back makes no write older than what it follows.
      const before = Math.max(last.current?.key === key ? last.current.at! : 0, shown.current.at);
      last.current = { key, text: JSON.stringify(next), at: Math.max(momentNow(), before + tick) };
      setOwn(last.current);
      const put = () =>
        void database.kept.put(last.current!).catch((error: unknown) => reportUnwritten(error, put));
      put();
    },
    [key],
  );
  const change = useCallback(
    (by: (now: T) => T) => {
      const mine = last.current?.key === key ? last.current : undefined;
      const isMine = mine && mine.at! >= shown.current.at;
      write(by(isMine ? (JSON.parse(mine.text) as T) : shown.current.value));
    },
    [key, write],
  );
  return [value, write, change];
}

/** Two writes in one moment still follow one another, milliseconds. */
const tick = 1e-3;

const newest = (texts: readonly (KeptText | undefined)[]) =>
  texts.reduce((late, each) => ((each?.at ?? 0) > (late?.at ?? 0) ? each : late), texts.at(-1));
