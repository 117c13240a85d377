import type { Obstruction, UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { PieceToCut, Step, StepPart, StepTimer } from '@gorvane/core/recipe/step.ts';

/** What the big bar, the space bar and the pedal do now: always the next thing, one at a time. */
export type Primary =
  | { readonly does: 'look on' }
  | { readonly does: 'cut'; readonly piece: PieceToCut; readonly left: number }
  | { readonly does: 'put on'; readonly part: StepPart }
  | { readonly does: 'confirm'; readonly part: StepPart; readonly left: number }
  | { readonly does: 'say it seats' }
  | { readonly does: 'start the time'; readonly timer: StepTimer }
  | { readonly does: 'wait'; readonly for: Obstruction }
  | { readonly does: 'done' };

interface Situation {
  readonly step: Step;
  readonly progress: UnitProgress;
  readonly blocks: readonly Obstruction[];
  readonly isCurrent: boolean;
  /** The time that a press starts next; undefined when all of this step were started. */
  readonly nextTime: StepTimer | undefined;
}

/** Whether every piece of it was ticked as cut. */
export const isCut = ({ partIds }: PieceToCut, { cut }: UnitProgress): boolean =>
  partIds.every((partId) => cut.has(partId));

/** The next thing at a step: pieces to cut and parts one by one, then a trial, a hold point, a time, then done. */
export function primaryOf({ step, progress, blocks, isCurrent, nextTime }: Situation): Primary {
  if (!isCurrent) return { does: 'look on' };
  const uncut = step.cuts.filter((piece) => !isCut(piece, progress));
  if (uncut[0]) return { does: 'cut', piece: uncut[0], left: uncut.length };
  const notOn = step.threads.find(({ partId }) => !progress.on.has(partId));
  if (notOn) return { does: 'put on', part: notOn };
  const seen = progress.confirmed.get(step.id);
  const unseen = step.requires.filter(({ partId }) => !progress.on.has(partId) || !seen?.has(partId));
  if (unseen[0]) return { does: 'confirm', part: unseen[0], left: unseen.length };
  const unmeasured = blocks.find(({ code }) => code === 'not measured');
  if (unmeasured) return { does: 'wait', for: unmeasured };
  if (nextTime) return { does: 'start the time', timer: nextTime };
  if (blocks.some(({ code }) => code === 'trial open')) return { does: 'say it seats' };
  const [block] = blocks;
  return block ? { does: 'wait', for: block } : { does: 'done' };
}
