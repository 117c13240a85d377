import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from '@mantine/hooks';
import { useSearchParams } from 'react-router';

/** One value of a page of the lab: what it is when the address does not say, and how its text is read. */
export interface AddressField<T> {
  readonly fallback: string;
  /** @throws with a message for the person who typed it. */
  readonly read: (text: string) => T;
}

export type AddressFields = Readonly<Record<string, AddressField<unknown>>>;

export type ValuesOf<Fields extends AddressFields> = {
  readonly [Name in keyof Fields]: Fields[Name] extends AddressField<infer T> ? T : never;
};

/** The state of a page, kept in its address as people typed it: it can be bookmarked, shared and typed. */
export interface AddressState<Fields extends AddressFields> {
  readonly fields: Fields;
  readonly values: ValuesOf<Fields>;
  readonly texts: { readonly [Name in keyof Fields]: string };
  /** What in the address could not be read, and why; the default stands there instead. */
  readonly problems: readonly string[];
  readonly set: (changes: Partial<Record<keyof Fields, string>>) => void;
  /** Takes back the last change; undefined where there is none. */
  readonly undo: (() => void) | undefined;
}

/** Addresses of a page as they came one after another; the lab edits no record, so undo goes along them. */
interface Way {
  readonly before: readonly string[];
  readonly now: string;
  readonly undone: readonly string[];
}

/** The browser went elsewhere by itself; where that is the last address, it took the last value back. */
const elsewhere = ({ before, now, undone }: Way, address: string): Way =>
  address === before.at(-1)
    ? { before: before.slice(0, -1), now: address, undone: [...undone, now] }
    : { before, now: address, undone };

/** The state of a page of the lab. Changes go into the address, and undo goes back along them. */
export function useAddress<Fields extends AddressFields>(fields: Fields): AddressState<Fields> {
  const [search, setSearch] = useSearchParams();
  const address = search.toString();
  const [seen, setSeen] = useState(address);
  const [way, setWay] = useState<Way>({ before: [], now: address, undone: [] });
  if (address !== seen) {
    setSeen(address);
    if (address !== way.now) setWay(elsewhere(way, address));
  }
  // Two changes may come before the address has followed the first: the second stands on what the first made.
  const latest = useRef(address);
  useEffect(() => {
    latest.current = address;
  }, [address]);
  const go = useCallback(
    (to: string, replace: boolean) => {
      latest.current = to;
      setSearch(new URLSearchParams(to), { replace, preventScrollReset: true, flushSync: true });
    },
    [setSearch],
  );
  const undo = () => {
    const there = way.before.at(-1);
    if (there === undefined) return;
    setWay({ before: way.before.slice(0, -1), now: there, undone: [...way.undone, way.now] });
    go(there, true);
  };
  const redo = () => {
    const there = way.undone.at(-1);
    if (there === undefined) return;
    setWay({ before: [...way.before, way.now], now: there, undone: way.undone.slice(0, -1) });
    go(there, true);
  };
  useHotkeys(
    [
      ['mod+Z', undo],
      ['mod+Y', redo],
      ['mod+shift+Z', redo],
    ],
    [],
  );
  const read = useMemo(() => readAddress(fields, address), [fields, address]);
  const set = useCallback(
    (changes: Partial<Record<keyof Fields, string>>) => {
      const next = addressWith(fields, latest.current, changes);
      if (next === latest.current) return;
      setWay(({ before, now }) => ({ before: [...before, now], now: next, undone: [] }));
      go(next, false);
    },
    [fields, go],
  );
  return { fields, ...read, set, undo: way.before.length > 0 ? undo : undefined };
}

function readAddress<Fields extends AddressFields>(
  fields: Fields,
  address: string,
): Pick<AddressState<Fields>, 'values' | 'texts' | 'problems'> {
  const params = new URLSearchParams(address);
  const problems: string[] = [];
  const texts: Record<string, string> = {};
  const values: Record<string, unknown> = {};
  for (const [name, { fallback, read }] of Object.entries(fields)) {
    const text = params.get(name) ?? fallback;
    try {
      values[name] = read(text);
      texts[name] = text;
    } catch (error) {
      problems.push(`${name}: ${error instanceof Error ? error.message : String(error)}`);
      values[name] = read(fallback);
      texts[name] = fallback;
    }
  }
  return { values: values as ValuesOf<Fields>, texts: texts as AddressState<Fields>['texts'], problems };
}

/** An address with other values; the usual ones are left out of it. */
function addressWith<Fields extends AddressFields>(
  fields: Fields,
  address: string,
  changes: Partial<Record<keyof Fields, string>>,
): string {
  const next = new URLSearchParams(address);
  for (const [name, text] of Object.entries(changes)) {
    if (text === undefined) continue;
    if (text === fields[name]!.fallback) next.delete(name);
    else next.set(name, text);
  }
  return next.toString();
}
