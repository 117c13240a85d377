import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback } from 'react';
import { database } from '../data/database.ts';

/** A small value that belongs to no record yet but must still be there after a reload; written at once. */
export function useKeptValue<T>(key: string, fallback: T): [T, (value: T) => void] {
  const kept = useLiveQuery(() => database.kept.get(key), [key]);
  const write = useCallback((value: T) => void database.kept.put({ key, text: JSON.stringify(value) }), [key]);
  return [kept ? (JSON.parse(kept.text) as T) : fallback, write];
}
