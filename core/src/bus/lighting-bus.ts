import type { BitCell } from './bit-cell.ts';
import { judgeCells } from './bit-cell.ts';
import type { BusBranch, BusCable, BusNetwork } from './travelling-wave.ts';
import { bitDrive, settledLevels, simulateBus } from './travelling-wave.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';

/** A lighting-control run as a technician lays it. */
export interface LightingBus {
  readonly cable: BusCable;
  readonly length: number;
  /** Evenly spaced, the last at the far end. */
  readonly receivers: number;
  /** Unit loads of each receiver (EIA-485): one is 12 kohm between the lines, on the safe side. */
  readonly unitLoads: number;
  /** Ohm; null for none. */
  readonly terminator: number | null;
  readonly branch: { readonly at: number; readonly length: number } | null;
}

/** Limits of the standard and of good practice. */
export const lightingLimits = {
  length: 300,
  unitLoads: 32,
  stub: 0.3,
  /** Receiver threshold, volts either way (EIA-485). */
  threshold: 0.2,
  /** What a run should keep over the threshold. Engineering value. */
  margin: 0.2,
  impedance: 120,
} as const;

/** Rate and edges of ANSI E1.11 over EIA-485, driver at its least: 1.5 V into 54 ohm. */
const signal = { bitRate: 250_000, edgeTime: 250e-9, emf: 3, sourceResistance: 54 } as const;

/** Capacitance of one receiver, farads. Engineering value. */
const receiverCapacitance = 100e-12;

/** A pattern with single bits and pairs, so that every kind of edge meets the echo of the one before. */
const pattern: readonly (0 | 1)[] = [1, 0, 1, 1, 0, 0, 1, 0, 1, 0];

/** Why a run is not Good. */
export interface BusReason {
  readonly code:
    | 'weak'
    | 'false edge'
    | 'ringing'
    | 'no terminator'
    | 'wrong terminator'
    | 'wrong cable'
    | 'branch'
    | 'too long'
    | 'too many receivers';
  readonly value: number;
}

export interface BusStudy {
  readonly verdict: 'Good' | 'tight' | 'Out';
  readonly reasons: readonly BusReason[];
  /** The receiver with the least level: its number from 1, or the branch end (0). */
  readonly worst: number;
  readonly worstLevel: number;
  readonly settledLevel: number;
  readonly wave: { readonly timeStep: number; readonly volts: Float64Array };
  readonly cells: readonly BitCell[];
  /** Least level in the middle of a bit, by receiver. */
  readonly levels: readonly number[];
}

/** @throws RangeError when the bus cannot be. */
function networkOf(bus: LightingBus): BusNetwork {
  if (!(Number.isInteger(bus.receivers) && bus.receivers >= 1 && bus.receivers <= 256))
    throw new RangeError(`lighting bus: expected 1 to 256 receivers, found ${bus.receivers}`);
  if (!(bus.unitLoads > 0 && bus.unitLoads <= 4))
    throw new RangeError(`lighting bus: expected a unit load above 0 and at most 4, found ${bus.unitLoads}`);
  if (bus.terminator !== null && !(bus.terminator > 0))
    throw new RangeError(`lighting bus: expected a terminator above 0 ohm or none, found ${bus.terminator}`);
  const resistance = 12_000 / bus.unitLoads;
  const taps = Array.from({ length: bus.receivers }, (_, k) => ({
    at: (bus.length * (k + 1)) / bus.receivers,
    resistance:
      k === bus.receivers - 1 && bus.terminator !== null
        ? 1 / (1 / resistance + 1 / bus.terminator)
        : resistance,
    capacitance: receiverCapacitance,
  }));
  const branches: BusBranch[] = bus.branch
    ? [{ ...bus.branch, cable: bus.cable, end: { resistance, capacitance: receiverCapacitance } }]
    : [];
  return { length: bus.length, cable: bus.cable, taps, branches };
}

/**
 * The waveform at the worst receiver of a lighting run, ten bits long, and whether every receiver is sure of every bit.
 * @throws RangeError when the bus cannot be.
 */
