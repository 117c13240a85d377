import type { Raw } from './raw.ts';

/** A bench says how days and times are written on its screen. */
export const timesAsWritten = {
  bench: (bench: Raw): Raw => ({ times: { day: 'year-month-day', clock: '24 h' }, ...bench }),
};
