import type { House } from '@gorvane/core/house/house.ts';
import type { Bench } from '@gorvane/core/house/bench.ts';
import { benchId, houseId } from '@gorvane/core/house/house-id.ts';
import { database } from './database.ts';

/** The house settings. @throws when the database has not been prepared. */
export async function requireHouse(): Promise<House> {
  const house = await database.house.get(houseId);
  if (!house) throw new Error('The house settings are missing.');
  return house;
}

/** This bench, which is in every database that was prepared. */
export async function requireBench(): Promise<Bench> {
  const bench = await database.bench.get(benchId);
  if (!bench) throw new Error('This database has no record of its bench. Load the page again.');
  return bench;
}
