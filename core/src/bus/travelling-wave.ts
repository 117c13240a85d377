import { speedOfLight } from '../quantity/speed-of-light.ts';

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

/** A row of equal pieces of line. Its nodes follow one another; it hangs on a node of its own beginning or of another run. */
interface Run {
  readonly startNode: number;
  readonly firstNode: number;
  readonly firstPiece: number;
  readonly count: number;
  readonly impedance: number;
  /** Half of a piece's resistance, which stands at either end of it. */
  readonly half: number;
}

interface Mesh {
  readonly runs: readonly Run[];
  readonly nodes: number;
  readonly pieces: number;
  readonly tapNodes: readonly number[];
  readonly conductance: Float64Array;
  readonly capacitance: Float64Array;
}

/** Puts the line into equal pieces of delay `timeStep`, and every tap and branch on its nearest node. */
function meshOf(network: BusNetwork, pieceCount: number, timeStep: number): Mesh {
  const { cable, length } = network;
  const runs: Run[] = [];
  const loads: { node: number; resistance: number; capacitance: number }[] = [];
  let nodes = 1;
  let pieces = 0;
  const add = (startNode: number, of: BusCable, runLength: number, count: number) => {
    const half = (of.loopResistance * runLength) / count / 2;
    runs.push({ startNode, firstNode: nodes, firstPiece: pieces, count, impedance: of.impedance, half });
    nodes += count;
    pieces += count;
    return nodes - 1;
  };
  add(0, cable, length, pieceCount);
  const nodeAt = (at: number) => Math.round((at / length) * pieceCount);
  for (const { at, resistance, capacitance } of network.taps)
    loads.push({ node: nodeAt(at), resistance, capacitance });
  for (const branch of network.branches) {
    const delay = branch.length / (branch.cable.velocityFactor * speedOfLight);
    const count = Math.max(1, Math.round(delay / timeStep));
    const node = add(nodeAt(branch.at), branch.cable, branch.length, count);
    loads.push({ node, resistance: branch.end.resistance, capacitance: branch.end.capacitance });
  }
  const conductance = new Float64Array(nodes);
  const capacitance = new Float64Array(nodes);
  for (const load of loads) {
    conductance[load.node]! += 1 / load.resistance;
    capacitance[load.node]! += load.capacitance;
  }
  return { runs, nodes, pieces, tapNodes: loads.map(({ node }) => node), conductance, capacitance };
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
const defaultPieces = 256;

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
  if (!(steps * mesh.pieces < 2e8))
    throw new RangeError(
      'bus: the line is too short for so long a time: shorten the time or take fewer bits',
    );
  return march(mesh, drive, timeStep, steps);
}

/** Node that a piece of a run begins at. */
const nearNode = ({ startNode, firstNode }: Run, place: number) =>
  place === 0 ? startNode : firstNode + place - 1;

function march(mesh: Mesh, drive: BusDrive, timeStep: number, steps: number): BusWaveform {
  const { runs } = mesh;
  const sourceConductance = 1 / drive.sourceResistance;
  const capacitive = mesh.capacitance.map((capacitance) => (2 * capacitance) / timeStep);
  const charged = Int32Array.from(mesh.tapNodes.filter((node) => capacitive[node]! > 0));
  const total = mesh.conductance.map((value, node) => value + capacitive[node]!);
  total[0]! += sourceConductance;
  for (const run of runs)
    for (let place = 0; place < run.count; place++) {
      total[nearNode(run, place)]! += 1 / (run.impedance + run.half);
      total[run.firstNode + place]! += 1 / (run.impedance + run.half);
    }
  const inverse = total.map((value) => 1 / value);
  const voltage = settled(mesh, drive);
  /** Capacitor history: `2 C / dt v + i`, zero current when settled. */
  const history = voltage.map((value, node) => capacitive[node]! * value);
  const arriveNear = new Float64Array(mesh.pieces);
  const arriveFar = new Float64Array(mesh.pieces);
  settleWaves(mesh, voltage, arriveNear, arriveFar);
  const injected = new Float64Array(mesh.nodes);
  const voltages = mesh.tapNodes.map(() => new Float64Array(steps));
  mesh.tapNodes.forEach((node, tap) => (voltages[tap]![0] = voltage[node]!));
  for (let step = 1; step < steps; step++) {
    injected.set(history);
    injected[0]! += sourceConductance * drive.emf(step * timeStep);
    for (const { startNode, firstPiece, impedance, half } of runs)
      injected[startNode]! += (2 * arriveNear[firstPiece]!) / (impedance + half);
    voltage[0] = injected[0]! * inverse[0]!;
    for (const run of runs) passRun(run, voltage, injected, inverse, arriveNear, arriveFar);
    for (const node of charged) history[node] = 2 * capacitive[node]! * voltage[node]! - history[node]!;
    for (let tap = 0; tap < voltages.length; tap++) voltages[tap]![step] = voltage[mesh.tapNodes[tap]!]!;
  }
  return { timeStep, voltages };
}

