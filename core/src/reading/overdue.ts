import type { Device } from './reading.ts';

/** Whether an instrument's calibration had run out on a day (ISO date or time); undefined where it does not say. */
export function isOverdue({ due }: Pick<Device, 'due'>, day: string): boolean | undefined {
  return due === null ? undefined : due < day.slice(0, 10);
}
