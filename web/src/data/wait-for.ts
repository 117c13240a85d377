import { Dexie } from 'dexie';

/** Longest that the platform counts, milliseconds. */
const longest = 2 ** 31 - 1;

/**
 * Waits for something else than the database while a transaction stays open, however long it takes: a computer that
 * sleeps meanwhile ends nothing.
 */
export const waitFor = <Result>(work: Promise<Result>): Promise<Result> => Dexie.waitFor(work, longest);
