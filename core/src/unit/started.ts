import type { UnitEvent, UnitHappening } from './unit.ts';

type Started = Extract<UnitHappening, { kind: 'started' }>;

const isStarted = (happening: UnitHappening): happening is Started => happening.kind === 'started';

/** How a unit was started; undefined where its record does not say. */
export const startedOf = (events: readonly UnitEvent[]): Started | undefined =>
  events.map(({ happening }) => happening).find(isStarted);

/** Checksums of the plans that records name, in the forms in which they were frozen. */
export const plansNamed = (events: readonly UnitEvent[]): Set<string> =>
  new Set(events.flatMap(({ happening }) => (isStarted(happening) ? [happening.planChecksum] : [])));
