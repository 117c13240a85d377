import { parseNumber } from './number.ts';
import { QuantityError } from './quantity-error.ts';

/** One inch in metres, exactly (international inch). */
export const inch = 0.0254;
export const foot = 12 * inch;

export type LengthUnit = 'mm' | 'in';

const expected = 'a length such as 12.7, 12,7 mm, 3.4 m, 1/2 in or 3\'6"';

const metresPer: Record<string, number> = {
  um: 1e-6,
  µm: 1e-6,
  mm: 1e-3,
  cm: 1e-2,
  m: 1,
  km: 1e3,
  in: inch,
  inch: inch,
  inches: inch,
  '"': inch,
  '″': inch,
  ft: foot,
  foot: foot,
  feet: foot,
  "'": foot,
  '′': foot,
};

/** Reads `1/2`, `1 1/2`, `33/64` or a decimal. */
function parseMixedNumber(text: string, typed: string): number {
  const fraction = /^\s*([+-])?\s*(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)\s*$/.exec(text);
  if (!fraction) return parseNumber(text, expected);
  const denominator = Number(fraction[4]);
  if (!(denominator > 0)) throw new QuantityError(typed, expected);
  const magnitude = Number(fraction[2] ?? 0) + Number(fraction[3]) / denominator;
  return fraction[1] === '-' ? -magnitude : magnitude;
}

/** Reads `3'6"`, `3 ft 6 in`, `3ft 6 1/2"`. Returns undefined when the text is not feet and inches. */
function parseFeetAndInches(text: string): number | undefined {
  const match =
    /^\s*([+-])?\s*(\d+)\s*(?:'|′|ft|feet|foot)\s*([\d\s./,-]+?)\s*(?:"|″|in|inch|inches)?\s*$/i.exec(text);
  if (!match) return undefined;
  const metres = Number(match[2]) * foot + parseMixedNumber(match[3] ?? '', text) * inch;
  return match[1] === '-' ? -metres : metres;
}

/**
 * Reads a length as people type it and returns metres.
 * A bare number is in `unit` (millimetres unless said otherwise); a bare fraction is in inches.
 * @throws QuantityError when it is not a length.
 */
export function parseLength(text: string, unit: LengthUnit | 'm' = 'mm'): number {
  const feet = parseFeetAndInches(text);
  if (feet !== undefined) return feet;
  const match = /^\s*([+-]?[\d.,\s\u00a0\u202f/-]*(?:e[+-]?\d+)?)\s*([a-zµ"'″′]*)\s*$/i.exec(text);
  const number = match?.[1]?.trim() ?? '';
  if (!match || number === '') throw new QuantityError(text, expected);
  const unitText = (match[2] ?? '').toLowerCase();
  const factor = unitText === '' ? (number.includes('/') ? inch : metresPer[unit]) : metresPer[unitText];
  if (factor === undefined) throw new QuantityError(text, expected);
  return parseMixedNumber(number, text) * factor;
}

/**
 * Reads a length that must be positive and at most `max` metres.
 * @throws QuantityError naming the limits.
 */
export function parsePositiveLength(text: string, max: number, unit: LengthUnit | 'm' = 'mm'): number {
  const value = parseLength(text, unit);
  if (!(value > 0 && value <= max)) {
    const limit = max >= 1 ? `${max} m` : `${round(max * 1e3, 3)} mm`;
    throw new QuantityError(text, `a length above 0 and at most ${limit}`);
  }
  return value;
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}

/** Groups the thousands of an integer text with a thin space, as on drawings: 3 400. */
function grouped(text: string): string {
  const [whole = '', decimals] = text.split('.');
  const spaced = whole.replace(/\B(?=(\d{3})+(?!\d))/g, '\u202f');
  return decimals === undefined ? spaced : `${spaced}.${decimals}`;
}

/** A figure that rounds to nothing has no sign. */
const fixed = (value: number, digits: number): string => {
  const text = value.toFixed(digits);
  return Number(text) === 0 ? text.replace('-', '') : text;
};

/** Millimetres with `digits` decimals (one is what a caliper holds on a strip), without the unit. */
export function formatMillimetres(metres: number, digits = 1): string {
  return grouped(fixed(metres * 1e3, digits));
}

/** Writes a difference in millimetres with its sign; one that rounds to nothing has none. */
export function formatSignedMillimetres(metres: number, digits = 2): string {
  const text = formatMillimetres(Math.abs(metres), digits);
  if (Number((metres * 1e3).toFixed(digits)) === 0) return text;
  return `${metres > 0 ? '+' : '−'}${text}`;
}

/** The tolerance from which a 1/64 inch fraction is fine enough; below it decimal inch is shown. */
const fractionTolerance = 0.4e-3;

/**
 * Inches beside a millimetre figure: a fraction to 1/64 where the tolerance (metres) is 0.4 mm or wider and the
 * length is shorter than a foot, else decimal inch to three places.
 */
export function formatInches(metres: number, tolerance: number): string {
  const inches = metres / inch;
  if (!(tolerance >= fractionTolerance - 1e-9) || Math.abs(inches) >= 12) return `${fixed(inches, 3)}"`;
  const sixtyFourths = Math.round(Math.abs(inches) * 64);
  const sign = inches < 0 && sixtyFourths > 0 ? '-' : '';
  const whole = Math.floor(sixtyFourths / 64);
  let numerator = sixtyFourths % 64;
  let denominator = 64;
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  if (numerator === 0) return `${sign}${whole}"`;
  return `${sign}${whole > 0 ? `${whole} ` : ''}${numerator}/${denominator}"`;
}

/** Metres for the length of a run: `3.4 m`, `18 m`, `0.35 m`; at most millimetre resolution. */
export function formatMetres(metres: number): string {
  return `${round(metres, 3)} m`;
}

/** From here on a length is that of a cable: metres, feet and inches are read off more easily. */
const long = 2;

/** Feet and inches with a tenth: `11 ft 2.7 in`. */
function formatFeet(metres: number): string {
  const tenths = Math.round((Math.abs(metres) / inch) * 10);
  const sign = metres < 0 && tenths > 0 ? '-' : '';
  return `${sign}${Math.floor(tenths / 120)} ft ${(tenths % 120) / 10} in`;
}

/** A length as it is said in feet and inches: inches of a short one, feet and inches from 2 m on. */
export const formatImperial = (metres: number, tolerance: number): string =>
  Math.abs(metres) >= long ? formatFeet(metres) : formatInches(metres, tolerance);

/** The same length in the other figure that a person may prefer: mm first or inch first, both always shown. */
export function formatLength(
  metres: number,
  options: { first?: LengthUnit; tolerance?: number; digits?: number } = {},
): string {
  const { first = 'mm', tolerance = 0.1e-3, digits = 1 } = options;
  const isLong = Math.abs(metres) >= long;
  const metric = isLong ? formatMetres(metres) : `${formatMillimetres(metres, digits)} mm`;
  const imperial = formatImperial(metres, tolerance);
  return first === 'mm' ? `${metric} (${imperial})` : `${imperial} (${metric})`;
}
