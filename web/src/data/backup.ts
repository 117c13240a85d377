import { useLiveQuery } from 'dexie-react-hooks';
import { database, timeNow } from './database.ts';
import { tally } from './tallies.ts';

/** Where the last export stands among what is kept, and how many entries there were then. */
const key = 'last-export';

interface Noted {
  readonly at: string;
  readonly entries: number;
}

/** A reminder comes after so many days, or so many entries, since the last export. House defaults. */
const reminder = { days: 7, entries: 50 } as const;

/** How far what is only in this browser has gone beyond the last export. */
export interface BackupState {
  /** ISO time of the last export; null where there was none. */
  readonly at: string | null;
  /** Entries of records that are newer. */
  readonly newer: number;
  readonly isDue: boolean;
}

/** So many entries can be had again: they were exported just now, or came with the program. */
export async function noteExport(entries: number): Promise<void> {
  const noted: Noted = { at: timeNow(), entries };
  await database.kept.put({ key, text: JSON.stringify(noted) });
}

/** Whether an export is due: a week old with anything newer, or many entries behind. */
export function backupState(noted: Noted | undefined, entries: number, now: string): BackupState {
  const newer = Math.max(0, entries - (noted?.entries ?? 0));
  const days = noted ? (Date.parse(now) - Date.parse(noted.at)) / 86_400_000 : 0;
  return {
    at: noted?.at ?? null,
    newer,
    isDue: newer >= reminder.entries || (newer > 0 && days >= reminder.days),
  };
}

export const useBackup = (): BackupState | undefined =>
  useLiveQuery(async () => {
    const [kept, entries] = await Promise.all([database.kept.get(key), tally('entries')]);
    return backupState(kept && (JSON.parse(kept.text) as Noted), entries, timeNow());
  });
