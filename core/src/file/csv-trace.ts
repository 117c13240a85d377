import type { StepTrace } from '../line/step-trace.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import { parseDelay } from '../quantity/scalar.ts';
import { parseResistance } from '../quantity/resistance.ts';
import { parseNumber, splitUnit } from '../quantity/number.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import type { Cell } from './csv.ts';
import { writeCsv } from './csv.ts';
import type { CsvRow, CsvTable } from './csv-table.ts';
import { CsvError, numberAt, readCsvTable, wrongCell } from './csv-table.ts';

/** A trace of a reflectometer as read from a file, with what the file did not say and was assumed. */
export interface ReadTrace {
  readonly trace: StepTrace;
  readonly assumed: readonly string[];
}

/** What the trace's place axis needs of the line, where a file counts in metres, and the port it was taken at. */
export interface TraceKnown {
  readonly velocityFactor: number;
  readonly reference: number;
}

const axisUnits: Readonly<Record<string, number>> = {
  s: 1,
  ms: 1e-3,
  us: 1e-6,
  µs: 1e-6,
  ns: 1e-9,
  ps: 1e-12,
};
const fewest = 16;

/**
 * Reads a reflection over time: a first column of time (s to ps by its head) or of distance (m, one way), a second one of
 * volts (V, mV), reflection (rho) or impedance (ohm). Comments may say `rise time`, `source` (ohm) and `emf` (V); what they do
 * not say is taken from the trace or the lead and listed as assumed.
 * @throws CsvError naming line and column, what was found and what was expected.
 */
export function readTraceCsv(text: string, known: TraceKnown): ReadTrace {
  const table = readCsvTable(text);
  const hasHead = table.rows[0]!.cells.slice(0, 2).some((cell) =>
    /[a-zµΩ]/i.test(cell.replace(/^[+-]?\d.*e/i, '')),
  );
  const rows = table.rows.slice(hasHead ? 1 : 0);
  if (rows.length < fewest)
    throw new CsvError(rows.at(-1)?.line ?? 1, 1, `${rows.length} samples`, `${fewest} or more`);
  const assumed: string[] = [];
  const head = hasHead ? table.rows[0]!.cells : [];
  const toSeconds = axisFactor(table, head[0], known, assumed);
  const read = rows.map((row) => numberAt(row, 0, 'a time or a distance') * toSeconds);
  const times = evenTimes(rows, read);
  const values = rows.map((row) => numberAt(row, 1, 'a voltage, a reflection or an impedance'));
  const sourceResistance =
    noted(table, ['source', 'source resistance', 'reference'], parseResistance) ?? known.reference;
  if (!hasNote(table, ['source', 'source resistance', 'reference']))
    assumed.push(`source ${known.reference} ohm`);
  const { volts, emf } = asVolts(table, head[1], values, sourceResistance);
  const launched = fromLaunch(times, volts, emf, assumed);
  const plateau = launched.volts[launched.settled]!;
  if (emf === undefined)
    assumed.push(`emf ${Number((2 * plateau).toPrecision(3))} V, twice the first plateau`);
  const riseTime = noted(table, ['rise time', 'rise'], parseDelay) ?? riseOf(launched, assumed);
  const trace = {
    times: launched.times,
    volts: launched.volts,
    emf: emf ?? 2 * plateau,
    sourceResistance,
    riseTime,
  };
  return { trace, assumed };
}

