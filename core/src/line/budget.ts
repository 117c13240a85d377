import { fittedAttenuation } from '../cable/attenuation.ts';
import { bendRadius, massPerMetre, shieldingDb } from '../cable/body.ts';
import type { BendRadius } from '../cable/body.ts';
import type { Cable } from '../cable/cable.ts';
import { topFrequency } from '../cable/electrical.ts';
import { lineFigures } from '../cable/line-figures.ts';
import type { ConnectorSeries } from '../connector/series.ts';
import { connectorSeriesLossDb } from '../connector/series.ts';
import { hotSpotFactor, powerLimits, temperatureRise } from './power-rating.ts';

/** What a run must do. */
export interface BudgetWant {
  /** Hertz, at least one. */
  readonly frequencies: readonly number[];
  /** Metres. */
  readonly length: number;
  /** Loss allowed, dB. */
  readonly limitDb: number;
  readonly systemImpedance: number;
  /** Watts while on. */
  readonly power: number;
  readonly duty: number;
  readonly swr: number;
  readonly ambientCelsius: number;
  readonly altitude: number;
  readonly environment: 'indoor' | 'outdoor' | 'buried';
  /** Mated pairs at the two ends. */
  readonly ends: readonly ConnectorSeries[];
}

/** Why a cable does not do. */
export type BudgetReason =
  | { readonly code: 'loss'; readonly lossDb: number }
  | { readonly code: 'impedance'; readonly impedance: number }
  | {
      readonly code: 'power';
      readonly power: number;
      readonly part: string;
      readonly kind: 'heat' | 'voltage';
    }
  | { readonly code: 'frequency'; readonly limit: number; readonly part: string }
  | { readonly code: 'environment' }
  | { readonly code: 'temperature'; readonly minimum: number; readonly maximum: number };

/** One cable against the want. */
export interface BudgetRow {
  readonly cable: Cable;
  /** Worst over the frequencies, connectors counted. */
  readonly lossDb: number;
  readonly worstFrequency: number;
  readonly marginDb: number;
  /** Longest run within the limit, metres; 0 when the connectors alone exceed it. */
  readonly longest: number;
  /** Power that it stands; undefined when its layers are not known. */
  readonly powerLimit: number | undefined;
  /** Rise of the jacket over the air, kelvin. */
  readonly jacketRise: number | undefined;
  readonly mass: number | undefined;
  readonly cost: number;
  readonly bend: BendRadius | undefined;
  readonly shieldingDb: number | undefined;
  /** Why it does not do; empty when it does. */
  readonly reasons: readonly BudgetReason[];
  /** Frequency, hertz, below which this loss is not to be trusted, when the want goes there. */
  readonly lossTrustedFrom: number | undefined;
  /** Frequency, hertz, at which its table ends, when the want goes beyond: the loss is extrapolated. */
  readonly tableEnds: number | undefined;
}

/** Nominal impedances of one class differ by this much. */
const sameImpedance = 1.05;

/**
 * Every cable against the want: those that do first, the cheapest of them first; then the others by how far they miss the
 * loss. Cables of cores are left out: a budget is for a transmission line of one system impedance.
 * @throws RangeError when the want cannot be.
 */
export function budget(cables: readonly Cable[], want: BudgetWant): BudgetRow[] {
  checkWant(want);
  return cables
    .filter((cable) => cable.structure !== 'cores' && cable.family !== 'unbalanced audio')
    .map((cable) => judge(cable, want))
    .sort((a, b) => {
      const [fails, alsoFails] = [a.reasons.length > 0, b.reasons.length > 0];
      if (fails !== alsoFails) return fails ? 1 : -1;
      return fails ? b.marginDb - a.marginDb : a.cost - b.cost;
    });
}

function checkWant({ frequencies, length, limitDb, power, systemImpedance }: BudgetWant): void {
  if (!(frequencies.length > 0 && frequencies.every((frequency) => frequency > 0 && frequency < 1e12)))
    throw new RangeError('budget: expected at least one frequency above 0');
  if (!(length > 0 && length < 1e6 && limitDb > 0 && power > 0 && systemImpedance > 0))
    throw new RangeError('budget: expected a length, a limit, a power and an impedance above 0');
}

