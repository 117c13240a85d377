import { formatSwr, parseDecibels } from './decibel.ts';
import { inRange, parseNumber } from './number.ts';

/** Standing-wave ratio of a reflection by its size: `(1 + r) / (1 - r)`; infinite from 1 on. */
export const swrOfSize = (size: number): number => (size >= 1 ? Infinity : (1 + size) / (1 - size));

/** The same of a return loss in dB: `r = 10^(-db / 20)`. */
export const swrOfReturnLoss = (returnLoss: number): number => swrOfSize(10 ** (-returnLoss / 20));

/** Return loss of a standing-wave ratio of 1 or more, dB: `20 log10((s + 1) / (s - 1))`; of 1 it has no end. */
export function returnLossOfSwr(swr: number): number {
  return swr > 1 ? 20 * Math.log10((swr + 1) / (swr - 1)) : Infinity;
}

/** A match both ways, as meters show it: `1.22 (20.1 dB)`. */
export function formatMatch(returnLoss: number): string {
  return `${formatSwr(swrOfReturnLoss(returnLoss))} (${returnLoss.toFixed(1)} dB)`;
}

/** More than this a return loss is not read, dB. */
const mostReturnLoss = 60;

const expected = 'a ratio such as 1.2, or a return loss such as 21 dB';

/** Reads a match as somebody saw it: a bare number of 1 or more is a ratio, with dB behind it a return loss. @returns dB. @throws QuantityError */
export function parseMatch(text: string): number {
  if (/db\s*$/i.test(text))
    return inRange(parseDecibels(text), { min: 0, max: mostReturnLoss, expected }, text);
  const ratio = parseNumber(text.replace(/\s*:\s*1\s*$/, ''), expected);
  return Math.min(mostReturnLoss, returnLossOfSwr(inRange(ratio, { min: 1, max: 1000, expected }, text)));
}
