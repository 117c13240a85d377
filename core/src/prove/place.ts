import type { Lead } from '../lead/lead.ts';
import { nodesOfPiece } from '../lead/lead.ts';
import type { Explanation } from './diagnosis.ts';
import type { Fault } from './fault.ts';
import { leadNetwork, networkCapacitance } from './lead-network.ts';
import { networkResistance } from './network.ts';
import type { OhmReading } from '../reading/ohms.ts';
import { ohmReading } from '../reading/ohms.ts';
import type { Readings } from '../reading/reading.ts';
import type { ReflectionFinding } from './reflection-findings.ts';
import { ohmsOf, pairKey } from '../reading/reading.ts';
import type { PieceLengths } from './resistance.ts';
import { contactAllowance } from './resistance.ts';
import type { Wiring } from '../wiring/wiring.ts';

/** Where along its piece an open or a short sits, and from which readings that follows. */
export interface Placed {
  readonly pieceId: string;
  /** From which end the distance counts, and the other. */
  readonly fromEndId: string;
  readonly toEndId: string;
  /** Metres of cable from the first of them, and by how much it may be off. */
  readonly distance: number;
  readonly uncertainty: number;
  readonly where: 'from end' | 'cable' | 'to end' | 'two places' | 'unsure';
  readonly by: 'capacitance' | 'resistance' | 'reflection';
}

/** A pair of points to put a meter on, and what it reads there if the break is at the other end or right here. */
export interface CapacitanceWanted {
  readonly endId: string;
  readonly from: string;
  readonly to: string;
  readonly whole: number;
  readonly stray: number;
}

/** Capacitance of a made cable is within this part of its class. Engineering value. */
const capacitanceSpread = 0.1;
/** The loop of a made cable is within this part of its figure: clad wire and braids by their class, cores under the maximum of theirs. Engineering value. */
const loopSpread = 0.1;
/** Nearer to an end than this part of the piece a place cannot be told from the end itself. */
const atEnd = 0.02;

/** A lead, its wiring and the cable in it. */
interface Subject {
  readonly lead: Lead;
  readonly wiring: Wiring;
  readonly lengths: PieceLengths;
}

/** The conductor that an open fault is about, where it is one conductor of one piece between two ends. */
interface OpenConductor {
  readonly pieceId: string;
  readonly terminals: readonly [number, number];
}

function openConductor({ lead, wiring }: Subject, terminal: number): OpenConductor | undefined {
  const { conductor } = wiring.terminals[terminal]!;
  const terminals = wiring.terminals.flatMap((each, index) => (each.conductor === conductor ? [index] : []));
  const { pieceId } = wiring.conductors[conductor]!;
  const piece = lead.pieces.find(({ id }) => id === pieceId)!;
  const isStraight =
    terminals.length === 2 &&
    nodesOfPiece(lead, piece).every((node) => lead.ends.some((end) => end.nodeId === node));
  return isStraight ? { pieceId, terminals: [terminals[0]!, terminals[1]!] } : undefined;
}

/**
 * What a capacitance meter should be put on to place an open: at each end its point against the nearest neighbour that is
 * not open. Undefined where the conductor does not run straight from end to end.
 */
export function capacitancesWanted(subject: Subject, terminal: number): CapacitanceWanted[] | undefined {
  const open = openConductor(subject, terminal);
  if (!open) return undefined;
  const [first, second] = open.terminals.map((at, index) =>
    wantedAt(subject, open, at, open.terminals[1 - index]!),
  );
  return first && second ? [first, second] : undefined;
}

function wantedAt(
  { lead, wiring, lengths }: Subject,
  { pieceId }: OpenConductor,
  here: number,
  there: number,
): CapacitanceWanted | undefined {
  const { endId, point } = wiring.terminals[here]!;
  const neighbour = wiring.terminals.find(
    (other, index) =>
      index !== here &&
      other.endId === endId &&
      other.point !== null &&
      other.point !== point &&
      other.strand?.pieceId === pieceId,
  );
  if (point === null || !neighbour) return undefined;
  const read = (openAt: number) =>
    networkCapacitance(
      leadNetwork({ lead, lengths, celsius: 20, faults: [{ kind: 'open', terminal: openAt }] }, wiring),
      point,
      neighbour.point!,
    );
  const [whole, stray] = [read(there), read(here)];
  if (whole === undefined || stray === undefined) return undefined;
  return { endId, from: wiring.points[point]!.id, to: wiring.points[neighbour.point!]!.id, whole, stray };
}

/** A fault of an explanation placed by what was read; undefined where nothing was read that tells. */
export function placeFault(subject: Subject, fault: Fault, takes: readonly Readings[]): Placed | undefined {
  if (fault.kind === 'open') return placeOpen(subject, fault.terminal, takes);
  if (fault.kind === 'short') return placeShort(subject, fault.points, takes);
  return undefined;
}

