import type { House } from './house.ts';
import { formatMetres, parsePositiveLength } from '../quantity/length.ts';
import { QuantityError } from '../quantity/quantity-error.ts';

type LengthColours = House['lengthColours'];

/** The ring colour of a finished length (metres); null beyond the table. */
export function lengthColour(table: LengthColours, length: number): string | null {
  return [...table].sort((a, b) => a.upTo - b.upTo).find(({ upTo }) => length <= upTo + 1e-9)?.colour ?? null;
}

const expected = 'lengths with colours such as 2 m white; 5 m yellow, from the shortest';

/** Reads `2 m white; 5 m yellow`. @throws QuantityError when a part is not a length and a colour, or they do not rise. */
export function parseLengthColours(text: string): LengthColours {
  const rows = text
    .split(';')
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const match = /^\s*(.+?)\s+([a-z]{3,}(?: [a-z]+)*)\s*$/i.exec(part);
      if (!match) throw new QuantityError(part.trim(), expected);
      return { upTo: parsePositiveLength(match[1]!, 10_000, 'm'), colour: match[2]!.toLowerCase() };
    });
  if (rows.some(({ upTo }, index) => index > 0 && upTo <= rows[index - 1]!.upTo))
    throw new QuantityError(text, expected);
  return rows;
}

/** As `parseLengthColours` reads it. */
export function writeLengthColours(table: LengthColours): string {
  return table.map(({ upTo, colour }) => `${formatMetres(upTo)} ${colour}`).join('; ');
}
