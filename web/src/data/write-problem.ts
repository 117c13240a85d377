import { useSyncExternalStore } from 'react';

/** Something that was shown as if it stood could not be written. */
export interface WriteProblem {
  readonly words: string;
  /** Tries it again, where it can be. */
  readonly again: (() => void) | undefined;
}

let current: WriteProblem | undefined;
const listeners = new Set<() => void>();

function set(next: WriteProblem | undefined): void {
  if (next === current) return;
  current = next;
  for (const tell of listeners) tell();
}

/** Whether the storage of this browser is full. */
export function isQuota(error: unknown): boolean {
  const { name, inner } = (error ?? {}) as { name?: string; inner?: { name?: string } };
  return [name, inner?.name].some((each) => each === 'QuotaExceededError');
}

/** What to do about a full storage. */
export const freeSpace =
  'Free space on this computer, or export everything in House and take pictures out, then try again.';

/** Says on every screen, until it is written or put away, that something was not. */
export function reportUnwritten(error: unknown, again?: () => void): void {
  const why = isQuota(error)
    ? `the storage of this browser is full. ${freeSpace}`
    : `${error instanceof Error ? error.message : String(error)} Export everything in House before you load the page again.`;
  set({ words: `Not saved: what was changed last stands on this screen only, ${why}`, again });
}

/** Says that the data under this page are gone. */
export function reportGone(): void {
  set({
    words:
      'The data of this browser were deleted while this page was open, by another tab or by the browser itself. Nothing that is done here is kept any more: load the page again, and import the last export in House.',
    again: undefined,
  });
}

/** It was written after all, or somebody has read it. */
export const clearUnwritten = () => set(undefined);

/** What could not be written, while it stands. */
export const useWriteProblem = (): WriteProblem | undefined =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => current,
  );

/** Errors of the database that nobody waited for: what they should have written was shown as done. */
export function watchUnwritten(): void {
  window.addEventListener('unhandledrejection', ({ reason }) => {
    const { name = '' } = (reason ?? {}) as { name?: string };
    // The database wraps what IndexedDB throws; other parts of a browser use the same names bare.
    const isOfDatabase = databaseErrors.includes(name) && !(reason instanceof DOMException);
    if (isQuota(reason) || isOfDatabase) reportUnwritten(reason);
  });
}

/** Names that IndexedDB and what stands over it give to a write that did not come about. */
const databaseErrors: readonly string[] = [
  'AbortError',
  'BulkError',
  'DatabaseClosedError',
  'DataError',
  'InvalidStateError',
  'MissingAPIError',
  'OpenFailedError',
  'TransactionInactiveError',
  'UnknownError',
];
