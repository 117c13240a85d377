import { medianOf } from '../quantity/median.ts';
import type { QuantityKind } from '../quantity/explained.ts';
import type { Verdict } from '../strip/measured.ts';
import type { RecordedCheck } from '../reading/recorded-check.ts';

/** The last proof of one unit of an order line. */
export interface ProvedUnit {
  readonly unitId: string;
  readonly serial: string;
  readonly verdict: Verdict;
  readonly checks: readonly RecordedCheck[];
}

/** One unit's reading of a check against its likes. */
export interface SpreadReading {
  readonly unitId: string;
  readonly serial: string;
  readonly reading: number;
  readonly verdict: Verdict;
  /** Far from its likes, though it may be Good. */
  readonly outlier: boolean;
  /** Difference from the golden unit; undefined without one, or for itself. */
  readonly fromGolden: number | undefined;
  /** More than the two readings may be off. */
  readonly unlikeGolden: boolean;
}

/** The spread of one check over a line. */
export interface Spread {
  readonly id: string;
  readonly label: string;
  readonly quantity: QuantityKind;
  readonly limit: number | undefined;
  readonly between: readonly [number, number] | undefined;
  readonly median: number;
  readonly least: number;
  readonly most: number;
  readonly readings: readonly SpreadReading[];
}

/** From so many readings on, one can be called an outlier. */
const fewestForOutliers = 5;
/** Modified z-score beyond which a reading is an outlier. Source: Iglewicz and Hoaglin, 1993. */
const outlierScore = 3.5;
/** A median absolute deviation as a standard deviation of a normal spread. */
const toDeviation = 1.4826;

/** The spread of every check that two units or more have a figure for, in the order of the plan. */
export function spreads(units: readonly ProvedUnit[], goldenId?: string): Spread[] {
  const ids = [...new Set(units.flatMap(({ checks }) => checks.map(({ id }) => id)))];
  return ids.flatMap((id) => {
    const found = units.flatMap((unit) => {
      const check = unit.checks.find((each) => each.id === id);
      return check && typeof check.reading === 'number' ? [{ unit, check, reading: check.reading }] : [];
    });
    return found.length < 2 ? [] : [spreadOf(id, found, goldenId)];
  });
}

interface Found {
  readonly unit: ProvedUnit;
  readonly check: RecordedCheck;
  readonly reading: number;
}

function spreadOf(id: string, found: readonly Found[], goldenId: string | undefined): Spread {
  const values = found.map(({ reading }) => reading);
  const median = medianOf(values);
  const deviation = toDeviation * medianOf(values.map((value) => Math.abs(value - median)));
  const golden = found.find(({ unit }) => unit.unitId === goldenId);
  const { label, quantity, limit, between } = found[0]!.check;
  return {
    id,
    label,
    quantity,
    limit: limit ?? undefined,
    between,
    median,
    least: Math.min(...values),
    most: Math.max(...values),
    readings: found.map(({ unit, check, reading }) => {
      const isItself = golden?.unit === unit;
      const fromGolden = golden && !isItself ? reading - golden.reading : undefined;
      const off = (check.uncertainty ?? 0) + (golden?.check.uncertainty ?? 0);
      return {
        unitId: unit.unitId,
        serial: unit.serial,
        reading,
        verdict: check.verdict,
        outlier: isOutlier(reading, median, deviation, check.uncertainty ?? 0, found.length),
        fromGolden,
        unlikeGolden: fromGolden !== undefined && Math.abs(fromGolden) > off,
      };
    }),
  };
}

/** Far from the middle by the spread of its likes, and by more than the instrument may be off. */
function isOutlier(
  reading: number,
  median: number,
  deviation: number,
  uncertainty: number,
  count: number,
): boolean {
  const away = Math.abs(reading - median);
  return count >= fewestForOutliers && away > outlierScore * deviation && away > uncertainty;
}