/**
 * An open by the ratio of the capacitances from its two ends, or from one end against what the whole cable has. Cores that
 * float beside the meter's two bend the law, so the place is looked for in the same network that foretells the readings.
 */
function placeOpen(subject: Subject, terminal: number, takes: readonly Readings[]): Placed | undefined {
  const open = openConductor(subject, terminal);
  const wanted = capacitancesWanted(subject, terminal);
  if (!open || !wanted) return undefined;
  const shareOf = ({ whole, stray }: CapacitanceWanted, farads: number) => (farads - stray) / (whole - stray);
  const shares = wanted.map((each) => {
    const read = takes
      .flatMap(({ farads }) => farads ?? [])
      .findLast((reading) => pairKey(reading.from, reading.to) === pairKey(each.from, each.to));
    return read && shareOf(each, read.farads);
  });
  const [near, far] = shares;
  const length = subject.lengths.get(open.pieceId)!;
  const ends = { fromEndId: wanted[0]!.endId, toEndId: wanted[1]!.endId };
  const base = { ...ends, pieceId: open.pieceId, by: 'capacitance' as const };
  if (near === undefined && far === undefined) return undefined;
  const model = openModel(subject, open, wanted);
  if (near !== undefined && far !== undefined) {
    const ratio = Math.max(0, near) / Math.max(near + far, 1e-9);
    const place = placeWhere(model, ([a, b]) => a / (a + b) - ratio);
    const [a, b] = model(place);
    // Both readings together are what one break there would show, but for the spread of the class.
    const whole = (near + far) / (a + b);
    const distance = place * length;
    if (whole < 1 - 2 * capacitanceSpread)
      return {
        ...base,
        distance: near * length,
        uncertainty: capacitanceSpread * length,
        where: 'two places',
      };
    if (whole > 1 + 2 * capacitanceSpread) return { ...base, distance, uncertainty: length, where: 'unsure' };
    return { ...base, ...placedAt(place, 0.02, length) };
  }
  const index = near === undefined ? 1 : 0;
  // Next to nothing, and less than strays were thought to be, is nothing: broken right here.
  const share = Math.max(0, shares[index]!);
  const rising = index === 0 ? 1 : -1;
  const place = placeWhere(model, (both) => rising * (both[index]! - share));
  return { ...base, ...placedAt(place, 0.01 + capacitanceSpread * Math.min(1, share), length) };
}

/** Shares of the whole capacitance that a break shows from both ends, by its part of the way from the first. */
type OpenModel = (part: number) => readonly [number, number];

function openModel(
  { lead, wiring, lengths }: Subject,
  { pieceId, terminals }: OpenConductor,
  wanted: readonly CapacitanceWanted[],
): OpenModel {
  const { strand, endId } = wiring.terminals[terminals[0]]!;
  const piece = lead.pieces.find(({ id }) => id === pieceId)!;
  const isForward = lead.ends.find(({ id }) => id === endId)!.nodeId === nodesOfPiece(lead, piece)[0];
  const indexOf = (id: string) => wiring.points.findIndex((point) => point.id === id);
  return (part) => {
    const at = Math.min(1 - nearest, Math.max(nearest, isForward ? part : 1 - part));
    const broken = { kind: 'cable open', pieceId, conductor: strand!.conductor, at } as const;
    const network = leadNetwork({ lead, lengths, celsius: 20, faults: [broken] }, wiring);
    const [a, b] = wanted.map(({ from, to, whole, stray }) => {
      const farads = networkCapacitance(network, indexOf(from), indexOf(to)) ?? whole;
      return (farads - stray) / (whole - stray);
    });
    return [a!, b!];
  };
}

/** So near to an end a break is still inside the cable. */
const nearest = 1e-3;

