import { inRange } from './number.ts';
import { formatPrefixed, parsePrefixed } from './prefix.ts';

const expected = 'a capacitance such as 330 pF or 1.2 nF';

/** Reads a capacitance and returns farads; a bare number is picofarads. @throws QuantityError outside 0 to 1 F. */
export function parseCapacitance(text: string): number {
  const bare = /^\s*[\d.,\s]+$/.test(text);
  return inRange(
    parsePrefixed(bare ? `${text.trim()} pF` : text, ['f'], expected),
    { min: 0, max: 1, expected },
    text,
  );
}

/** Three significant figures. */
export function formatCapacitance(farads: number): string {
  return formatPrefixed(farads, 'F', 3);
}
