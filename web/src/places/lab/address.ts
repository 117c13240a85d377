import { useEffect, useMemo, useRef } from 'react';
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
}

export function useAddress<Fields extends AddressFields>(fields: Fields): AddressState<Fields> {
  const [search, setSearch] = useSearchParams();
  const address = search.toString();
  // Two changes may come before the address has followed the first: the second stands on what the first made.
  const latest = useRef(address);
  const before = useRef<string[]>([]);
  const undone = useRef<string[]>([]);
  useEffect(() => {
    // The way back of the browser took the last value back.
    if (address !== latest.current && address === before.current.at(-1)) {
      before.current.pop();
      undone.current.push(latest.current);
    }
    latest.current = address;
  }, [address]);
  const go = (from: string[], to: string[]) => {
    const there = from.pop();
    if (there === undefined) return;
    to.push(latest.current);
    latest.current = there;
    setSearch(new URLSearchParams(there), { replace: true, preventScrollReset: true });
  };
  const back = () => go(before.current, undone.current);
  const forth = () => go(undone.current, before.current);
  // The lab edits no record: undo is of what was typed on this page.
  useHotkeys(
    [
      ['mod+Z', back],
      ['mod+Y', forth],
      ['mod+shift+Z', forth],
    ],
    [],
  );
  return useMemo(() => {
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
    const set = (changes: Partial<Record<keyof Fields, string>>) => {
      const next = new URLSearchParams(latest.current);
      for (const [name, text] of Object.entries(changes)) {
        if (text === undefined) continue;
        if (text === fields[name]!.fallback) next.delete(name);
        else next.set(name, text);
      }
      before.current.push(latest.current);
      undone.current = [];
      latest.current = next.toString();
      setSearch(next, { preventScrollReset: true });
    };
    return {
      fields,
      values: values as ValuesOf<Fields>,
      texts: texts as AddressState<Fields>['texts'],
      problems,
      set,
    };
  }, [address, fields, setSearch]);
}
