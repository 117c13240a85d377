import { canonicalJson } from './canonical-json.ts';

/** A change at one place of a record: from what to what. `undefined` means that nothing stands there. */
export interface Change {
  readonly path: readonly string[];
  readonly from: unknown;
  readonly to: unknown;
}

/** A list whose items all have ids is compared item by item under its ids; others as a whole. */
function byId(value: unknown): Map<string, unknown> | undefined {
  if (!Array.isArray(value) || value.length === 0) return undefined;
  const ids = value.map((item: unknown) =>
    typeof item === 'object' && item !== null && 'id' in item ? String(item.id) : undefined,
  );
  if (ids.some((id) => id === undefined) || new Set(ids).size !== ids.length) return undefined;
  return new Map(ids.map((id, index) => [id!, value[index]]));
}

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const same = (a: unknown, b: unknown) => a === b || canonicalJson(a ?? null) === canonicalJson(b ?? null);

/**
 * What changed from one value to another, place by place: the one language of undo, of saving, and of merging what
 * two tabs did.
 */
export function differenceOf(from: unknown, to: unknown, path: readonly string[] = []): Change[] {
  if (same(from, to)) return [];
  if (isPlain(from) && isPlain(to)) {
    const keys = [...new Set([...Object.keys(from), ...Object.keys(to)])];
    return keys.flatMap((key) => differenceOf(from[key], to[key], [...path, key]));
  }
  const before = byId(from);
  const after = byId(to);
  if (before && after && same([...before.keys()], [...after.keys()]))
    return [...before].flatMap(([id, item]) => differenceOf(item, after.get(id), [...path, id]));
  return [{ path, from, to }];
}

/** The value with changes made; the same object when there are none. */
export function applyChanges<T>(value: T, changes: readonly Change[]): T {
  return changes.reduce<T>((now, change) => setAt(now, change.path, change.to) as T, value);
}

function setAt(value: unknown, path: readonly string[], to: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return to;
  if (Array.isArray(value))
    return value.map((item: unknown) => (isPlain(item) && item.id === key ? setAt(item, rest, to) : item));
  const object = isPlain(value) ? value : {};
  const next = setAt(object[key], rest, to);
  if (next !== undefined) return { ...object, [key]: next };
  return Object.fromEntries(Object.entries(object).filter(([name]) => name !== key));
}

/** The changes that take a change back, in reverse order. */
export function invert(changes: readonly Change[]): Change[] {
  return [...changes].reverse().map(({ path, from, to }) => ({ path, from: to, to: from }));
}

/** Places that two sets of changes both touch, with different outcomes. */
export function conflictsOf(
  mine: readonly Change[],
  theirs: readonly Change[],
): { mine: Change; theirs: Change }[] {
  return mine.flatMap((a) =>
    theirs
      .filter((b) => overlaps(a.path, b.path) && !(a.path.length === b.path.length && same(a.to, b.to)))
      .map((b) => ({ mine: a, theirs: b })),
  );
}

/** One path is the other's beginning: they touch the same place. */
function overlaps(a: readonly string[], b: readonly string[]): boolean {
  const shared = Math.min(a.length, b.length);
  return a.slice(0, shared).every((key, index) => key === b[index]);
}
