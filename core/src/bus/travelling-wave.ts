import { speedOfLight } from '../line/line.ts';

/** A uniform two-wire line of a bus. Its impedance is the lossless figure; resistance is of the loop. */
export interface BusCable {
  readonly impedance: number;
  readonly velocityFactor: number;
  /** Ohm per metre, both wires. */
  readonly loopResistance: number;
}

/** Something across the line at a distance from the driver, metres. */
export interface BusTap {
  readonly at: number;
  /** Ohm; Infinity for none. */
  readonly resistance: number;
  /** Farad. */
  readonly capacitance: number;
}

/** A branch off the line: a star arm, or a stub to a receiver. */
export interface BusBranch {
  readonly at: number;
  readonly length: number;
  readonly cable: BusCable;
  /** What stands at its far end. */
  readonly end: Omit<BusTap, 'at'>;
}

export interface BusNetwork {
  readonly length: number;
  readonly cable: BusCable;
  readonly taps: readonly BusTap[];
  readonly branches: readonly BusBranch[];
}

export interface BusDrive {
  /** Ohm in series with the driver's voltage. */
  readonly sourceResistance: number;
  /** Open-circuit voltage at a time, volts. */
  readonly emf: (time: number) => number;
}

/** Voltages over time at the places asked for. */
export interface BusWaveform {
  readonly timeStep: number;
  /** By tap in the order of the network, then by branch end. */
  readonly voltages: readonly Float64Array[];
}

/** One short piece of line between two nodes, with half of its resistance at either end. */
interface Piece {
  readonly from: number;
  readonly to: number;
  readonly impedance: number;
  readonly halfResistance: number;
}

interface Mesh {
  readonly pieces: readonly Piece[];
  readonly nodes: number;
  readonly tapNodes: readonly number[];
  readonly conductance: Float64Array;
  readonly capacitance: Float64Array;
}

/** Puts the line into equal pieces of delay `timeStep`, and every tap and branch on its nearest node. */
function meshOf(network: BusNetwork, pieceCount: number, timeStep: number): Mesh {
  const { cable, length } = network;
  const pieces: Piece[] = [];
  const loads: { node: number; resistance: number; capacitance: number }[] = [];
  let nodes = 1;
  const run = (start: number, runCable: BusCable, runLength: number, count: number) => {
    let from = start;
    for (let n = 0; n < count; n++) {
      pieces.push({
        from,
        to: nodes,
        impedance: runCable.impedance,
        halfResistance: (runCable.loopResistance * runLength) / count / 2,
      });
      from = nodes++;
    }
    return from;
  };
  run(0, cable, length, pieceCount);
  const nodeAt = (at: number) => Math.round((at / length) * pieceCount);
  for (const { at, resistance, capacitance } of network.taps)
    loads.push({ node: nodeAt(at), resistance, capacitance });
  for (const branch of network.branches) {
    const delay = branch.length / (branch.cable.velocityFactor * speedOfLight);
    const end = run(
      nodeAt(branch.at),
      branch.cable,
      branch.length,
      Math.max(1, Math.round(delay / timeStep)),
    );
    loads.push({ node: end, resistance: branch.end.resistance, capacitance: branch.end.capacitance });
  }
  const conductance = new Float64Array(nodes);
  const capacitance = new Float64Array(nodes);
  for (const load of loads) {
    conductance[load.node]! += 1 / load.resistance;
    capacitance[load.node]! += load.capacitance;
  }
  return { pieces, nodes, tapNodes: loads.map(({ node }) => node), conductance, capacitance };
}

