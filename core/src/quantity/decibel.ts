import { inRange } from './number.ts';
import { parsePrefixed } from './prefix.ts';

/** Power ratio in decibels, positive for a loss: `10 log10(in / out)`. */
export function lossDb(powerIn: number, powerOut: number): number {
  return 10 * Math.log10(powerIn / powerOut);
}

/** A ratio of voltages in decibels, positive for a gain: `20 log10(ratio)`. */
export function decibelsOf(ratio: number): number {
  return 20 * Math.log10(ratio);
}

/** What is left of a power behind a loss in dB. */
export function powerAfter(power: number, db: number): number {
  return power * 10 ** (-db / 10);
}

/** One neper in decibels, exactly `20 / ln 10`. */
export const decibelsPerNeper = 20 / Math.LN10;

/** Two decimals: a hundredth of a decibel is below what a bench repeats. */
export function formatDecibels(db: number): string {
  if (db === Infinity) return 'infinite dB';
  const text = db.toFixed(2);
  return `${Number(text) === 0 ? '0.00' : text} dB`;
}

/** Standing-wave ratio: two decimals to 10, then one, then none; infinity said in a word. */
export function formatSwr(swr: number): string {
  if (!(swr < 1e4)) return 'infinite';
  return swr < 10 ? swr.toFixed(2) : swr < 100 ? swr.toFixed(1) : swr.toFixed(0);
}

const expectedDecibels = 'decibels such as 18 or 18.5 dB';

/** Reads a loss or rejection in decibels. @throws QuantityError outside -200 to 200. */
export function parseDecibels(text: string): number {
  return inRange(
    parsePrefixed(text, ['db'], expectedDecibels),
    { min: -200, max: 200, expected: expectedDecibels },
    text,
  );
}
