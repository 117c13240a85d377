import type { AskedReading } from '@gorvane/core/recipe/step.ts';
import { parseDecibels } from '@gorvane/core/quantity/decibel.ts';
import { parseForce } from '@gorvane/core/quantity/force.ts';
import { parseLength } from '@gorvane/core/quantity/length.ts';
import { parseResistance } from '@gorvane/core/quantity/resistance.ts';

/** How a reading that a hold point asks for is read from what was typed, and what its field says while it is empty. */
export const holdReaders: Record<
  AskedReading['quantity'],
  { read: (text: string) => number; placeholder: string }
> = {
  length: { read: (text) => parseLength(text), placeholder: 'mm' },
  resistance: { read: parseResistance, placeholder: 'ohm, or open' },
  force: { read: parseForce, placeholder: 'N' },
  decibel: { read: parseDecibels, placeholder: 'dB' },
};
