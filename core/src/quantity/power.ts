import { inRange, parseNumber } from './number.ts';
import { formatPrefixed, parsePrefixed } from './prefix.ts';

const expected = 'a power such as 25 W, 100 mW or 20 dBm, above 0 and at most 100 kW';

/** Reads a power in watts or dBm and returns watts. @throws QuantityError outside 0 to 100 kW. */
export function parsePower(text: string): number {
  const dbm = /^\s*(.+?)\s*dbm\s*$/i.exec(text);
  const watts = dbm
    ? 1e-3 * 10 ** (parseNumber(dbm[1] ?? '', expected) / 10)
    : parsePrefixed(text, ['w', 'watt', 'watts'], expected);
  return inRange(watts, { min: Number.MIN_VALUE, max: 1e5, expected }, text);
}

/** Three significant figures, as a power meter shows. */
export function formatPower(watts: number): string {
  return formatPrefixed(watts, 'W', 3);
}
