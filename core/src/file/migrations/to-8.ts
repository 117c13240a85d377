import type { Raw } from './raw.ts';
import { inFrozen } from './raw.ts';

const ofBench = ['benchName', 'serialPrefix', 'nextSerial', 'firstUnit', 'theme', 'stepDepth'];

const withoutBench = (house: Raw): Raw =>
  Object.fromEntries(Object.entries(house).filter(([field]) => !ofBench.includes(field)));

/** Until now the house said who is at this bench and how its screen is set. */
export const benchApart = {
  house: withoutBench,
  units: (unit: Raw): Raw => inFrozen(unit, (lead) => lead, withoutBench),
};

/** The bench of a database or archive that had none: what its house said. Nothing where the house says nothing of it. */
export function benchOfHouse(house: Raw): Raw | undefined {
  if (typeof house.benchName !== 'string') return undefined;
  const { schemaVersion, revision, changedAt, deleted } = house;
  const fields = Object.fromEntries(ofBench.slice(1).map((field) => [field, house[field]]));
  return { id: 'bench', schemaVersion, revision, changedAt, deleted, name: house.benchName, ...fields };
}
