import { Precedence } from './precedence.ts';
import type { ThreadPart, ThreadRun } from './run.ts';
import type { Way } from './way.ts';
import { waysOnto } from './way.ts';

/** A choice of way for every part still to go on, with the order it forces. */
export interface Solution {
  readonly ways: ReadonlyMap<string, Way>;
  readonly order: Precedence;
}

/** A part that no way leads onto its place, with what stands in every way. */
export interface BlockedPart {
  readonly part: ThreadPart;
  readonly ways: readonly Way[];
  /** The event that should have fixed it is already done. */
  readonly tooLate: boolean;
}

export type SearchResult = { readonly solution: Solution } | { readonly blocked: readonly BlockedPart[] };

/** An order asked for beside those that the parts force: `[before, after]` events. */
export type AskedOrder = readonly (readonly [string, string])[];

/**
 * Searches all ways for all parts for a choice whose order has no circle. Complete: it gives up only when every
 * choice has been tried, so an empty result is a proof. Parts with the fewest ways left are decided first.
 */
export function searchWays(run: ThreadRun, asked: AskedOrder = []): SearchResult {
  const waiting = run.parts.filter(({ id }) => !run.on.includes(id));
  const events = run.events.filter(({ id }) => !run.done.includes(id));
  const order = new Precedence([...waiting.map(({ id }) => id), ...events.map(({ id }) => id)]);
  const pending = new Set(events.map(({ id }) => id));
  for (const event of events)
    for (const before of event.after) if (pending.has(before)) order.add(before, event.id);
  for (const [before, after] of asked)
    if (pending.has(before) && pending.has(after) && !order.add(before, after)) return { blocked: [] };
  const open = new Map<string, Way[]>();
  const blocked: BlockedPart[] = [];
  for (const part of waiting) {
    const ways = waysOnto(run, part);
    const tooLate = !pending.has(part.fixedBy);
    const usable = ways.filter(({ blocks }) => blocks.length === 0);
    if (tooLate || usable.length === 0) blocked.push({ part, ways, tooLate });
    else order.add(part.id, part.fixedBy);
    open.set(part.id, nearestFirst(run, part, usable));
  }
  if (blocked.length > 0) return { blocked };
  const solution = choose(order, open, new Map());
  if (solution) return { solution };
  return { blocked: waiting.map((part) => ({ part, ways: waysOnto(run, part), tooLate: false })) };
}

/** The nearer side and the way over the fewest things first: it is the one a person would take. */
function nearestFirst(run: ThreadRun, part: ThreadPart, ways: readonly Way[]): Way[] {
  const nearest = closestNode(run, part);
  const cost = (way: Way) =>
    way.beforeEvents.length +
    way.beforeParts.length +
    2 * way.afterEvents.length +
    (way.fromNodeId === nearest ? 0 : 4);
  return [...ways].sort((a, b) => cost(a) - cost(b));
}

/** The node of the part's leg that its place is nearer to. */
function closestNode(run: ThreadRun, part: ThreadPart): string {
  const leg = run.legs.find(({ id }) => id === part.legId)!;
  return part.place <= leg.length / 2 ? leg.fromNodeId : leg.toNodeId;
}

function choose(
  order: Precedence,
  open: ReadonlyMap<string, readonly Way[]>,
  chosen: ReadonlyMap<string, Way>,
): Solution | undefined {
  const possible = [...open].map(([partId, ways]) => ({
    partId,
    tries: ways.flatMap((way) => {
      const next = withWay(order, partId, way);
      return next ? [{ way, next }] : [];
    }),
  }));
  if (possible.length === 0) return { ways: chosen, order };
  const tightest = possible.reduce((least, each) => (each.tries.length < least.tries.length ? each : least));
  const rest = new Map([...open].filter(([partId]) => partId !== tightest.partId));
  for (const { way, next } of tightest.tries) {
    const solution = choose(next, rest, new Map([...chosen, [tightest.partId, way]]));
    if (solution) return solution;
  }
  return undefined;
}

function withWay(order: Precedence, partId: string, way: Way): Precedence | undefined {
  const next = order.copy();
  const holds =
    way.beforeEvents.every(({ eventId }) => next.add(partId, eventId)) &&
    way.beforeParts.every((other) => next.add(partId, other.partId)) &&
    way.afterEvents.every((eventId) => next.add(eventId, partId));
  return holds ? next : undefined;
}
