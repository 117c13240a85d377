import { decimalOf, inRange } from './number.ts';
import { formatPrefixed, parsePrefixed } from './prefix.ts';
import { QuantityError } from './quantity-error.ts';

const expected = 'a resistance such as 0.12, 12 mohm, 1.2 Mohm, or "open"';
const openWords = new Set(['open', 'ol', 'over', 'inf', 'infinite', 'none']);
const ohmSpellings = ['ohms', 'ohm', 'Ω', 'Ω', 'r'];

/** Reads a meter reading and returns ohms; `open`, `OL` and `over` give Infinity. @throws QuantityError when negative or unreadable. */
export function parseResistance(text: string): number {
  if (openWords.has(text.trim().toLowerCase())) return Infinity;
  return inRange(parsePrefixed(text, ohmSpellings, expected), { min: 0, max: 1e15, expected }, text);
}

/** Three significant figures with prefix; an open circuit is said in a word. */
export function formatResistance(ohms: number): string {
  return ohms === Infinity ? 'open' : formatPrefixed(ohms, 'ohm', 3);
}

/** An impedance, ohm, as real and imaginary part. */
export interface Impedance {
  readonly re: number;
  readonly im: number;
}

const impedanceExpected =
  'an impedance such as 50, 35+j12, open, short, an SWR such as SWR 1.5, or a return loss such as RL 14 dB';

/**
 * Reads a load: a resistance, a complex impedance `35+j12`, the words open and short, `SWR 1.5` or `RL 14 dB`
 * (the resistance above `reference` ohm that has this standing-wave ratio or return loss; neither tells a phase).
 * The real part is at least 0: a load gives no power. An open circuit is 1e9 ohm, far above any line.
 * @throws QuantityError when unreadable or when the real part is negative.
 */
export function parseLoad(text: string, reference: number): Impedance {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/\s+/g, '')
    .replace(/(ohms?|[ΩΩ])$/, '');
  if (openWords.has(word)) return { re: 1e9, im: 0 };
  if (word === 'short') return { re: 0, im: 0 };
  const swr = /^swr:?([\d.,]+)(?::1)?$/.exec(word);
  if (swr) {
    const ratio = decimalOf(swr[1]!);
    if (!(ratio >= 1 && ratio <= 1e6)) throw new QuantityError(text, 'a standing-wave ratio of 1 or more');
    return { re: ratio * reference, im: 0 };
  }
  const returnLoss = /^rl:?([\d.,]+)(?:db)?$/.exec(word);
  if (returnLoss) {
    const size = 10 ** (-decimalOf(returnLoss[1]!) / 20);
    if (!(size > 0 && size < 1)) throw new QuantityError(text, 'a return loss above 0 dB');
    return { re: (reference * (1 + size)) / (1 - size), im: 0 };
  }
  return parseRectangular(word, text);
}

/** Reads `35+j12` or one part of it. */
function parseRectangular(word: string, text: string): Impedance {
  const match = /^([+-]?[\d.,]+)?(?:([+-]?)j([\d.,]+))?$/.exec(word);
  if (!match || word === '') throw new QuantityError(text, impedanceExpected);
  const re = decimalOf(match[1] ?? '0');
  const im = decimalOf(match[3] ?? '0') * (match[2] === '-' ? -1 : 1);
  if (!(Number.isFinite(im) && re >= 0 && re <= 1e9)) throw new QuantityError(text, impedanceExpected);
  return { re, im };
}

/** Writes an impedance the way it is typed: `50 ohm`, `35+j12 ohm`, `open`, `short`. */
export function formatLoad(load: Impedance): string {
  if (load.re >= 1e9) return 'open';
  if (load.re === 0 && load.im === 0) return 'short';
  const re = Number(load.re.toPrecision(4));
  if (load.im === 0) return `${re} ohm`;
  return `${re}${load.im < 0 ? '-' : '+'}j${Number(Math.abs(load.im).toPrecision(4))} ohm`;
}
