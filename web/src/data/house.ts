import type { House } from '@gorvane/core/house/house.ts';
import { houseId } from '@gorvane/core/house/house.ts';
import { database } from './database.ts';

/** The house settings. @throws when the database has not been prepared. */
export async function requireHouse(): Promise<House> {
  const house = await database.house.get(houseId);
  if (!house) throw new Error('The house settings are missing.');
  return house;
}
