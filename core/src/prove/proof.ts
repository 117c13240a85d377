import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import type { Verdict } from '../strip/measured.ts';
import type { Diagnosis } from './diagnosis.ts';
import { diagnose } from './diagnosis.ts';
import type { Judged } from './judge.ts';
import type { FamilyCheck } from './family-checks.ts';
import { judgeAtLeast, judgeAtMost, judgeBetween, meterUncertainty } from './judge.ts';
import { leadWiring } from './lead-wiring.ts';
import type { Readings } from './reading.ts';
import { findPair, isConnected, ohmsOf, openAtLeast } from './reading.ts';
import type { ExpectedPath } from './resistance.ts';
import type { Contradiction, Wiring } from './wiring.ts';
import { partitionFromPairs, plannedPartition } from './wiring.ts';

/** One pair of points: what is planned, what was read. */
export interface PairCheck {
  readonly from: number;
  readonly to: number;
  readonly planned: boolean;
  readonly read: boolean | undefined;
  readonly ohms: number | undefined;
  readonly verdict: Verdict;
  /** Neither a connection nor an insulation: a leak between the two limits, ohm. */
  readonly leak: boolean;
}

/** A check of its own in the proof. A left-out check is said so on the certificate. */
export interface ProofCheck {
  readonly id: string;
  readonly label: string;
  readonly verdict: Verdict;
  readonly leftOut: boolean;
  readonly detail: string;
  readonly judged?: Judged;
}

export interface Proof {
  readonly verdict: Verdict;
  /** What decides the verdict, the first of the checks that is not Good. */
  readonly deciding: ProofCheck | undefined;
  readonly wiring: Wiring;
  readonly pairs: readonly PairCheck[];
  readonly checks: readonly ProofCheck[];
  readonly contradictions: readonly Contradiction[];
  /** Only once every pair has been read and some are wrong. */
  readonly diagnosis: Diagnosis | undefined;
}

/** Judges the readings of a unit against its plan. `paths` come from `expectedPaths` at the readings' temperature. */
export function prove(
  lead: Lead,
  paths: readonly ExpectedPath[],
  readings: Readings,
  house: House,
  lastEndId?: string,
  family: readonly FamilyCheck[] = [],
): Proof {
  const wiring = leadWiring(lead);
  const planned = plannedPartition(wiring);
  const pairs = pairsOfPoints(wiring.points.length).map(([from, to]) =>
    checkPair(wiring, planned, readings, from, to),
  );
  const { partition, contradictions } = partitionFromPairs(
    wiring.points.length,
    (a, b) => pairs.find(({ from, to }) => from === a && to === b)!.read === true,
  );
  const continuity = continuityCheck(pairs, contradictions);
  const checks = [
    continuity,
    ...paths.map((path) => resistanceCheck(path, readings, house)),
    ...family.map((check) => familyCheck(check, readings, house)),
    insulationCheck(lead, readings, house),
  ];
  const complete = pairs.every(({ read }) => read !== undefined);
  const wrong = pairs.some(({ planned: want, read }) => want !== read);
  const deciding =
    checks.find(({ verdict }) => verdict === 'Out') ??
    checks.find(({ verdict, leftOut }) => verdict === 'Not yet' && !leftOut);
  return {
    verdict: deciding?.verdict ?? 'Good',
    deciding,
    wiring,
    pairs,
    checks,
    contradictions,
    diagnosis:
      complete && wrong && contradictions.length === 0 ? diagnose(wiring, partition, lastEndId) : undefined,
  };
}

export function pairsOfPoints(count: number): [number, number][] {
  return Array.from({ length: count }, (_, a) =>
    Array.from({ length: count - a - 1 }, (__, b): [number, number] => [a, a + b + 1]),
  ).flat();
}

function checkPair(
  wiring: Wiring,
  planned: readonly number[],
  readings: Readings,
  from: number,
  to: number,
): PairCheck {
  const pair = findPair(readings, wiring.points[from]!.id, wiring.points[to]!.id);
  const read = isConnected(pair);
  const ohms = ohmsOf(pair);
  const isPlanned = planned[from] === planned[to];
  const leak = !isPlanned && ohms !== undefined && read === false && ohms < openAtLeast;
  const verdict: Verdict = read === undefined ? 'Not yet' : read === isPlanned && !leak ? 'Good' : 'Out';
  return { from, to, planned: isPlanned, read, ohms, verdict, leak };
}

function continuityCheck(pairs: readonly PairCheck[], contradictions: readonly Contradiction[]): ProofCheck {
  const count = (verdict: Verdict) => pairs.filter((pair) => pair.verdict === verdict).length;
  const out = count('Out');
  const notYet = count('Not yet');
  const base = { id: 'continuity', label: 'Continuity and shorts', leftOut: false };
  if (contradictions.length > 0)
    return {
      ...base,
      verdict: 'Not yet',
      detail: 'the readings contradict each other: read the marked pairs again',
    };
  if (out > 0)
    return { ...base, verdict: 'Out', detail: `${out} of ${pairs.length} pairs are not as planned` };
  if (notYet > 0)
    return { ...base, verdict: 'Not yet', detail: `${notYet} of ${pairs.length} pairs not measured` };
  return { ...base, verdict: 'Good', detail: `${pairs.length} of ${pairs.length} pairs as planned` };
}

function resistanceCheck(path: ExpectedPath, readings: Readings, house: House): ProofCheck {
  const ohms = ohmsOf(findPair(readings, path.from, path.to));
  const judged = judgeAtMost(ohms, path.limit.value, meterUncertainty(ohms ?? 0, house.meter));
  return {
    id: `resistance ${path.id}`,
    label: `Resistance, ${path.label}`,
    verdict: judged.verdict,
    leftOut: judged.reason === 'not measured' && house.practice.leaveOut.includes('resistance'),
    detail: judged.reason,
    judged,
  };
}

function familyCheck(
  { id, label, min, max, how }: FamilyCheck,
  readings: Readings,
  house: House,
): ProofCheck {
  const found = readings.family?.[id];
  const value = found === undefined ? undefined : (found ?? Infinity);
  const uncertainty = value !== undefined && Number.isFinite(value) ? 0.01 * value : 0;
  const judged = judgeBetween(value, [min, max], uncertainty);
  return {
    id,
    label,
    verdict: judged.verdict,
    leftOut: judged.reason === 'not measured' && house.practice.leaveOut.includes('family'),
    detail: judged.reason === 'not measured' ? `not measured: ${how}` : judged.reason,
    judged,
  };
}

function insulationCheck(lead: Lead, readings: Readings, house: House): ProofCheck {
  const wanted = lead.ends.map(({ connectorId }) => connectorById(connectorId).series.insulation);
  const limit = Math.max(...wanted.map(({ ohms }) => ohms));
  const volts = Math.min(...wanted.map(({ volts: rated }) => rated));
  const ohms = readings.insulationOhms === undefined ? undefined : (readings.insulationOhms ?? Infinity);
  const judged = judgeAtLeast(ohms, limit, ohms !== undefined && Number.isFinite(ohms) ? 0.05 * ohms : 0);
  return {
    id: 'insulation',
    label: `Insulation at ${volts} V`,
    verdict: judged.verdict,
    leftOut: judged.reason === 'not measured' && house.practice.leaveOut.includes('insulation'),
    detail: judged.reason,
    judged,
  };
}
