import type { Moment } from '@gorvane/core/recipe/moment.ts';
import { momentsOf } from '@gorvane/core/recipe/moment.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { MomentSaid } from '@gorvane/core/unit/moment-work.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { useMemo, useState } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { holdReaders } from './hold-reader.ts';

/** What was picked and typed at a moment, as it is kept until the moment is done. */
interface Kept {
  readonly out: readonly string[];
  readonly missing: readonly string[];
  readonly texts: Readonly<Record<string, string>>;
}

const nothing: Kept = { out: [], missing: [], texts: {} };

/** A working moment on the screen: its steps, what is said of it, and what it still waits for. */
export interface MomentAtWork {
  readonly moment: Moment;
  readonly index: number;
  readonly count: number;
  readonly next: Moment | undefined;
  readonly out: ReadonlySet<string>;
  readonly missing: ReadonlySet<string>;
  readonly texts: Readonly<Record<string, string>>;
  /** Readings that cannot be read, by step. */
  readonly problems: ReadonlyMap<string, string>;
  /** Readings that nobody has typed yet. */
  readonly unread: readonly Step[];
  readonly said: MomentSaid;
  readonly toggleOut: (stepId: string) => void;
  readonly toggleMissing: (partId: string) => void;
  readonly type: (stepId: string, text: string) => void;
  readonly unfold: () => void;
}

const toggled = (list: readonly string[], id: string) =>
  list.includes(id) ? list.filter((each) => each !== id) : [...list, id];

/** Readings of a moment as numbers, and what is wrong with those that are none. */
function readAll(steps: readonly Step[], texts: Readonly<Record<string, string>>) {
  const readings = new Map<string, number>();
  const problems = new Map<string, string>();
  for (const { id, hold } of steps) {
    const text = texts[id]?.trim() ?? '';
    if (!hold?.reading || text === '') continue;
    try {
      readings.set(id, holdReaders[hold.reading.quantity].read(text));
    } catch (error) {
      problems.set(id, error instanceof Error ? error.message : String(error));
    }
  }
  return { readings, problems };
}

/**
 * The moment that the unit stands at, for who works by moments; none where steps are told one by one, where it was unfolded
 * (then it can be folded again), and at the proof, which has a place of its own. What was said of it is forgotten once it is in
 * the record, and when the work goes back: said again of a moment that is done anew, it would be untrue.
 */
export function useMoment(
  unitId: string,
  { steps, done, holds }: UnitProgress,
  step: Step | undefined,
  isWanted: boolean,
): { readonly at?: MomentAtWork; readonly fold?: () => void; readonly forget: () => void } {
  const moments = useMemo(() => momentsOf(steps), [steps]);
  const index = moments.findIndex((each) => each.steps.some(({ id }) => id === step?.id));
  const moment = moments[index];
  const [kept, setKept, changeKept] = useKeptValue<Kept>(
    `build/moment/${unitId}/${moment?.id ?? ''}`,
    nothing,
  );
  const [unfolded, setUnfolded] = useState<string | undefined>();
  const forget = () => setKept(nothing);
  if (!moment || !isWanted || moment.kind === 'prove') return { forget };
  if (unfolded === moment.id) return { forget, fold: () => setUnfolded(undefined) };
  const open = moment.steps.filter(({ id }) => !done.has(id));
  const answered = open.some(({ id }) => {
    const answer = holds.get(id);
    return answer?.how === 'answered' && !answer.good;
  });
  // Something is Out already: its way back is on the screen of its own step.
  if (answered) return { forget };
  const { readings, problems } = readAll(open, kept.texts);
  const at: MomentAtWork = {
    moment: { ...moment, steps: open },
    index,
    count: moments.length,
    next: moments[index + 1],
    out: new Set(kept.out),
    missing: new Set(kept.missing),
    texts: kept.texts,
    problems,
    unread: open.filter(({ id, hold }) => hold?.reading && !readings.has(id)),
    said: { out: new Set(kept.out), missing: new Set(kept.missing), readings },
    toggleOut: (id) => changeKept((now) => ({ ...now, out: toggled(now.out, id) })),
    toggleMissing: (id) => changeKept((now) => ({ ...now, missing: toggled(now.missing, id) })),
    type: (id, text) => changeKept((now) => ({ ...now, texts: { ...now.texts, [id]: text } })),
    unfold: () => setUnfolded(moment.id),
  };
  return { at, forget };
}
