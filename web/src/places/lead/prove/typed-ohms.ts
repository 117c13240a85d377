import { parseResistance } from '@gorvane/core/quantity/resistance.ts';

/** Typed ohms as they are stored: open is null, an emptied field is no reading. */
export function ohmsFrom(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const ohms = parseResistance(text);
  return Number.isFinite(ohms) ? ohms : null;
}
