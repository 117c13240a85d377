import { parseLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';

/** How many units are asked for. @throws QuantityError outside 1 to 500. */
export function parseQuantity(text: string): number {
  const count = Number(text.trim());
  if (!(Number.isInteger(count) && count >= 1 && count <= 500))
    throw new QuantityError(text, 'a whole number from 1 to 500');
  return count;
}

/** Cable that there is for another try, metres. @throws QuantityError outside 0 to 10 m. */
export function parseAnotherTry(text: string): number {
  const spare = parseLength(text);
  if (!(spare >= 0 && spare <= 10)) throw new QuantityError(text, 'what can be drawn out, 0 to 10 m');
  return spare;
}

/** What is wrong with a field, in its own words; undefined when it reads. */
export function problemOf(read: () => unknown): string | undefined {
  try {
    read();
    return undefined;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}
