import type { Cable } from '../cable/cable.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { pairFigures } from '../cable/pair.ts';

/** How a signal uses a cable. */
export type AudioConnection = 'balanced' | 'unbalanced';

/** Capacitance that the source drives, farads per metre, and what it is made of. */
export interface RunCapacitance {
  readonly perMetre: number;
  readonly between: string;
}

/**
 * Capacitance across the signal. Balanced: core to core with the shield in the middle. Unbalanced on a pair: one core
 * against the other core tied to the shield. Coax: centre to shield, whichever way it is used.
 */
export function runCapacitance(cable: Cable, connection: AudioConnection): RunCapacitance {
  if (cable.structure !== 'cores')
    return { perMetre: lineFigures(cable).capacitance, between: 'centre to shield' };
  const pair = pairFigures(cable);
  if (connection === 'balanced' || pair.coreToShield === null)
    return { perMetre: pair.coreToCore, between: 'core to core' };
  return { perMetre: pair.coreToShield, between: 'core to shield and the other core' };
}

function checkRun(sourceResistance: number, loadResistance: number, capacitance: number): void {
  if (!(sourceResistance > 0 && loadResistance > 0 && capacitance > 0))
    throw new RangeError('audio run: expected source, load and capacitance above 0');
}

/** Source and load as the capacitance sees them: in parallel. */
const drivenResistance = (source: number, load: number) =>
  load === Infinity ? source : (source * load) / (source + load);

/** Upper corner (half power), hertz: `1 / (2 pi R C)`. @throws RangeError when a value cannot be. */
export function upperCorner(source: number, load: number, capacitance: number): number {
  checkRun(source, load, capacitance);
  return 1 / (2 * Math.PI * drivenResistance(source, load) * capacitance);
}

/** Droop at a frequency under the corner, dB, positive: `10 log (1 + (f / fc)^2)`. */
export function droopDb(frequency: number, corner: number): number {
  return 10 * Math.log10(1 + (frequency / corner) ** 2);
}

/** Longest run, metres, that droops at most `droop` dB at a frequency. */
export function longestAudioRun(
  droop: number,
  frequency: number,
  source: number,
  load: number,
  capacitancePerMetre: number,
): number {
  checkRun(source, load, capacitancePerMetre);
  const corner = frequency / Math.sqrt(10 ** (droop / 10) - 1);
  return 1 / (2 * Math.PI * drivenResistance(source, load) * corner * capacitancePerMetre);
}
