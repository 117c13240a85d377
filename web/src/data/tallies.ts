import { database } from './database.ts';

/** Entries of all records; the form that the summaries have. */
export type TallyName = 'entries' | 'summary form';

export const tally = async (name: TallyName): Promise<number> =>
  (await database.tallies.get(name))?.value ?? 0;

export const setTally = async (name: TallyName, value: number): Promise<void> =>
  void (await database.tallies.put({ name, value }));

export const addToTally = async (name: TallyName, more: number): Promise<void> =>
  setTally(name, (await tally(name)) + more);