/** Whether a file is a trace and no matrix: its head counts time or distance, or it is two long columns. */
export function isTraceCsv(text: string): boolean {
  const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '' && !/^\s*[#!]/.test(line));
  if (/^\W*(time|t|delay|distance|length|position)\b/i.test((lines[0] ?? '').replaceAll('_', ' ')))
    return true;
  const isTwoColumns = /^[^;\t]*[;\t][^;\t]*$|^[^,]*,[^,]*$/.test(lines[1] ?? '');
  return lines.length >= fewest && isTwoColumns;
}

const hasNote = ({ notes }: CsvTable, names: readonly string[]) => names.some((name) => notes.has(name));

function noted(
  { notes }: CsvTable,
  names: readonly string[],
  parse: (text: string) => number,
): number | undefined {
  const name = names.find((each) => notes.has(each));
  if (name === undefined) return undefined;
  const { line, text } = notes.get(name)!;
  try {
    return parse(text);
  } catch (error) {
    if (error instanceof QuantityError) throw new CsvError(line, 1, `"${text}" for ${name}`, error.expected);
    throw error;
  }
}

/** Seconds, there and back, of one unit of the first column. */
function axisFactor(
  table: CsvTable,
  head: string | undefined,
  { velocityFactor }: TraceKnown,
  assumed: string[],
): number {
  if (head === undefined) {
    assumed.push('first column in seconds');
    return 1;
  }
  const unit = /(?:[([/_ ]|^)(ps|ns|us|µs|ms|s|m|mm)[)\]]?$/i.exec(head.trim())?.[1]?.toLowerCase();
  if (unit === 'm' || unit === 'mm' || /distance|length/i.test(head)) {
    assumed.push(`distance at ${(velocityFactor * 100).toFixed(1)} % of the speed of light`);
    return ((unit === 'mm' ? 1e-3 : 1) * 2) / (velocityFactor * speedOfLight);
  }
  if (/frequency|hz$/i.test(head))
    throw wrongCell(
      table.rows[0]!,
      0,
      'time or distance (a sweep over frequency is read from a Touchstone file)',
    );
  if (unit !== undefined) return axisUnits[unit]!;
  if (/^t(ime)?$/i.test(head.trim())) {
    assumed.push('time in seconds');
    return 1;
  }
  throw wrongCell(table.rows[0]!, 0, 'a head that says time (s, ns, ps) or distance (m)');
}

/** So far from its place, in samples, a time may be written: few digits do not make a trace uneven, a missing sample does. */
const unevenness = 0.3;

/** Times as they were sampled: evenly. @throws CsvError where they are not. */
function evenTimes(rows: readonly CsvRow[], times: readonly number[]): number[] {
  const first = times[0]!;
  const step = (times.at(-1)! - first) / (times.length - 1);
  const even = times.map((_, n) => first + n * step);
  const place = times.findIndex((time, n) => !(Math.abs(time - even[n]!) < unevenness * Math.abs(step)));
  if (step > 0 && place < 0) return even;
  throw wrongCell(rows[Math.max(0, place)]!, 0, 'evenly rising times');
}

/** Volts behind the source, whatever the second column is; of plain volts the source's own is what a comment says, if any does. */
function asVolts(
  table: CsvTable,
  head: string | undefined,
  values: readonly number[],
  reference: number,
): { volts: number[]; emf: number | undefined } {
  const name = (head ?? 'v').toLowerCase().replaceAll('_', ' ');
  if (/rho|reflection|gamma/.test(name)) return { volts: values.map((rho) => (1 + rho) / 2), emf: 1 };
  if (/ohm|Ω|impedance|^z\b/i.test(name))
    return { volts: values.map((ohm) => ohm / (ohm + reference)), emf: 1 };
  if (!/^(v|volts?|voltage|u|amplitude|mv)\b|\b(m?v|volts?)\b/.test(name))
    throw wrongCell(table.rows[0]!, 1, 'a head that says volts (V, mV), rho or ohm');
  const factor = /\bmv\b|mv\)/.test(name) ? 1e-3 : 1;
  const volts = values.map((value) => value * factor);
  return { volts, emf: noted(table, ['emf', 'open voltage'], parseVolts) };
}

/** A trace from where its step is launched, and the sample at which that step has settled. */
interface Launched {
  readonly times: number[];
  readonly volts: number[];
  readonly settled: number;
}

/** Below this part of its range a trace has not risen yet; within this part from sample to sample it has settled. */
const notRisen = 0.05;
const isLevel = 0.01;

/**
 * Cuts off what was recorded before the step was launched, and counts time from there. Where that is no longer than the step
 * takes to rise, the file's own zero stands.
 */
function fromLaunch(
  times: readonly number[],
  volts: readonly number[],
  emf: number | undefined,
  assumed: string[],
): Launched {
  const base = volts[0]!;
  const range = volts.reduce((most, volt) => Math.max(most, volt - base), 0);
  // A trace that begins on its first plateau has no edge of its own: what rises there is what reflects.
  const isRisen = Math.abs(base) > notRisen * (emf ?? 2 * range);
  const edge = isRisen
    ? 0
    : Math.max(
        0,
        volts.findIndex((volt) => volt - base > notRisen * range),
      );
  const level = isLevel * volts.reduce((most, volt) => Math.max(most, Math.abs(volt)), 0);
  const settled = volts.findIndex((volt, n) => n > edge && Math.abs((volts[n + 1] ?? volt) - volt) <= level);
  const before = edge - 1;
  const start = before > settled - edge + 1 ? before : 0;
  if (start > 0) assumed.push(`step launched at ${(times[start]! * 1e9).toPrecision(3)} ns of the file`);
  return {
    times: times.slice(start).map((time) => time - (start > 0 ? times[start]! : 0)),
    volts: volts.slice(start).map((volt) => volt - (isRisen ? 0 : base)),
    settled: Math.max(1, settled - start),
  };
}

function parseVolts(text: string): number {
  const { number, unit } = splitUnit(text, 'a voltage such as 0.5 V');
  return parseNumber(number, 'a voltage such as 0.5 V') * (/^mv$/i.test(unit) ? 1e-3 : 1);
}

/** The step's own rise, from 10 to 90 % of its first plateau, at least one sample. */
function riseOf({ times, volts, settled }: Launched, assumed: string[]): number {
  const plateau = volts[settled]!;
  const first = volts.findIndex((value) => value >= 0.1 * plateau);
  const last = volts.findIndex((value) => value >= 0.9 * plateau);
  const step = times[1]! - times[0]!;
  const rise = Math.max(step, ((last - first) * step) / 0.8);
  assumed.push(`rise time ${(rise * 1e12).toFixed(0)} ps, from the trace`);
  return rise;
}

/** Writes a trace so that it reads back whole. */
export function writeTraceCsv({ times, volts, emf, sourceResistance, riseTime }: StepTrace): string {
  const notes = [
    `# emf: ${emf} V`,
    `# source: ${sourceResistance} ohm`,
    `# rise time: ${riseTime * 1e12} ps`,
  ];
  const rows = Array.from(times, (time, n): Cell[] => [time, volts[n]!]);
  return `${notes.join('\r\n')}\r\n${writeCsv(['time (s)', 'volts (V)'], rows)}`;
}
