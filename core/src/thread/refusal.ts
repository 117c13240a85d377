import type { ThreadPart, ThreadRun } from './run.ts';
import type { AskedOrder, BlockedPart } from './search.ts';
import { searchWays } from './search.ts';
import type { Obstacle } from './way.ts';

/** Why no order exists, and what would make one. */
export interface Refusal {
  /** The part and what it cannot pass, pair by pair; empty when it is the order asked for that cannot be. */
  readonly pairs: readonly {
    readonly part: ThreadPart;
    readonly obstacle: Obstacle | undefined;
    readonly tooLate: boolean;
  }[];
  readonly frees: readonly Freeing[];
}

/** A change that was tried and gives a plan. */
export type Freeing =
  | { readonly code: 'other order' }
  | {
      readonly code: 'split part';
      readonly partId: string;
      readonly label: string;
      readonly together: boolean;
    }
  | { readonly code: 'open again'; readonly eventId: string; readonly label: string }
  | { readonly code: 'take off'; readonly partId: string; readonly label: string };

/** Names the pairs that block and tries what would free them: each freeing listed has been planned through. */
export function refuse(run: ThreadRun, blocked: readonly BlockedPart[], asked: AskedOrder): Refusal {
  return { pairs: blocked.map(pairOf), frees: freeingsOf(run, blocked, asked) };
}

/** The narrowest obstacle over all ways: the least that a larger opening would have to pass. */
function pairOf({ part, ways, tooLate }: BlockedPart): Refusal['pairs'][number] {
  const perWay = ways
    .map(({ blocks }) => [...blocks].sort((a, b) => b.width - a.width)[0])
    .filter((block) => block !== undefined);
  const obstacle = perWay.sort((a, b) => a.width - b.width)[0];
  return { part, obstacle, tooLate };
}

function freeingsOf(run: ThreadRun, blocked: readonly BlockedPart[], asked: AskedOrder): Freeing[] {
  const works = (changed: ThreadRun, order: AskedOrder = asked) => 'solution' in searchWays(changed, order);
  const frees: Freeing[] = [];
  if (asked.length > 0 && works(run, [])) frees.push({ code: 'other order' });
  const parts = blocked.map(({ part }) => part);
  const alone = parts.filter((part) => works(withSplit(run, [part])));
  const split = alone.length > 0 ? alone : works(withSplit(run, parts)) ? parts : [];
  frees.push(
    ...split.map(
      ({ id, label }) => ({ code: 'split part', partId: id, label, together: alone.length === 0 }) as const,
    ),
  );
  for (const event of run.events.filter(({ id, closes }) => closes && run.done.includes(id))) {
    if (works(reopen(run, event.id)))
      frees.push({ code: 'open again', eventId: event.id, label: event.label });
  }
  for (const part of run.parts.filter(
    ({ id, fixedBy }) => run.on.includes(id) && !run.done.includes(fixedBy),
  )) {
    if (works({ ...run, on: run.on.filter((id) => id !== part.id) }))
      frees.push({ code: 'take off', partId: part.id, label: part.label });
  }
  return frees;
}

/** The run with parts that open along their side: nothing is too wide for them. */
function withSplit(run: ThreadRun, split: readonly ThreadPart[]): ThreadRun {
  return {
    ...run,
    parts: run.parts.map((part) => (split.includes(part) ? { ...part, opening: Infinity } : part)),
  };
}

/** The run with an end cut off: the event and all that stood on it are undone, and the parts it fixed are gone. */
export function reopen(run: ThreadRun, eventId: string): ThreadRun {
  const undone = new Set([eventId]);
  for (let grew = true; grew;) {
    const more = run.events.filter(
      ({ id, after }) =>
        !undone.has(id) && run.done.includes(id) && after.some((before) => undone.has(before)),
    );
    more.forEach(({ id }) => undone.add(id));
    grew = more.length > 0;
  }
  const lost = new Set(run.parts.filter(({ fixedBy }) => undone.has(fixedBy)).map(({ id }) => id));
  return { ...run, done: run.done.filter((id) => !undone.has(id)), on: run.on.filter((id) => !lost.has(id)) };
}