function checkNetwork({ length, cable, taps, branches }: BusNetwork): void {
  const goodCable = ({ impedance, velocityFactor, loopResistance }: BusCable) =>
    impedance > 0 && velocityFactor > 0 && velocityFactor <= 1 && loopResistance >= 0;
  const goodLoad = ({ resistance, capacitance }: Omit<BusTap, 'at'>) => resistance > 0 && capacitance >= 0;
  const onLine = ({ at }: { at: number }) => at >= 0 && at <= length;
  if (!(length > 0 && length <= 10_000 && goodCable(cable)))
    throw new RangeError(
      'bus: expected a line of positive length, impedance and velocity factor, up to 10 km',
    );
  if (!taps.every((tap) => goodLoad(tap) && onLine(tap)))
    throw new RangeError(
      'bus: expected taps on the line, with resistance above 0 and capacitance of 0 or more',
    );
  if (
    !branches.every(
      (branch) => onLine(branch) && branch.length > 0 && goodCable(branch.cable) && goodLoad(branch.end),
    )
  )
    throw new RangeError('bus: expected branches on the line, of positive length');
}

/** Pieces of the main line: enough that a piece is short against an edge and a receiver's charging time. */
const defaultPieces = 384;

/**
 * Voltages at the taps and branch ends from a settled start, by travelling waves (method of characteristics): each
 * piece delays by one step, nodes add what arrives, capacitances by the trapezoidal rule,
 * which keeps the charge and so the delay of many small receivers. `pieces` is a multiple of the
 * number of evenly spaced receivers where they should sit exactly.
 * @throws RangeError when the network cannot be. Source: Bergeron's method, transmission-line textbooks.
 */
export function simulateBus(
  network: BusNetwork,
  drive: BusDrive,
  duration: number,
  pieces: number = defaultPieces,
): BusWaveform {
  checkNetwork(network);
  if (!(drive.sourceResistance > 0 && duration > 0))
    throw new RangeError('bus: expected a source resistance and a duration above 0');
  const timeStep = network.length / (network.cable.velocityFactor * speedOfLight) / pieces;
  const mesh = meshOf(network, pieces, timeStep);
  const steps = Math.ceil(duration / timeStep) + 1;
  if (!(steps * mesh.pieces.length < 2e8))
    throw new RangeError(
      'bus: the line is too short for so long a time: shorten the time or take fewer bits',
    );
  return march(mesh, drive, timeStep, steps);
}

function march(mesh: Mesh, drive: BusDrive, timeStep: number, steps: number): BusWaveform {
  const count = mesh.pieces.length;
  const from = Int32Array.from(mesh.pieces, (piece) => piece.from);
  const to = Int32Array.from(mesh.pieces, (piece) => piece.to);
  const half = Float64Array.from(mesh.pieces, (piece) => piece.halfResistance);
  const pieceConductance = Float64Array.from(
    mesh.pieces,
    ({ impedance, halfResistance }) => 1 / (impedance + halfResistance),
  );
  const sourceConductance = 1 / drive.sourceResistance;
  const capacitive = mesh.capacitance.map((capacitance) => (2 * capacitance) / timeStep);
  const total = mesh.conductance.map((value, node) => value + capacitive[node]!);
  total[0]! += sourceConductance;
  for (let p = 0; p < count; p++) {
    total[from[p]!]! += pieceConductance[p]!;
    total[to[p]!]! += pieceConductance[p]!;
  }
  const voltage = settled(mesh, drive);
  /** Capacitor history: `2 C / dt v + i`, zero current when settled. */
  const history = voltage.map((value, node) => capacitive[node]! * value);
  const arriveAtFrom = new Float64Array(count);
  const arriveAtTo = new Float64Array(count);
  settleWaves(mesh, voltage, arriveAtFrom, arriveAtTo);
  const injected = new Float64Array(mesh.nodes);
  const voltages = mesh.tapNodes.map(() => new Float64Array(steps));
  mesh.tapNodes.forEach((node, tap) => (voltages[tap]![0] = voltage[node]!));
  for (let step = 1; step < steps; step++) {
    injected.set(history);
    injected[0]! += sourceConductance * drive.emf(step * timeStep);
    for (let p = 0; p < count; p++) {
      injected[from[p]!]! += 2 * arriveAtFrom[p]! * pieceConductance[p]!;
      injected[to[p]!]! += 2 * arriveAtTo[p]! * pieceConductance[p]!;
    }
    for (let node = 0; node < mesh.nodes; node++) {
      const value = injected[node]! / total[node]!;
      voltage[node] = value;
      history[node] = 2 * capacitive[node]! * value - history[node]!;
    }
    for (let p = 0; p < count; p++) {
      const conductance = pieceConductance[p]!;
      const nearVoltage = voltage[from[p]!]!;
      const farVoltage = voltage[to[p]!]!;
      const nearCurrent = (nearVoltage - 2 * arriveAtFrom[p]!) * conductance;
      const farCurrent = (farVoltage - 2 * arriveAtTo[p]!) * conductance;
      const sentForward = nearVoltage - nearCurrent * half[p]! - arriveAtFrom[p]!;
      const sentBack = farVoltage - farCurrent * half[p]! - arriveAtTo[p]!;
      arriveAtTo[p] = sentForward;
      arriveAtFrom[p] = sentBack;
    }
    for (let tap = 0; tap < voltages.length; tap++) voltages[tap]![step] = voltage[mesh.tapNodes[tap]!]!;
  }
  return { timeStep, voltages };
}