/** The part of the piece at which a rising function of both shares is zero, by halving. */
function placeWhere(model: OpenModel, error: (shares: readonly [number, number]) => number): number {
  let [low, high] = [nearest, 1 - nearest];
  if (error(model(low)) >= 0) return 0;
  if (error(model(high)) <= 0) return 1;
  for (let halving = 0; halving < 14; halving++) {
    const middle = (low + high) / 2;
    if (error(model(middle)) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * A short by the resistance into it from both ends: `x = (Ra - Rb + R) / 2R` with R the loop of the two conductors; what the
 * short itself has drops out. Both readings are in the matrix.
 */
function placeShort(
  subject: Subject,
  points: readonly [number, number],
  takes: readonly Readings[],
): Placed | undefined {
  const { lead, wiring, lengths } = subject;
  const strands = points.map((point) => wiring.terminals.find((terminal) => terminal.point === point));
  const [a, b] = strands;
  if (!a?.strand || !b?.strand || a.strand.pieceId !== b.strand.pieceId) return undefined;
  const open = openConductor(subject, wiring.terminals.indexOf(a));
  if (!open) return undefined;
  const endIds = open.terminals.map((terminal) => wiring.terminals[terminal]!.endId);
  const pointOf = (conductor: number, endId: string) =>
    wiring.terminals.find((terminal) => terminal.conductor === conductor && terminal.endId === endId)?.point;
  const pairs = endIds.map((endId) => [pointOf(a.conductor, endId), pointOf(b.conductor, endId)]);
  if (pairs.flat().some((point) => point === null || point === undefined)) return undefined;
  const readings = pairs.map(([p, q]) => ohmsBetween(wiring.points[p!]!.id, wiring.points[q!]!.id, takes));
  const [near, far] = readings;
  if (!near || !far || !Number.isFinite(near.ohms + far.ohms)) return undefined;
  const { resistors, nodes } = leadNetwork({ lead, lengths, celsius: takes[0]!.celsius, faults: [] }, wiring);
  const loop = pairs[0]!.reduce<number>(
    (sum, point, index) => sum + networkResistance(resistors, nodes, point!, pairs[1]![index]!),
    0,
  );
  const share = (near.ohms - far.ohms + loop) / (2 * loop);
  const contacts = pairs.flat().reduce<number>((sum, point) => {
    const { endId, contact } = wiring.points[point!]!;
    return sum + contactAllowance(lead, endId, contact) / 2;
  }, 0);
  const read = near.uncertainty + far.uncertainty + contacts;
  const off = read / (2 * loop) + loopSpread * Math.abs(share - 0.5);
  const base = {
    pieceId: open.pieceId,
    fromEndId: endIds[0]!,
    toEndId: endIds[1]!,
    by: 'resistance' as const,
  };
  return { ...base, ...placedAt(share, off, lengths.get(open.pieceId)!) };
}

/** A place that may be off by more than this part of the piece says nothing. */
const vague = 1 / 3;

/** An open or a short of a lead with two ends by the total reflection that its first end sees. */
export function placeByReflection(
  { lead, lengths }: Pick<Subject, 'lead' | 'lengths'>,
  fault: Fault,
  reflected: readonly ReflectionFinding[],
): Placed | undefined {
  const [near, far] = lead.ends;
  const [piece] = lead.pieces;
  const total = reflected.find(({ event }) => event.kind === fault.kind);
  if (!total || !piece || !near || !far || lead.ends.length !== 2) return undefined;
  const length = lengths.get(piece.id)!;
  const { distance, uncertainty, place } = total;
  const told = place === 'cable' ? place : place === 'near end' ? 'from end' : 'to end';
  return {
    pieceId: piece.id,
    fromEndId: near.id,
    toEndId: far.id,
    distance: Math.min(length, Math.max(0, distance)),
    uncertainty,
    where: uncertainty > vague * length ? 'unsure' : told,
    by: 'reflection',
  };
}

/** Ohms between two points, as the last who read them did; leads of a meter drop out of the difference that a place is found by. */
function ohmsBetween(from: string, to: string, takes: readonly Readings[]): OhmReading | undefined {
  return takes
    .flatMap((take) => {
      const shown = ohmsOf(take.pairs.find((pair) => pairKey(pair.from, pair.to) === pairKey(from, to)));
      return shown === undefined ? [] : [ohmReading(take, shown)];
    })
    .at(-1);
}

/** A part of a piece as a place; where it may be off by more than a third of it, nothing is said. */
function placedAt(
  share: number,
  off: number,
  length: number,
): Pick<Placed, 'distance' | 'uncertainty' | 'where'> {
  const distance = Math.min(1, Math.max(0, share)) * length;
  const uncertainty = off * length;
  const isOutside = share < -off - atEnd || share > 1 + off + atEnd;
  if (off > vague || isOutside) return { distance, uncertainty, where: 'unsure' };
  const slack = Math.max(atEnd, off);
  const where = share <= slack ? 'from end' : share >= 1 - slack ? 'to end' : 'cable';
  return { distance, uncertainty, where };
}

/** Whether a fault that an explanation puts at an end can be there, after what was read. */
export function agreesWith(wiring: Wiring, fault: Fault, placed: Placed | undefined): boolean {
  if (!placed || placed.where === 'unsure' || placed.where === 'two places' || placed.where === 'cable')
    return true;
  const endId =
    fault.kind === 'open'
      ? wiring.terminals[fault.terminal]!.endId
      : fault.kind === 'short'
        ? wiring.points[fault.points[0]]!.endId
        : undefined;
  return endId === (placed.where === 'from end' ? placed.fromEndId : placed.toEndId);
}

/** Explanations that the places leave standing, or all where they leave none. */
export function withPlaces(
  wiring: Wiring,
  explanations: readonly Explanation[],
  placedOf: (fault: Fault) => Placed | undefined,
): readonly Explanation[] {
  const left = explanations.filter(({ faults }) =>
    faults.every((fault) => agreesWith(wiring, fault, placedOf(fault))),
  );
  return left.length > 0 ? left : explanations;
}
