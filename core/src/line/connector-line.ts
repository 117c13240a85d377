import type { ConnectorSeries } from '../connector/series.ts';
import type { LineElement } from './cascade.ts';

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

/** What the computed return loss of a UHF end is allowed to fall short by, dB. House default. */
const uhfAllowance = 3;

/**
 * Least return loss of an assembly with these ends at a frequency, dB: the lowest of their classes; for a series that has
 * no class (the UHF pattern) what is predicted of the assembly, less 3 dB. Undefined where a class says nothing.
 */
export function leastOfAssembly(
  ends: readonly ConnectorSeries[],
  frequency: number,
  predictedDb: number,
): number | undefined {
  const each = ends.map((series) =>
    series.limit === null ? Math.max(0, predictedDb - uhfAllowance) : leastReturnLoss(series, frequency),
  );
  const known = each.filter((value) => value !== undefined);
  return known.length === each.length ? Math.min(...known) : undefined;
}
