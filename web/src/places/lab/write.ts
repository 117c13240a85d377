import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import type { Complex } from '@gorvane/core/quantity/complex.ts';

/** A frequency in a few characters, for an axis. */
export const shortFrequency = (hertz: number) => formatFrequency(Number(hertz.toPrecision(4)));
export const shortDecibels = (db: number) => `${Number(db.toPrecision(3))}`;
export const shortMetres = (metres: number) => formatMetres(Number(metres.toPrecision(4)));
export const shortOhms = (ohms: number) => String(Number(ohms.toPrecision(3)));

/** An impedance with four figures and its sign. */
export function writeImpedance({ re, im }: Complex): string {
  if (!Number.isFinite(re) || Math.hypot(re, im) > 1e8) return 'open';
  const part = (value: number) => String(Number(value.toPrecision(4)));
  return `${part(re)} ${im < 0 ? '-' : '+'} j${part(Math.abs(im))} ohm`;
}
