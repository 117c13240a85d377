import { QuantityError } from './quantity-error.ts';

const decimal = /^[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?$/i;

/** A matched decimal, with point or decimal comma. */
export const decimalOf = (text: string): number => Number(text.replace(',', '.'));

/**
 * Reads a plain decimal number as people type it: `12.7`, `12,7`, `-1`, `1 000`, `2e-3`.
 * A comma is a decimal comma; spaces between groups of three digits are allowed.
 * @throws QuantityError when the text is not one finite number.
 */
export function parseNumber(text: string, expected: string): number {
  const compact = text.trim().replace(/(\d)[\s\u00a0\u202f](?=\d{3}(?:\D|$))/g, '$1');
  if (!decimal.test(compact)) throw new QuantityError(text, expected);
  const value = decimalOf(compact);
  if (!Number.isFinite(value)) throw new QuantityError(text, expected);
  return value;
}

/**
 * Splits `12.7 mm` into its number text and its unit text (which may be empty).
 * @throws QuantityError when the text does not begin with a number.
 */
export function splitUnit(text: string, expected: string): { number: string; unit: string } {
  const match = /^\s*([+-]?[\d.,\s\u00a0\u202f]*\d[.,]?(?:e[+-]?\d+)?|[+-]?[.,]\d+)\s*(.*?)\s*$/i.exec(text);
  if (!match) throw new QuantityError(text, expected);
  return { number: match[1] ?? '', unit: match[2] ?? '' };
}

/** What a range check needs to word its refusal. Bounds are inclusive and in SI. */
export interface Range {
  readonly min: number;
  readonly max: number;
  readonly expected: string;
}

/**
 * Passes a value that lies in the range; written so that NaN fails.
 * @throws QuantityError naming what was typed and the range expected.
 */
export function inRange(value: number, range: Range, typed: string): number {
  if (!(value >= range.min && value <= range.max)) throw new QuantityError(typed, range.expected);
  return value;
}