/** Node voltages with the driver settled at its value for time 0: pieces as resistances, a tree solved from its leaves. */
function settled(mesh: Mesh, drive: BusDrive): Float64Array {
  const conductance = Float64Array.from(mesh.conductance);
  for (let p = mesh.pieces.length - 1; p >= 0; p--) {
    const { from, to, halfResistance } = mesh.pieces[p]!;
    const beyond = conductance[to]!;
    conductance[from]! += beyond > 0 ? 1 / (2 * halfResistance + 1 / beyond) : 0;
  }
  const voltage = new Float64Array(mesh.nodes);
  voltage[0] = drive.emf(0) / (1 + drive.sourceResistance * conductance[0]!);
  for (const { from, to, halfResistance } of mesh.pieces)
    voltage[to] = voltage[from]! / (1 + 2 * halfResistance * conductance[to]!);
  return voltage;
}

/** The waves that hold a settled line: half of voltage plus and minus impedance times current. */
function settleWaves(mesh: Mesh, voltage: Float64Array, atFrom: Float64Array, atTo: Float64Array): void {
  const load = Float64Array.from(voltage, (value, node) => value * mesh.conductance[node]!);
  for (let p = mesh.pieces.length - 1; p >= 0; p--) {
    const { from, to, impedance, halfResistance } = mesh.pieces[p]!;
    const current = load[to]!;
    load[from]! += current;
    const middle = voltage[to]! + current * halfResistance;
    atTo[p] = (middle + impedance * current) / 2;
    atFrom[p] = (middle - impedance * current) / 2;
  }
}

/** Settled voltage at the taps and branch ends for a driver of `emf` volts. */
export function settledLevels(network: BusNetwork, sourceResistance: number, emf: number): number[] {
  checkNetwork(network);
  const mesh = meshOf(network, defaultPieces, 1e-9);
  const voltage = settled(mesh, { sourceResistance, emf: () => emf });
  return mesh.tapNodes.map((node) => voltage[node]!);
}

/** A driver's voltage for bits at a rate, straight ramps of `edgeTime` at each change; before 0 it has been at `previous`. */
export function bitDrive(
  bits: readonly (0 | 1)[],
  previous: 0 | 1,
  bitRate: number,
  edgeTime: number,
  emf: number,
) {
  const level = (bit: 0 | 1) => (bit === 1 ? emf : -emf);
  return (time: number): number => {
    if (time < 0) return level(previous);
    const place = Math.min(bits.length - 1, Math.floor(time * bitRate));
    const now = level(bits[place]!);
    const before = level(place === 0 ? previous : bits[place - 1]!);
    const part = Math.min(1, (time - place / bitRate) / edgeTime);
    return before + (now - before) * part;
  };
}
