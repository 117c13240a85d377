import type { UnitProgress } from '@gorvane/core/build/progress.ts';

/** Where a unit stands, in words. */
export function stateWords(progress: UnitProgress): string {
  if (progress.scrapped !== null) return `given up: ${progress.scrapped}`;
  if (progress.finished) return 'finished';
  if (progress.aside !== null) return `set aside: ${progress.aside}`;
  if (!progress.started) return 'not started';
  return progress.current?.title ?? 'hand over';
}

/** What stays on a unit for good: waived hold points, and length given away. */
export function marksOf({ holds, takenShorter }: UnitProgress): string[] {
  const waived = [...holds.values()].filter(({ how }) => how === 'waived').length;
  return [
    ...(waived > 0 ? [`${waived} hold ${waived === 1 ? 'point' : 'points'} waived`] : []),
    ...(takenShorter.length > 0 ? ['taken shorter'] : []),
  ];
}