export function studyLightingBus(bus: LightingBus): BusStudy {
  const network = networkOf(bus);
  const speed = bus.cable.velocityFactor * speedOfLight;
  const delayTo = (distance: number) => distance / speed;
  const duration = (pattern.length + 0.5) / signal.bitRate + delayTo(bus.length + (bus.branch?.length ?? 0));
  const emf = bitDrive(pattern, 0, signal.bitRate, signal.edgeTime, signal.emf);
  const drive = { sourceResistance: signal.sourceResistance, emf };
  const wave = simulateBus(network, drive, duration, piecesFor(bus));
  const settled = settledLevels(network, signal.sourceResistance, signal.emf);
  const distances = network.taps.map(({ at }) => at);
  if (bus.branch) distances.push(bus.branch.at + bus.branch.length);
  const cellsOf = wave.voltages.map((volts, tap) =>
    judgeCells({ timeStep: wave.timeStep, volts }, pattern, {
      bitRate: signal.bitRate,
      delay: delayTo(distances[tap]!),
      settledLevel: settled[tap]!,
    }),
  );
  const levels = cellsOf.map((cells) =>
    Math.min(...cells.map(({ bit, min, max }) => (bit === 1 ? min : -max))),
  );
  const worstTap = levels.indexOf(Math.min(...levels));
  const reasons = [
    ...signalReasons(levels[worstTap]!, settled[worstTap]!, cellsOf[worstTap]!),
    ...practiceReasons(bus),
  ];
  return {
    verdict: verdictOf(reasons, levels[worstTap]!),
    reasons,
    worst: worstTap < bus.receivers ? worstTap + 1 : 0,
    worstLevel: levels[worstTap]!,
    settledLevel: settled[worstTap]!,
    wave: { timeStep: wave.timeStep, volts: wave.voltages[worstTap]! },
    cells: cellsOf[worstTap]!,
    levels,
  };
}

/** Pieces of line: every receiver on a node, and no piece longer than a metre or shorter than needed. */
function piecesFor(bus: LightingBus): number {
  const wanted = Math.min(256, Math.max(24, Math.ceil(bus.length / 0.8)));
  return bus.receivers * Math.ceil(wanted / bus.receivers);
}

function signalReasons(level: number, settled: number, cells: readonly BitCell[]): BusReason[] {
  const overshoot = Math.max(...cells.map((cell) => cell.overshoot));
  return [
    ...(level < 0 ? [{ code: 'false edge', value: level } as const] : []),
    ...(level >= 0 && level < lightingLimits.threshold + lightingLimits.margin
      ? [{ code: 'weak', value: level } as const]
      : []),
    ...(overshoot > 0.25 * settled ? [{ code: 'ringing', value: overshoot } as const] : []),
  ];
}

function practiceReasons(bus: LightingBus): BusReason[] {
  const { terminator, cable, branch, length } = bus;
  const off = Math.abs(cable.impedance / lightingLimits.impedance - 1);
  return [
    ...(terminator === null ? [{ code: 'no terminator', value: 0 } as const] : []),
    ...(terminator !== null && Math.abs(terminator / lightingLimits.impedance - 1) > 0.1
      ? [{ code: 'wrong terminator', value: terminator } as const]
      : []),
    ...(off > 0.15 ? [{ code: 'wrong cable', value: cable.impedance } as const] : []),
    ...(branch && branch.length > lightingLimits.stub
      ? [{ code: 'branch', value: branch.length } as const]
      : []),
    ...(length > lightingLimits.length ? [{ code: 'too long', value: length } as const] : []),
    ...(bus.receivers * bus.unitLoads > lightingLimits.unitLoads
      ? [{ code: 'too many receivers', value: bus.receivers * bus.unitLoads } as const]
      : []),
  ];
}

/** Out when a receiver may read wrongly; tight when it reads, but beyond the standard or without margin. */
function verdictOf(reasons: readonly BusReason[], level: number): BusStudy['verdict'] {
  if (level < lightingLimits.threshold) return 'Out';
  return reasons.length > 0 ? 'tight' : 'Good';
}
