import { inRange } from './number.ts';
import { formatPrefixed, parsePrefixed } from './prefix.ts';

const expected = 'a frequency such as 162.025 MHz, 162M or 2.4G, from 1 Hz to 110 GHz';

/**
 * Reads a working frequency and returns hertz. A bare number is taken as megahertz, which is what coax people mean.
 * @throws QuantityError outside 1 Hz to 110 GHz.
 */
export function parseFrequency(text: string): number {
  // No one works at millihertz here: a small m or no unit means mega, a small g giga.
  const worded = text
    .trim()
    .replace(/^([\d.,\s]+)$|(?<=[\d\s])m(?:hz)?$/i, '$1MHz')
    .replace(/(?<=[\d\s])g(?:hz)?$/i, 'GHz');
  return inRange(parsePrefixed(worded, ['hz'], expected), { min: 1, max: 110e9, expected }, text);
}

/** Reads a list of frequencies separated by commas with a space, semicolons or new lines. */
export function parseFrequencies(text: string): number[] {
  const parts = text.split(/;|\n|,\s+|\s+and\s+/).filter((part) => part.trim() !== '');
  const frequencies = (parts.length > 0 ? parts : ['']).map(parseFrequency);
  return [...new Set(frequencies)].sort((a, b) => a - b);
}

/** Six significant figures: a channel such as 162.025 MHz stays itself. */
export function formatFrequency(hertz: number): string {
  return formatPrefixed(hertz, 'Hz', 6);
}
