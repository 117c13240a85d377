import { decimalOf } from '../quantity/number.ts';
import { QuantityError } from '../quantity/quantity-error.ts';

/** Most that a lead may be asked to carry, volts: extra-low voltage, and what a constant-voltage line has. */
const most = { usual: 50, speaker: 120 } as const;

/**
 * Reads a working voltage, or that there is none to speak of.
 * @throws QuantityError when it is mains or near it: Gorvane plans no mains leads.
 */
export function parseWorkingVoltage(text: string, signal: string): number {
  const limit = signal === 'speaker' ? most.speaker : most.usual;
  const expected = `at most ${limit} V: Gorvane plans no mains leads, they are work for licensed hands under the local code`;
  if (/mains|line voltage/i.test(text)) throw new QuantityError(text, expected);
  const match = /^\s*([\d.,]+)\s*(?:V(?:\s*(?:ac|dc))?|volts?)?\s*$/i.exec(text);
  const volts = decimalOf(match?.[1] ?? '');
  if (!match || !(volts >= 0 && volts <= limit)) throw new QuantityError(text, expected);
  return volts;
}
