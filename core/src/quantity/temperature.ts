import { inRange, parseNumber, splitUnit } from './number.ts';
import { QuantityError } from './quantity-error.ts';

const expected = 'a temperature from -60 to 120 °C, such as 18 or 64 F';

/** Reads a temperature and returns degrees Celsius; a bare number is Celsius. @throws QuantityError outside -60 to 120 C. */
export function parseTemperature(text: string): number {
  const { number, unit } = splitUnit(text, expected);
  const value = parseNumber(number, expected);
  const scale = unit.replace(/^°\s*/, '').toLowerCase();
  if (!['', 'c', 'f'].includes(scale)) throw new QuantityError(text, expected);
  const celsius = scale === 'f' ? ((value - 32) * 5) / 9 : value;
  return inRange(celsius, { min: -60, max: 120, expected }, text);
}

/** To a tenth of a degree. */
export const formatTemperature = (celsius: number) => `${Number(celsius.toFixed(1))} °C`;
