import { useSyncExternalStore } from 'react';
import type { InspectedArchive } from '../data/import-archive.ts';

/** Work on all data that is going on, as a person sees it. */
export interface Running {
  readonly label: string;
  readonly done: number;
  /** 0 while it is not known yet. */
  readonly of: number;
  /** It holds all tables until it is done: whatever else is asked of them waits. */
  readonly holds: boolean;
  readonly stop: () => void;
}

/** A file that was looked through, with what of it does not hold. */
export type Inspected = InspectedArchive & { readonly file: File };

/** What goes out, comes in, or came of it: it goes on, and stands, whatever page is open. */
export interface DataWork {
  readonly running?: Running;
  /** What was last done, or why it was not. */
  readonly said?: string;
  readonly problem?: string;
  /** A file that waits for a decision. */
  readonly inspected?: Inspected;
  /** Somebody has looked at House since. */
  readonly isSeen: boolean;
}

let current: DataWork = { isSeen: true };
const listeners = new Set<() => void>();

/** Says how it stands now. */
export function sayDataWork(next: DataWork): void {
  current = next;
  for (const tell of listeners) tell();
}

/** How it stands now, outside a screen. */
export const dataWork = (): DataWork => current;

/** What came of it was looked at. */
export function seeDataWork(): void {
  if (!current.isSeen) sayDataWork({ ...current, isSeen: true });
}

export const useDataWork = (): DataWork =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, dataWork);

/** How much of running work is done, percent. */
export const percentOf = ({ done, of }: Running): number => (of === 0 ? 0 : Math.floor((100 * done) / of));
