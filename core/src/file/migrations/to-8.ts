import type { Raw } from './raw.ts';
import { inFrozen } from './raw.ts';

const ofBench = ['benchName', 'serialPrefix', 'nextSerial', 'firstUnit', 'theme', 'stepDepth'];

const withoutBench = (house: Raw): Raw =>
  Object.fromEntries(Object.entries(house).filter(([field]) => !ofBench.includes(field)));

/** How far the boot of a splice reached when units were frozen, and the house figure from now on, metres. */
const bootOverlap = { frozen: 75e-3, house: 0.3 } as const;

/** Until now the house said who is at this bench and how its screen is set, and the method how long a boot is. */
export const benchApart = {
  house: (house: Raw): Raw => ({
    bootOverlap: bootOverlap.house,
    ...withoutBench(house),
  }),
  units: (unit: Raw): Raw =>
    inFrozen(
      unit,
      (lead) => lead,
      (house) => ({ bootOverlap: bootOverlap.frozen, ...withoutBench(house) }),
    ),
};

/** The bench of a database or archive that had none: what its house said. Nothing where the house says nothing of it. */
export function benchOfHouse(house: Raw): Raw | undefined {
  if (typeof house.benchName !== 'string') return undefined;
  const { schemaVersion, revision, changedAt, deleted } = house;
  const fields = Object.fromEntries(ofBench.slice(1).map((field) => [field, house[field]]));
  return { id: 'bench', schemaVersion, revision, changedAt, deleted, name: house.benchName, ...fields };
}
