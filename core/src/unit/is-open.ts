import type { UnitSummary } from './summary.ts';

/** Whether a unit is still to be made, or on its way. */
export const isOpen = ({ state }: Pick<UnitSummary, 'state'>): boolean =>
  state !== 'finished' && state !== 'given up';