/** One step along a run whose beginning is known: node after node, each sending on what it makes of what arrives. */
function passRun(
  { startNode, firstNode, firstPiece, count, impedance, half }: Run,
  voltage: Float64Array,
  injected: Float64Array,
  inverse: Float64Array,
  arriveNear: Float64Array,
  arriveFar: Float64Array,
): void {
  const conductance = 1 / (impedance + half);
  // A wave sent is `V - (V - 2 a) g h - a`, which is `V keep + a turn`.
  const keep = 1 - conductance * half;
  const turn = 2 * conductance * half - 1;
  const twice = 2 * conductance;
  let near = voltage[startNode]!;
  let waitingNear = arriveNear[firstPiece]!;
  for (let place = 0; place < count; place++) {
    const piece = firstPiece + place;
    const node = firstNode + place;
    const far = arriveFar[piece]!;
    const nextNear = place + 1 < count ? arriveNear[piece + 1]! : 0;
    const value = (injected[node]! + twice * (far + nextNear)) * inverse[node]!;
    arriveFar[piece] = near * keep + waitingNear * turn;
    arriveNear[piece] = value * keep + far * turn;
    voltage[node] = value;
    near = value;
    waitingNear = nextNear;
  }
}

/** Node voltages with the driver settled at its value for time 0: pieces as resistances, a tree solved from its leaves. */
function settled({ runs, conductance, nodes }: Mesh, drive: BusDrive): Float64Array {
  const beyond = Float64Array.from(conductance);
  for (const run of [...runs].reverse())
    for (let place = run.count - 1; place >= 0; place--) {
      const behind = beyond[run.firstNode + place]!;
      beyond[nearNode(run, place)]! += behind > 0 ? 1 / (2 * run.half + 1 / behind) : 0;
    }
  const voltage = new Float64Array(nodes);
  voltage[0] = drive.emf(0) / (1 + drive.sourceResistance * beyond[0]!);
  for (const run of runs)
    for (let place = 0; place < run.count; place++) {
      const node = run.firstNode + place;
      voltage[node] = voltage[nearNode(run, place)]! / (1 + 2 * run.half * beyond[node]!);
    }
  return voltage;
}

/** The waves that hold a settled line: half of voltage plus and minus impedance times current. */
function settleWaves(mesh: Mesh, voltage: Float64Array, near: Float64Array, far: Float64Array): void {
  const load = voltage.map((value, node) => value * mesh.conductance[node]!);
  for (const run of [...mesh.runs].reverse())
    for (let place = run.count - 1; place >= 0; place--) {
      const node = run.firstNode + place;
      const current = load[node]!;
      load[nearNode(run, place)]! += current;
      const middle = voltage[node]! + current * run.half;
      far[run.firstPiece + place] = (middle + run.impedance * current) / 2;
      near[run.firstPiece + place] = (middle - run.impedance * current) / 2;
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
