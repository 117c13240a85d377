import { bundleDiameter } from '../cable/bundle.ts';
import type { ThreadPlan } from '../thread/plan.ts';
import type { ThreadPart, ThreadRun } from '../thread/run.ts';
import { waysOnto } from '../thread/way.ts';

/** One thing that happens to a run: an event, or a part put on from a side of its leg. */
export type Happening = { readonly event: string } | { readonly part: string; readonly sideNodeId: string };

/**
 * Independent of the planner: carries out happenings one by one on the run and pushes every part along what lies on
 * its way. Returns what went wrong first, or undefined. It works from positions: everything connected to the side that
 * the part comes from, with the run cut at the part's place and at every splice that is still open, is inside the
 * part's opening at some time, together with the legs that branch off on the way there.
 */
export function simulate(run: ThreadRun, happenings: readonly Happening[]): string | undefined {
  const done = new Set(run.done);
  const on = new Set(run.on);
  for (const happening of happenings) {
    if ('event' in happening) {
      const event = run.events.find(({ id }) => id === happening.event)!;
      const early = event.after.find((before) => !done.has(before));
      if (early) return `${event.id} before ${early}`;
      const missing = run.parts.find(({ id, fixedBy }) => fixedBy === event.id && !on.has(id));
      if (missing) return `${missing.id} is not on at ${event.id}`;
      done.add(event.id);
      continue;
    }
    const part = run.parts.find(({ id }) => id === happening.part)!;
    const stuck = push(run, part, happening.sideNodeId, done, on);
    if (stuck) return `${part.id} is stopped by ${stuck}`;
    on.add(part.id);
  }
  const left = run.parts.find(({ id }) => !on.has(id)) ?? run.events.find(({ id }) => !done.has(id));
  return left && `${left.id} was left out`;
}

function push(
  run: ThreadRun,
  part: ThreadPart,
  sideNodeId: string,
  done: ReadonlySet<string>,
  on: ReadonlySet<string>,
): string | undefined {
  const isOpenSplice = (nodeId: string) => {
    const node = run.nodes.find(({ id }) => id === nodeId)!;
    const closing = run.events.find(({ closes }) => closes?.nodeId === nodeId);
    return node.kind === 'splice' && closing !== undefined && !done.has(closing.id);
  };
  const diameterNow = (other: ThreadPart) => (done.has(other.fixedBy) ? other.fixedOutside : other.outside);
  const own = run.legs.find(({ id }) => id === part.legId)!;
  const waiting: { nodeId: string; cameBy: string; beside: number[] }[] = [
    { nodeId: sideNodeId, cameBy: own.id, beside: [] },
  ];
  const passed: { what: string; width: number }[] = [{ what: own.id, width: own.diameter }];
  const isNearer = (other: ThreadPart) =>
    sideNodeId === own.toNodeId ? other.place > part.place : other.place < part.place;
  for (const other of run.parts) {
    if (other.legId === own.id && other !== part && on.has(other.id) && isNearer(other))
      passed.push({ what: other.id, width: diameterNow(other) });
  }
  for (let at = waiting.pop(); at; at = waiting.pop()) {
    const { nodeId, cameBy, beside } = at;
    if (isOpenSplice(nodeId)) continue;
    const closing = run.events.find(({ closes }) => closes?.nodeId === nodeId);
    if (closing && done.has(closing.id))
      passed.push({ what: nodeId, width: bundleDiameter([closing.closes!.diameter, ...beside]) });
    const onward = run.legs.filter(
      ({ id, fromNodeId, toNodeId }) => id !== cameBy && (fromNodeId === nodeId || toNodeId === nodeId),
    );
    for (const leg of onward) {
      const together = [
        ...beside,
        ...onward.filter((other) => other !== leg).map(({ diameter }) => diameter),
      ];
      passed.push({ what: leg.id, width: bundleDiameter([leg.diameter, ...together]) });
      for (const other of run.parts) {
        if (other.legId === leg.id && on.has(other.id))
          passed.push({ what: other.id, width: bundleDiameter([diameterNow(other), ...together]) });
      }
      waiting.push({
        nodeId: leg.fromNodeId === nodeId ? leg.toNodeId : leg.fromNodeId,
        cameBy: leg.id,
        beside: together,
      });
    }
  }
  return passed.find(({ width }) => !(width < part.opening))?.what;
}

/** Whether any order at all threads the run: every sequence of every part from either side and every event is tried. */
export function anyOrderWorks(run: ThreadRun): boolean {
  const parts = run.parts.filter(({ id }) => !run.on.includes(id));
  const events = run.events.filter(({ id }) => !run.done.includes(id));
  const extend = (
    sequence: readonly Happening[],
    parts_: readonly ThreadPart[],
    events_: readonly string[],
  ): boolean => {
    const state = simulate(run, sequence);
    if (state === undefined) return true;
    if (!state.endsWith('was left out')) return false;
    const byPart = parts_.some((part) => {
      const leg = run.legs.find(({ id }) => id === part.legId)!;
      return [leg.fromNodeId, leg.toNodeId].some((sideNodeId) =>
        extend(
          [...sequence, { part: part.id, sideNodeId }],
          parts_.filter((other) => other !== part),
          events_,
        ),
      );
    });
    return (
      byPart ||
      events_.some((event) =>
        extend(
          [...sequence, { event }],
          parts_,
          events_.filter((other) => other !== event),
        ),
      )
    );
  };
  return extend(
    [],
    parts,
    events.map(({ id }) => id),
  );
}

/** The side of its leg that a move comes from: the one whose tip it entered at. */
export function happeningsOf(run: ThreadRun, plan: ThreadPlan): Happening[] {
  if (!plan.possible) throw new Error('no plan');
  return plan.moments.flatMap(({ event, moves }) => [
    ...moves.map(({ part, entryNodeId }) => {
      const way = waysOnto(run, part).find((candidate) => candidate.entryNodeId === entryNodeId)!;
      return { part: part.id, sideNodeId: way.fromNodeId };
    }),
    { event: event.id },
  ]);
}
