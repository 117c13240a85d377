import type { Precedence } from './precedence.ts';
import type { Refusal } from './refusal.ts';
import { refuse } from './refusal.ts';
import type { ThreadEvent, ThreadPart, ThreadRun } from './run.ts';
import { eventById, partById } from './run.ts';
import type { AskedOrder, Solution } from './search.ts';
import { searchWays } from './search.ts';
import type { Obstacle, Way } from './way.ts';

/** How a shop threads: everything before the first cut, or each part just before it would be too late. */
export interface ThreadPreference {
  readonly timing: 'early' | 'late';
  /** Events asked to come in this order. */
  readonly order: AskedOrder;
}

/** Why a part goes on where it does in the order. The screen words it. */
export type ThreadReason =
  | { readonly code: 'cannot pass part'; readonly obstacle: Obstacle; readonly opening: number }
  | { readonly code: 'cannot pass closed'; readonly obstacle: Obstacle; readonly opening: number }
  | { readonly code: 'fixed by'; readonly eventId: string; readonly label: string }
  | { readonly code: 'only after'; readonly eventId: string; readonly label: string };

/** One part going on. */
export interface ThreadMove {
  readonly part: ThreadPart;
  readonly entryNodeId: string;
  /** Which face goes on first; absent where either way round will do. */
  readonly leadingFace?: { readonly face: string; readonly leads: boolean };
  readonly reasons: readonly ThreadReason[];
  /** The event before which it must be on: its last chance. */
  readonly lastChance: ThreadEvent;
  /** It could wait for a later moment than this one. */
  readonly mayWait: boolean;
}

/** What goes on before one event, in order. */
export interface ThreadMoment {
  readonly event: ThreadEvent;
  readonly moves: readonly ThreadMove[];
}

export type ThreadPlan =
  | { readonly possible: true; readonly moments: readonly ThreadMoment[] }
  | ({ readonly possible: false } & Refusal);

/**
 * Plans in which order every part goes on, from which end and which way round, and in which order ends and splices
 * are closed; or says why there is no such order and what would free it. Complete in both directions under the rules
 * of `waysOnto`.
 */
export function planThreading(run: ThreadRun, preference: ThreadPreference): ThreadPlan {
  const result = searchWays(run, preference.order);
  if ('blocked' in result) return { possible: false, ...refuse(run, result.blocked, preference.order) };
  return { possible: true, moments: momentsOf(run, result.solution, preference) };
}

function momentsOf(run: ThreadRun, solution: Solution, preference: ThreadPreference): ThreadMoment[] {
  const events = orderEvents(run, solution.order);
  const waiting = new Set(run.parts.filter(({ id }) => !run.on.includes(id)).map(({ id }) => id));
  return events.map((event, index) => {
    const isDue = (partId: string) =>
      preference.timing === 'late'
        ? solution.order.leads(partId, event.id)
        : events.slice(index).every((later) => !solution.order.leads(later.id, partId));
    const due = [...waiting].filter(isDue);
    due.forEach((partId) => waiting.delete(partId));
    const moves = inOrder(run, due, solution).map((partId) => moveOf(run, partId, solution, events, index));
    return { event, moves };
  });
}

/** Events in an order that holds, keeping to the order they are listed in where there is a choice. */
function orderEvents(run: ThreadRun, order: Precedence): ThreadEvent[] {
  const left = run.events.filter(({ id }) => !run.done.includes(id));
  const sorted: ThreadEvent[] = [];
  while (left.length > 0) {
    const next = left.findIndex((event) => left.every((other) => !order.leads(other.id, event.id)));
    sorted.push(...left.splice(next, 1));
  }
  return sorted;
}

/** Parts of one moment: by the end they go on from, deepest first, as the order demands. */
function inOrder(run: ThreadRun, partIds: readonly string[], { order, ways }: Solution): string[] {
  const entries = run.nodes.map(({ id }) => id);
  const left = [...partIds].sort((a, b) => {
    const byEntry = entries.indexOf(ways.get(a)!.entryNodeId) - entries.indexOf(ways.get(b)!.entryNodeId);
    return byEntry || depth(run, b, ways.get(b)!) - depth(run, a, ways.get(a)!);
  });
  const sorted: string[] = [];
  while (left.length > 0) {
    const next = left.findIndex((id) => left.every((other) => !order.leads(other, id)));
    sorted.push(...left.splice(next, 1));
  }
  return sorted;
}

/** How far a part travels on its own leg, metres. */
function depth(run: ThreadRun, partId: string, way: Way): number {
  const part = partById(run, partId);
  const leg = run.legs.find(({ id }) => id === part.legId)!;
  return way.fromNodeId === leg.fromNodeId ? part.place : leg.length - part.place;
}

function moveOf(
  run: ThreadRun,
  partId: string,
  solution: Solution,
  events: readonly ThreadEvent[],
  moment: number,
): ThreadMove {
  const part = partById(run, partId);
  const way = solution.ways.get(partId)!;
  const deadlines = [part.fixedBy, ...way.beforeEvents.map(({ eventId }) => eventId)];
  const lastIndex = events.findIndex(({ id }) => deadlines.includes(id));
  return {
    part,
    entryNodeId: way.entryNodeId,
    ...leadingFace(part, way),
    reasons: reasonsOf(run, part, way),
    lastChance: events[lastIndex]!,
    mayWait: lastIndex > moment,
  };
}

function leadingFace(part: ThreadPart, way: Way): Pick<ThreadMove, 'leadingFace'> {
  if (!part.facing) return {};
  return { leadingFace: { face: part.facing.face, leads: part.facing.towardNodeId !== way.fromNodeId } };
}

function reasonsOf(run: ThreadRun, part: ThreadPart, way: Way): ThreadReason[] {
  const { opening } = part;
  return [
    ...way.beforeParts.map(({ obstacle }) => ({ code: 'cannot pass part', obstacle, opening }) as const),
    ...way.beforeEvents.map(({ obstacle }) => ({ code: 'cannot pass closed', obstacle, opening }) as const),
    ...way.afterEvents.map(
      (eventId) => ({ code: 'only after', eventId, label: eventById(run, eventId).label }) as const,
    ),
    { code: 'fixed by', eventId: part.fixedBy, label: eventById(run, part.fixedBy).label },
  ];
}
