import { powerAfter } from '../quantity/decibel.ts';
import type { CoaxCable } from '../cable/cable.ts';
import { computedAttenuation, fitAttenuation, fittedAttenuation } from '../cable/attenuation.ts';
import { lineFigures } from '../cable/line-figures.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import { connectorSeriesLossDb } from '../connector/series.ts';
import type { Explained } from '../quantity/explained.ts';
import type { Complex } from '../quantity/complex.ts';
import { complex } from '../quantity/complex.ts';
import { sweepLoaded } from './cascade.ts';
import { leadCascade } from './lead-cascade.ts';
import { reflectionOf, returnLossOf, swrOf } from './reflection.ts';

/** A coax lead between a system and a load, as a row of lines. */
export interface LeadLine {
  readonly cable: CoaxCable;
  /** Cable between the jacket edges, metres. */
  readonly length: number;
  readonly near: CoaxConnector;
  readonly far: CoaxConnector;
  readonly systemImpedance: number;
  readonly load: Complex;
  readonly inputPower: { readonly value: number; readonly assumed: boolean };
  /** Uniform temperature of the cable, C. The nominal table is for 20 C; only the computed figure follows it. */
  readonly celsius: number;
}

/** What the lead does at one frequency. Losses are positive decibels; SWR is referred to the system's impedance. */
export interface LeadMatch {
  readonly frequency: number;
  /** Attenuation of the cable: fit of its nominal table, with the figure from construction beside it. */
  readonly nominalPer100m: number;
  /** Whether that is beyond its table, and so extrapolated. */
  readonly isBeyondTable: boolean;
  readonly computedPer100m: number;
  /** Cable and both connectors into a matched load. */
  readonly matchedLoss: Explained;
  /** What the mismatch adds to it: total less matched. */
  readonly additionalLossDb: number;
  /** Power into the near end over power in the load. */
  readonly totalLossDb: number;
  readonly swrLoad: number;
  readonly swrInput: number;
  readonly returnLossDb: number;
  readonly powerAtLoad: Explained;
}

/** Loss of a lead in a matched system, at one frequency, and what it is made of. */
function matchedLossOf(line: LeadLine, frequency: number, nominalPer100m: number): Explained {
  const { cable, near, far } = line;
  const cableLoss = (nominalPer100m * line.length) / 100;
  const nearLoss = connectorSeriesLossDb(near.series, frequency);
  const farLoss = connectorSeriesLossDb(far.series, frequency);
  return {
    value: cableLoss + nearLoss + farLoss,
    kind: 'decibel',
    formula: 'cable loss per 100 m x length / 100 m + both connectors',
    terms: [
      {
        label: `${cable.name}, nominal table fitted by k1 sqrt f + k2 f`,
        value: nominalPer100m,
        kind: 'dB per 100 m',
        assumed: true,
      },
      { label: 'Cable between the jacket edges', value: line.length, kind: 'length' },
      { label: 'Cable', value: cableLoss, kind: 'decibel' },
      { label: `${near.series.series} at the near end`, value: nearLoss, kind: 'decibel', assumed: true },
      { label: `${far.series.series} at the far end`, value: farLoss, kind: 'decibel', assumed: true },
      {
        label: 'Computed from construction, for comparison',
        value: computedAttenuation(cable, frequency, line.celsius).total,
        kind: 'dB per 100 m',
      },
    ],
    source: `${cable.attenuationSource}; connectors: engineering value`,
  };
}

/** Loss, match and power of a lead at one frequency, hertz. */
export function matchAt(line: LeadLine, frequency: number): LeadMatch {
  const { cable, load, systemImpedance } = line;
  const fit = fitAttenuation(cable.nominalAttenuation);
  const nominalPer100m = fittedAttenuation(fit, frequency);
  const matchedLoss = matchedLossOf(line, frequency, nominalPer100m);
  const matched = matchedLoss.value;
  const loaded = sweepLoaded(leadCascade(line), Float64Array.of(frequency), systemImpedance, load);
  const totalLossDb = loaded.totalLossDb[0]!;
  const atInput = complex(loaded.s11Re[0]!, loaded.s11Im[0]!);
  const { value: inputPower, assumed } = line.inputPower;
  return {
    frequency,
    nominalPer100m,
    isBeyondTable: frequency > lineFigures(cable).tableEnds,
    computedPer100m: computedAttenuation(cable, frequency, line.celsius).total,
    matchedLoss,
    additionalLossDb: totalLossDb - matched,
    totalLossDb,
    swrLoad: swrOf(reflectionOf(load, systemImpedance)),
    swrInput: swrOf(atInput),
    returnLossDb: returnLossOf(atInput),
    powerAtLoad: {
      value: powerAfter(inputPower, totalLossDb),
      kind: 'power',
      formula: 'power into the near end x 10^(-total loss / 10)',
      terms: [
        { label: 'Power into the near end', value: inputPower, kind: 'power', assumed },
        { label: 'Matched loss', value: matched, kind: 'decibel' },
        { label: 'Added by the mismatch', value: totalLossDb - matched, kind: 'decibel' },
      ],
      source: 'cascade of connector, cable, connector with the phase of skin effect, exact power ratio',
    },
  };
}
