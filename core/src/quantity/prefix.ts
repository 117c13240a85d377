import { parseNumber, splitUnit } from './number.ts';
import { QuantityError } from './quantity-error.ts';

const prefixes: Record<string, number> = {
  T: 1e12,
  G: 1e9,
  M: 1e6,
  k: 1e3,
  K: 1e3,
  '': 1,
  m: 1e-3,
  u: 1e-6,
  µ: 1e-6,
  n: 1e-9,
  p: 1e-12,
};

/**
 * Reads a number with an engineering prefix and an optional unit, e.g. `162.025 MHz`, `162M`, `12 mohm`, and returns
 * it in the base unit. `units` are the spellings accepted, compared without regard to case.
 * @throws QuantityError when number, prefix or unit is not understood.
 */
export function parsePrefixed(text: string, units: readonly string[], expected: string): number {
  const { number, unit } = splitUnit(text, expected);
  const value = parseNumber(number, expected);
  const spelling = units.find((u) => unit.toLowerCase().endsWith(u.toLowerCase()));
  const prefix = spelling === undefined ? unit : unit.slice(0, unit.length - spelling.length);
  const factor = prefixes[prefix.trim()] ?? undefined;
  if (factor === undefined) throw new QuantityError(text, expected);
  return value * factor;
}

const steps: readonly [number, string][] = [
  [1e12, 'T'],
  [1e9, 'G'],
  [1e6, 'M'],
  [1e3, 'k'],
  [1, ''],
  [1e-3, 'm'],
  [1e-6, 'µ'],
  [1e-9, 'n'],
  [1e-12, 'p'],
];

/** Writes a value with `digits` significant figures and an engineering prefix: `162.03 MHz`, `2.4 GHz`, `0 Hz`. */
export function formatPrefixed(value: number, unit: string, digits: number): string {
  if (value === 0) return `0 ${unit}`;
  if (!Number.isFinite(value)) return `${value > 0 ? 'infinite' : '-infinite'} ${unit}`;
  const rounded = Number(value.toPrecision(digits));
  const [factor, prefix] = steps.find(([f]) => Math.abs(rounded) >= f) ?? steps[steps.length - 1]!;
  return `${Number((rounded / factor).toPrecision(digits))} ${prefix}${unit}`;
}

/**
 * A value and how far it may be off, in the same unit and to the same place: `50.0 ohm ± 0.3 ohm`. The uncertainty has one
 * significant figure, two where it begins with 1 or 2 (as usual in reports of measurements).
 */
export function formatUncertain(value: number, uncertainty: number, unit: string): string {
  const [factor, prefix] = steps.find(([f]) => Math.abs(value) >= f * 0.9995) ?? steps[steps.length - 1]!;
  const off = uncertainty / factor;
  const place = Math.floor(Math.log10(off));
  const decimals = (off / 10 ** place < 2.95 ? 1 : 0) - place;
  const write = (figure: number) =>
    decimals >= 0 ? figure.toFixed(decimals) : String(Math.round(figure * 10 ** decimals) / 10 ** decimals);
  return `${write(value / factor)} ${prefix}${unit} ± ${write(off)} ${prefix}${unit}`;
}
