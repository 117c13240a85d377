import type { Connector } from '../connector/connector.ts';
import type { LineElement } from './cascade.ts';

/** Connector series as a pair is mated: what a line sees, and what it stands. Engineering values. */
export interface ConnectorSeries {
  readonly id: string;
  readonly name: string;
  readonly impedance: number;
  /** Electrical body of a mated pair, metres. */
  readonly length: number;
  readonly velocityFactor: number;
  /** dB at 1 GHz, growing with the square root of frequency. */
  readonly lossDbAt1GHz: number;
  /** Hertz; null where the limit is computed from its own mismatch, never a class figure. */
  readonly limit: number | null;
  /** Average power at 1 GHz, watts at 20 C ambient; falls with the square root of frequency. */
  readonly powerAt1GHz: number;
  /** Peak volts at sea level. */
  readonly peakVolts: number;
}

const series = (
  id: string,
  name: string,
  impedance: number,
  lengthMm: number,
  figures: readonly [lossDbAt1GHz: number, limit: number | null, powerAt1GHz: number, peakVolts: number],
  velocityFactor = 0.7,
): ConnectorSeries => ({
  id,
  name,
  impedance,
  length: lengthMm * 1e-3,
  velocityFactor,
  lossDbAt1GHz: figures[0],
  limit: figures[1],
  powerAt1GHz: figures[2],
  peakVolts: figures[3],
});

/**
 * Mated pairs by series. Constant-impedance ones are a little lossy line of their impedance. The UHF pattern is a
 * section of about 35 ohm, its dielectric partly solid: 27 dB return loss at 162 MHz, 22 dB at 285 MHz.
 */
export const connectorSeries: readonly ConnectorSeries[] = [
  series('sma', 'SMA pair', 50, 14, [0.03, 18e9, 150, 480]),
  series('bnc', 'BNC pair, 50 ohm', 50, 22, [0.06, 4e9, 80, 700]),
  series('bnc-75', 'BNC pair, 75 ohm', 75, 22, [0.06, 3e9, 80, 700]),
  series('tnc', 'TNC pair', 50, 22, [0.05, 11e9, 100, 700]),
  series('tnc-75', 'TNC pair, 75 ohm', 75, 22, [0.06, 3e9, 100, 700]),
  series('n', 'N pair', 50, 26, [0.03, 11e9, 300, 1400]),
  series('7-16', '7-16 pair', 50, 32, [0.015, 7.5e9, 1200, 3900]),
  series('uhf', 'UHF pair', 35, 28, [0.08, null, 200, 700], 0.8),
  series('f', 'F pair, 75 ohm', 75, 16, [0.08, 3e9, 20, 500]),
];

/** A series by its id. @throws RangeError when there is none. */
export function connectorSeriesById(id: string): ConnectorSeries {
  const found = connectorSeries.find((entry) => entry.id === id);
  if (!found) throw new RangeError(`connectors: there is no series "${id}"`);
  return found;
}

/** The series of a connector of the catalogue, by its name and impedance. @throws RangeError when there is none. */
export function seriesOfConnector({ series: name, impedance }: Connector): ConnectorSeries {
  return connectorSeriesById(`${name.toLowerCase()}${impedance === 75 ? '-75' : ''}`);
}

/** A mated pair as a piece of line with its loss spread over its length. */
export function connectorElement(
  connector: Pick<ConnectorSeries, 'impedance' | 'length' | 'velocityFactor' | 'lossDbAt1GHz'>,
): LineElement {
  const perHundred = (connector.lossDbAt1GHz / connector.length) * 100;
  return {
    kind: 'line',
    impedance: connector.impedance,
    velocityFactor: connector.velocityFactor,
    length: connector.length,
    loss: { k1: perHundred / Math.sqrt(1e9), k2: 0 },
  };
}

/** Least return loss of an assembly, dB, up to each frequency. House defaults, engineering values; the UHF pattern is computed. */
const assemblyReturnLoss: Readonly<Record<string, readonly (readonly [upTo: number, db: number])[]>> = {
  sma: [
    [1e9, 23],
    [3e9, 20],
    [6e9, 17],
  ],
  tnc: [
    [1e9, 23],
    [3e9, 20],
    [6e9, 17],
  ],
  'tnc-75': [
    [1e9, 23],
    [3e9, 20],
  ],
  n: [
    [1e9, 23],
    [3e9, 20],
    [6e9, 17],
  ],
  bnc: [
    [1e9, 23],
    [4e9, 18],
  ],
  'bnc-75': [
    [1e9, 23],
    [3e9, 18],
  ],
  '7-16': [[2.7e9, 26]],
  f: [
    [1e9, 20],
    [2.1e9, 15],
  ],
};

/** Least return loss that an assembly with this series should show at a frequency, dB; undefined where none is set. */
export function leastReturnLoss({ id }: ConnectorSeries, frequency: number): number | undefined {
  return assemblyReturnLoss[id]?.find(([upTo]) => frequency <= upTo)?.[1];
}

/** Loss of a mated pair at a frequency, dB. */
export function connectorSeriesLossDb({ lossDbAt1GHz }: ConnectorSeries, frequency: number): number {
  return lossDbAt1GHz * Math.sqrt(frequency / 1e9);
}
