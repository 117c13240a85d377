import type { UnitProgress } from './progress.ts';
import { isAtWork } from './progress.ts';
import type { Step } from '../recipe/step.ts';

/** How a batch is worked through: every unit to its end, or one step over all of them. */
export const batchModes = ['unit by unit', 'one step over all'] as const;
export type BatchMode = (typeof batchModes)[number];

/** A unit of a batch with where it stands; units in the order of their sequence. */
export interface BatchUnit {
  readonly id: string;
  readonly progress: UnitProgress;
}

/** The first article is owed when a batch starts and nobody has started a unit of it that still counts. */
export function owesFirstArticle(quantity: number, others: readonly UnitProgress[]): boolean {
  return quantity >= 2 && others.every(({ started, scrapped }) => !started || scrapped !== null);
}

/** Starting the rest is early while the first article has not taught what it teaches. */
export function isEarly(article: UnitProgress | undefined): boolean {
  return article !== undefined && !article.firstArticle && !article.finished;
}

/** Units whose turn it can be: started, at work, with a step before them. */
function waiting(units: readonly BatchUnit[]): BatchUnit[] {
  return units.filter(({ progress }) => progress.started && isAtWork(progress) && progress.current);
}

const placeOf = ({ progress }: BatchUnit): number => progress.steps.indexOf(progress.current!);

/** The step that a batch stands at, and the units that wait there: the earliest that any of them has before it. */
export function batchStep(
  units: readonly BatchUnit[],
): { readonly step: Step; readonly unitIds: readonly string[] } | undefined {
  const atWork = waiting(units);
  if (atWork.length === 0) return undefined;
  const earliest = atWork.reduce((first, unit) => (placeOf(unit) < placeOf(first) ? unit : first));
  const step = earliest.progress.current!;
  return {
    step,
    unitIds: atWork.filter(({ progress }) => progress.current!.id === step.id).map(({ id }) => id),
  };
}

/**
 * The unit to take up after `currentId` has passed a step: unit by unit it stays until it is finished; with one step over
 * all it is the next one that still has the earliest step before it. Undefined when none waits.
 */
export function nextUnit(
  units: readonly BatchUnit[],
  currentId: string,
  mode: BatchMode,
): string | undefined {
  const atWork = waiting(units);
  const current = atWork.find(({ id }) => id === currentId);
  if (mode === 'unit by unit' && current) return currentId;
  const at = batchStep(units);
  if (!at) return undefined;
  if (mode === 'unit by unit') return atWork[0]!.id;
  const index = units.findIndex(({ id }) => id === currentId);
  const inOrder = [...units.slice(index + 1), ...units.slice(0, index + 1)].map(({ id }) => id);
  return inOrder.find((id) => at.unitIds.includes(id));
}
