import { parseLength } from '../quantity/length.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import type { Shrink } from './house.ts';
import { shrinkName } from './shrink-name.ts';

/** Wall of a tube as supplied, both sides together, where only its bores are known, metres. Engineering value. */
const suppliedWalls = 0.8e-3;

/**
 * Reads a tube by its supplied and recovered bore in millimetres, `19/6.4` or `19/6.4 adhesive`.
 * @throws QuantityError when it is not two bores, the first the larger.
 */
export function parseShrink(text: string): Shrink {
  const match = /^\s*([\d.,]+)\s*\/\s*([\d.,]+)\s*(adhesive)?\s*$/i.exec(text);
  if (!match) throw new QuantityError(text, 'two bores such as 19/6.4, or 19/6.4 adhesive');
  const [supplied, recovered] = [parseLength(match[1]!), parseLength(match[2]!)];
  if (!(recovered > 0 && supplied > recovered && supplied < 0.2))
    throw new QuantityError(text, 'a supplied bore larger than the recovered one');
  const adhesive = match[3] !== undefined;
  const tube = { supplied, recovered, adhesive };
  return { name: shrinkName(tube), ...tube, outside: supplied + suppliedWalls };
}
