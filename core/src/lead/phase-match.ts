import { decimalOf } from '../quantity/number.ts';
import { formatFrequency, parseFrequency } from '../quantity/frequency.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import type { Lead } from './lead.ts';

const expected = 'an angle and a frequency such as 5° at 1.575 GHz, or none';

/** Reads how closely the units of a set agree: `5° at 1.575 GHz`. @throws QuantityError outside 0 to 180 degrees. */
export function parsePhaseMatch(text: string): Lead['phaseMatch'] {
  if (text.trim() === '' || /^none$/i.test(text.trim())) return null;
  const match = /^\s*([\d.,]+)\s*(?:°|deg(?:rees?)?)?\s*(?:at|@)\s*(.+)$/i.exec(text);
  const degrees = decimalOf(match?.[1] ?? '');
  if (!match || !(degrees > 0 && degrees <= 180)) throw new QuantityError(text, expected);
  return { frequency: parseFrequency(match[2]!), within: (degrees * Math.PI) / 180 };
}

/** As `parsePhaseMatch` reads it. */
export function formatPhaseMatch(match: Lead['phaseMatch']): string {
  if (!match) return 'none';
  return `${Number(((match.within * 180) / Math.PI).toFixed(2))}° at ${formatFrequency(match.frequency)}`;
}
