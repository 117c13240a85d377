import { awgFromArea } from '../quantity/gauge.ts';

/** Least pull of a crimped wire, N, by AWG. Engineering values in the range of common workmanship standards. */
const wirePull: readonly [gauge: number, newtons: number][] = [
  [26, 13],
  [24, 22],
  [22, 36],
  [20, 58],
  [18, 89],
  [16, 134],
  [14, 223],
  [12, 311],
  [10, 356],
];

/** Least pull of a crimped coax ferrule, N, by jacket diameter in metres. Engineering values. */
const coaxPull: readonly [diameter: number, newtons: number][] = [
  [2.5e-3, 90],
  [5e-3, 180],
  [10e-3, 400],
];

/** A production tug is a quarter of the least pull: it shows a missed crimp and harms no good one. */
export const productionTug = 0.25;

/** Least pull of a contact crimped on a conductor of this diameter (metres): the nearest thinner gauge of the table. */
export function contactPull(conductorDiameter: number): number {
  const gauge = awgFromArea((Math.PI / 4) * conductorDiameter ** 2);
  const row = wirePull.findLast(([tabled]) => tabled >= gauge - 0.5) ?? wirePull[0]!;
  return row[1];
}

/** Least pull of a ferrule on a cable of this jacket diameter (metres): interpolated, held at both ends of the table. */
export function ferrulePull(jacketDiameter: number): number {
  const [first] = coaxPull;
  const last = coaxPull.at(-1)!;
  if (jacketDiameter <= first![0]) return first![1];
  if (jacketDiameter >= last[0]) return last[1];
  const upper = coaxPull.findIndex(([diameter]) => diameter >= jacketDiameter);
  const [d0, n0] = coaxPull[upper - 1]!;
  const [d1, n1] = coaxPull[upper]!;
  return n0 + ((n1 - n0) * (jacketDiameter - d0)) / (d1 - d0);
}
