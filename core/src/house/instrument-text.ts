import { formatCapacitance, parseCapacitance } from '../quantity/capacitance.ts';
import { formatDecibels, parseDecibels } from '../quantity/decibel.ts';
import { formatFrequency, parseFrequency } from '../quantity/frequency.ts';
import { formatMetres, parseLength } from '../quantity/length.ts';
import { inRange, parseNumber } from '../quantity/number.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import { formatResistance, parseResistance } from '../quantity/resistance.ts';
import type { Instrument, Uncertainty } from './instrument.ts';

/** What an uncertainty may be of. */
type OffBy = 'ohms' | 'farads' | 'loss' | 'length';

const fixedPart = {
  ohms: { parse: parseResistance, write: formatResistance, example: '0.8 % + 0.2 ohm' },
  farads: { parse: parseCapacitance, write: formatCapacitance, example: '1 % + 1 pF' },
  loss: { parse: parseDecibels, write: formatDecibels, example: '1 % + 0.05 dB' },
  length: { parse: (text: string) => parseLength(text, 'm'), write: formatMetres, example: '0.5 % + 0.2 m' },
} as const;

const percent = (part: number) => `${Number((part * 100).toPrecision(3))} %`;

/** How far a reading may be off: a part of it, a fixed part, or both. */
export function offText({ relative, fixed }: Uncertainty, of: OffBy): string {
  const parts = [
    ...(relative > 0 ? [percent(relative)] : []),
    ...(fixed > 0 ? [fixedPart[of].write(fixed)] : []),
  ];
  return parts.length === 0 ? '0 %' : parts.join(' + ');
}

/**
 * Reads how far a reading may be off, `0.8 % + 0.2 ohm`; null where nothing is typed: it does not read that.
 * @throws QuantityError when it is neither a part nor a fixed figure.
 */
export function parseOff(text: string, of: OffBy): Uncertainty | null {
  if (text.trim() === '') return null;
  const { parse, example } = fixedPart[of];
  const expected = `a part of the reading and a fixed part, such as ${example}, or nothing where it does not read that`;
  const match = /^\s*(?:([\d.,]+)\s*%)?\s*\+?\s*(.*?)\s*$/.exec(text)!;
  const [, part, rest] = match;
  const relative = part === undefined ? 0 : parsePart(part, expected, text);
  const fixed = rest === '' ? 0 : parse(rest!);
  if (!(fixed >= 0) || !Number.isFinite(fixed)) throw new QuantityError(text, expected);
  return { relative, fixed };
}

const parsePart = (part: string, expected: string, text: string) =>
  inRange(parseNumber(part, expected), { min: 0, max: 50, expected }, text) / 100;

/** Up to which voltage insulation is tested, and how far that reading may be off. */
export const insulationText = ({ volts, relative }: NonNullable<Instrument['insulation']>): string =>
  `${volts} V, ${percent(relative)}`;

/** Reads `500 V, 5 %`; null where nothing is typed. @throws QuantityError */
export function parseInsulation(text: string): Instrument['insulation'] {
  if (text.trim() === '') return null;
  const expected = 'a test voltage and a part of the reading, such as 500 V, 5 %';
  const match = /^\s*([\d.,]+)\s*V\s*(?:[,;]\s*([\d.,]+)\s*%)?\s*$/i.exec(text);
  if (!match) throw new QuantityError(text, expected);
  const volts = inRange(parseNumber(match[1]!, expected), { min: 10, max: 10_000, expected }, text);
  return { volts, relative: match[2] === undefined ? 0.05 : parsePart(match[2], expected, text), fixed: 0 };
}

/** From where to where it may be used. */
export const bandText = ({ from, to }: NonNullable<Instrument['band']>): string =>
  from === 0 ? `up to ${formatFrequency(to)}` : `${formatFrequency(from)} to ${formatFrequency(to)}`;

/** Reads `50 kHz to 3 GHz` or `up to 500 MHz`; null where nothing is typed. @throws QuantityError */
export function parseBand(text: string): Instrument['band'] {
  if (text.trim() === '') return null;
  const expected = 'from where to where, such as 100 kHz to 500 MHz, or up to 500 MHz';
  const [first, second, ...more] = text.replace(/^\s*up\s+to\s+/i, '0 to ').split(/\s+to\s+|\s*[–]\s*/i);
  if (!first || !second || more.length > 0) throw new QuantityError(text, expected);
  const from = first.trim() === '0' ? 0 : parseFrequency(first);
  const to = parseFrequency(second);
  if (!(to > from)) throw new QuantityError(text, expected);
  return { from, to };
}

/** Reads the impedance of a load or a terminator, ohm. @throws QuantityError */
export function parseImpedance(text: string): number {
  const expected = 'an impedance such as 50 ohm';
  return inRange(parseResistance(text), { min: 1, max: 10_000, expected }, text);
}

/** Reads what is left of a directivity, or the return loss of a load, dB. @throws QuantityError */
export function parseLeft(text: string): number {
  const expected = 'a figure of 10 to 60 dB, such as 35 dB';
  return inRange(parseDecibels(text), { min: 10, max: 60, expected }, text);
}

/** What an instrument reads, in one line. */
export function readsText(instrument: Instrument): string {
  const { ohms, farads, insulation, loss, match, length, impedance, band } = instrument;
  const isLoad = impedance !== null;
  return [
    ...(impedance === null ? [] : [formatResistance(impedance)]),
    ...(ohms ? [`ohms by ${ohms.wires === 2 ? 'two' : 'four'} wires, ± ${offText(ohms, 'ohms')}`] : []),
    ...(farads ? [`capacitance ± ${offText(farads, 'farads')}`] : []),
    ...(insulation ? [`insulation at ${insulationText(insulation)}`] : []),
    ...(match === null
      ? []
      : [isLoad ? `return loss ${match} dB` : `match with a directivity of ${match} dB`]),
    ...(loss && !isLoad ? [`loss ± ${offText(loss, 'loss')}`] : []),
    ...(length ? [`length ± ${offText(length, 'length')}`] : []),
    ...(band ? [bandText(band)] : []),
  ].join('; ');
}