function judge(cable: Cable, want: BudgetWant): BudgetRow {
  const figures = lineFigures(cable);
  const lossAt = (frequency: number) => {
    const ends = want.ends.reduce((sum, end) => sum + connectorSeriesLossDb(end, frequency), 0);
    const perMetre = fittedAttenuation(figures.fit, frequency) / 100;
    return { frequency, ends, perMetre, loss: perMetre * want.length + ends };
  };
  const losses = want.frequencies.map(lossAt);
  const worst = losses.reduce((most, at) => (at.loss > most.loss ? at : most));
  const longest = Math.min(
    ...losses.map(({ ends, perMetre }) => Math.max(0, want.limitDb - ends) / perMetre),
  );
  const coax = cable.structure === 'coax' ? cable : undefined;
  const highest = Math.max(...want.frequencies);
  // Heat allows least at the highest frequency; voltage does not care.
  const lowest = powerLimits(cable, want.ends, { ...want, frequency: highest })[0];
  const reasons: BudgetReason[] = [
    ...(worst.loss > want.limitDb ? [{ code: 'loss', lossDb: worst.loss } as const] : []),
    ...impedanceReason(figures.impedance, want.systemImpedance),
    ...(lowest && lowest.power < want.power
      ? [{ code: 'power', power: lowest.power, part: lowest.part, kind: lowest.kind } as const]
      : []),
    ...frequencyReasons(cable, want, highest),
    ...placeReasons(cable, want),
  ];
  return {
    cable,
    lossDb: worst.loss,
    worstFrequency: worst.frequency,
    marginDb: want.limitDb - worst.loss,
    longest,
    powerLimit: coax ? lowest?.power : undefined,
    jacketRise: coax
      ? temperatureRise(coax, highest, want.power * want.duty * hotSpotFactor(want.swr), want.ambientCelsius)
          .jacket
      : undefined,
    mass: scaled(massPerMetre(cable), want.length),
    cost: cable.relativeCost * want.length,
    bend: bendRadius(cable),
    shieldingDb: coax ? shieldingDb(coax) : undefined,
    reasons,
    tableEnds: highest > figures.tableEnds ? figures.tableEnds : undefined,
    lossTrustedFrom:
      Math.min(...want.frequencies) < figures.lossFrom.frequency ? figures.lossFrom.frequency : undefined,
  };
}

const scaled = (value: number | undefined, factor: number) =>
  value === undefined ? undefined : value * factor;

function impedanceReason(impedance: number, system: number): BudgetReason[] {
  const step = Math.max(impedance, system) / Math.min(impedance, system);
  return step > sameImpedance ? [{ code: 'impedance', impedance }] : [];
}

function frequencyReasons(cable: Cable, want: BudgetWant, highest: number): BudgetReason[] {
  const ofEnds = want.ends.flatMap(({ limit, name }) =>
    limit !== null && highest > limit ? [{ code: 'frequency', limit, part: name } as const] : [],
  );
  if (cable.structure !== 'coax') return ofEnds.slice(0, 1);
  const { limit: top } = topFrequency(cable);
  const ofCable = highest > top ? [{ code: 'frequency', limit: top, part: cable.name } as const] : [];
  return [...ofCable, ...ofEnds.slice(0, 1)];
}

function placeReasons(cable: Cable, want: BudgetWant): BudgetReason[] {
  if (cable.structure === 'sheet') return [];
  const { outdoor, burial, minimumCelsius, maximumCelsius } = cable.jacket;
  const wrongPlace =
    (want.environment === 'outdoor' && !outdoor && !burial) || (want.environment === 'buried' && !burial);
  const wrongHeat = !(want.ambientCelsius >= minimumCelsius && want.ambientCelsius <= maximumCelsius);
  return [
    ...(wrongPlace ? [{ code: 'environment' } as const] : []),
    ...(wrongHeat
      ? [{ code: 'temperature', minimum: minimumCelsius, maximum: maximumCelsius } as const]
      : []),
  ];
}
