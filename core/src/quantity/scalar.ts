import type { Range } from './number.ts';
import { inRange, parseNumber } from './number.ts';
import { formatPrefixed, parsePrefixed } from './prefix.ts';

/** Reads a plain number in a range, with an optional unit word that is ignored. @throws QuantityError outside the range. */
export function parseScalar(text: string, range: Range, unit = ''): number {
  const bare =
    unit && text.trim().toLowerCase().endsWith(unit.toLowerCase())
      ? text.trim().slice(0, -unit.length)
      : text;
  return inRange(parseNumber(bare, range.expected), range, text);
}

/** Reads a whole number in a range. @throws QuantityError when it is not one. */
export function parseCount(text: string, range: Range): number {
  const value = parseScalar(text, range);
  return inRange(Number.isInteger(value) ? value : NaN, range, text);
}

const inductanceExpected = 'an inductance such as 2 nH or 3.4 H, 0 or more';

/** Reads an inductance in henry. @throws QuantityError when negative, over 1 kH or unreadable. */
export function parseInductance(text: string): number {
  return inRange(
    parsePrefixed(text, ['henry', 'h'], inductanceExpected),
    { min: 0, max: 1000, expected: inductanceExpected },
    text,
  );
}

/** Three significant figures. */
export const formatInductance = (henry: number): string => formatPrefixed(henry, 'H', 3);

/** Four significant figures of a time, seconds: `87.42 ns`. */
export function formatTime(seconds: number): string {
  const nano = seconds * 1e9;
  return Math.abs(nano) >= 1e6 ? formatPrefixed(seconds, 's', 4) : `${Number(nano.toPrecision(4))} ns`;
}

const timeUnits: Readonly<Record<string, number>> = {
  ps: 1e-12,
  ns: 1e-9,
  us: 1e-6,
  µs: 1e-6,
  ms: 1e-3,
  s: 1,
};
const timeExpected = 'a delay such as 16.42 ns, above 0';

/** Reads a delay; a bare number is nanoseconds. @throws QuantityError when it is not above 0. */
export function parseDelay(text: string): number {
  const match = /^\s*([\d.,\s]+?)\s*(ps|ns|us|µs|ms|s)?\s*$/i.exec(text);
  const value = match
    ? parseNumber(match[1]!, timeExpected) * timeUnits[match[2]?.toLowerCase() ?? 'ns']!
    : NaN;
  return inRange(value, { min: Number.MIN_VALUE, max: 1, expected: timeExpected }, text);
}
