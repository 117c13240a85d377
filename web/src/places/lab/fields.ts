import type { ConnectorSeries } from '@gorvane/core/connector/series.ts';
import { connectorSeries } from '@gorvane/core/connector/series.ts';
import { parseCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { parseFrequencies, parseFrequency } from '@gorvane/core/quantity/frequency.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { parseCount, parseInductance, parseScalar } from '@gorvane/core/quantity/scalar.ts';
import type { AddressField } from './address.ts';

/** Any text, e.g. the id of a cable. */
export const word = (fallback: string): AddressField<string> => ({ fallback, read: (text) => text });

/** One of a few words. */
export function choice<const Options extends readonly string[]>(
  options: Options,
  fallback: Options[number],
): AddressField<Options[number]> {
  return {
    fallback,
    read: (text) => {
      if (!options.includes(text)) throw new QuantityError(text, `one of ${options.join(', ')}`);
      return text;
    },
  };
}

/** A connector series, or none. */
export const series = (fallback: string): AddressField<ConnectorSeries | null> => ({
  fallback,
  read: (text) => {
    if (text === 'none') return null;
    const found = connectorSeries.find(({ id }) => id === text);
    if (!found)
      throw new QuantityError(text, `none or one of ${connectorSeries.map(({ id }) => id).join(', ')}`);
    return found;
  },
});

/** A length in metres unless said otherwise. */
export const length = (fallback: string, max = 10_000): AddressField<number> => ({
  fallback,
  read: (text) => parsePositiveLength(text, max, 'm'),
});

/** A small length in millimetres unless said otherwise. */
export const millimetres = (fallback: string, max = 1): AddressField<number> => ({
  fallback,
  read: (text) => parsePositiveLength(text, max),
});

export const frequency = (fallback: string): AddressField<number> => ({ fallback, read: parseFrequency });
export const frequencies = (fallback: string): AddressField<number[]> => ({
  fallback,
  read: parseFrequencies,
});
export const power = (fallback: string): AddressField<number> => ({ fallback, read: parsePower });
export const resistance = (fallback: string): AddressField<number> => ({
  fallback,
  read: (text) => {
    const value = parseResistance(text);
    if (!(value > 0)) throw new QuantityError(text, 'a resistance above 0');
    return value;
  },
});
export const capacitance = (fallback: string): AddressField<number> => ({ fallback, read: parseCapacitance });
export const inductance = (fallback: string): AddressField<number> => ({ fallback, read: parseInductance });

export const scalar = (
  fallback: string,
  min: number,
  max: number,
  what: string,
  unit = '',
): AddressField<number> => ({
  fallback,
  read: (text) =>
    parseScalar(text, { min, max, expected: `${what}, ${min} to ${max}${unit && ` ${unit}`}` }, unit),
});

export const count = (fallback: string, min: number, max: number, what: string): AddressField<number> => ({
  fallback,
  read: (text) => parseCount(text, { min, max, expected: `${what}, ${min} to ${max}` }),
});

/** A band `30 MHz to 500 MHz`, or one frequency. Upside down is refused. */
export interface Band {
  readonly from: number;
  readonly to: number;
}

const bandExpected = 'a band such as 30 MHz to 500 MHz, from the lower to the higher frequency';

/** Reads a band; the unit of the second frequency holds for a bare first one, as people write `30 to 500 MHz`. */
export function parseBand(text: string): Band {
  const parts = text.split(/\s*(?:\bto\b|\.\.|–|—|(?<=[\da-z])\s*-\s*(?=[\d.]))\s*/i);
  if (parts.length !== 2) throw new QuantityError(text, bandExpected);
  const unit = /[a-z]+\s*$/i.exec(parts[1]!)?.[0] ?? '';
  const first = /[a-z]\s*$/i.test(parts[0]!) ? parts[0]! : `${parts[0]} ${unit}`;
  const band = { from: parseFrequency(first), to: parseFrequency(parts[1]!) };
  if (!(band.to > band.from)) throw new QuantityError(text, bandExpected);
  return band;
}

export const band = (fallback: string): AddressField<Band> => ({ fallback, read: parseBand });
