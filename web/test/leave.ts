import { jest } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { database } from '../src/data/database.ts';
import { settled } from './open-at.tsx';

/** Leaves nothing of a file's tests to those of the next: no page, nothing replaced, nothing kept. */
export async function leave(): Promise<void> {
  await settled();
  cleanup();
  jest.restoreAllMocks();
  await database.delete();
  await database.open();
}
