import type { ComplexSeries } from '../line/two-port-data.ts';
import type { Network } from './network.ts';
import { TouchstoneError, columnOf } from './touchstone-error.ts';
import type { SourceLine } from './touchstone-error.ts';
import type { Header, TouchstoneFormat } from './touchstone-header.ts';
import { appendNumbers } from './numbers.ts';

/** Numbers of one record: the frequency and a pair for each parameter that the file writes. */
function recordLength(ports: number, matrix: Header['matrix']): number {
  return 1 + 2 * (matrix === 'Full' ? ports * ports : (ports * (ports + 1)) / 2);
}

/** Ports of a version 1 file without a telling name: by how many numbers stand in its first lines. */
function portsOfData(data: readonly SourceLine[]): number {
  const [first, ...rows] = data.slice(0, 4).map(({ text }) => text.trim().split(/\s+/).length);
  if (first === 3) return 1;
  if (first === 7) return 3;
  if (first === 9) return rows.length === 3 && rows.every((count) => count === 8) ? 4 : 2;
  const line = data[0]!;
  throw new TouchstoneError(
    line.number,
    columnOf(line.text, first!),
    `${first} numbers in the first line`,
    '3 for one port, 9 for two or four, 7 for three; or a file name ending in .s1p to .s4p',
  );
}

/** What has been read so far, record by record. */
interface Records {
  readonly ports: number;
  /** Numbers of one record. */
  readonly length: number;
  readonly frequencies: number[];
  /** By place in a record behind the frequency. */
  readonly values: number[][];
  /** The record that is being read; empty between records. */
  open: number[];
  previous: number;
}

/**
 * Reads the data lines as the header says.
 * @throws TouchstoneError naming line, column, what was found and what was expected.
 */
export function readData(data: readonly SourceLine[], header: Header): Network {
  const ports = header.ports ?? portsOfData(data);
  if (!(Number.isInteger(ports) && ports >= 1 && ports <= 4))
    throw new TouchstoneError(data[0]!.number, 1, `${ports} ports`, '1 to 4 ports');
  const length = recordLength(ports, header.matrix);
  const records: Records = {
    ports,
    length,
    frequencies: [],
    values: Array.from({ length: length - 1 }, () => []),
    open: [],
    previous: -1,
  };
  for (const line of data) if (!takeLine(line, header.factor, records)) break;
  checkEnd(data.at(-1)!, header, records);
  return networkOf(ports, header, Float64Array.from(records.frequencies), records.values);
}

/** Takes one line into the records; false where the noise section begins. */
function takeLine(line: SourceLine, factor: number, records: Records): boolean {
  const { open, length, ports } = records;
  const isStart = open.length === 0;
  const count = appendNumbers(line.text, open);
  if (count < 0) {
    const word = line.text.trim().split(/\s+/)[-count - 1]!;
    throw new TouchstoneError(line.number, columnOf(line.text, -count - 1), `"${word}"`, 'a number');
  }
  if (isStart) {
    const frequency = open[0]! * factor;
    if (isNoise(count, frequency, records.previous, ports)) {
      records.open = [];
      return false;
    }
    checkCount(line, count, records);
    checkFrequency(line, frequency, records);
    records.previous = frequency;
  } else checkCount(line, count, records);
  if (open.length === length) {
    records.frequencies.push(records.previous);
    for (let n = 1; n < length; n++) records.values[n - 1]!.push(open[n]!);
    records.open = [];
  }
  return true;
}

/** One and two ports have a record on each line; three and four break it between pairs. */
function checkCount(line: SourceLine, count: number, { open, length, ports }: Records): void {
  const isShort = open.length < length && (ports <= 2 || open.length % 2 === 0);
  if (open.length <= length && !isShort) return;
  const pairs = (length - 1) / 2;
  throw new TouchstoneError(
    line.number,
    columnOf(line.text, count - Math.max(0, open.length - length)),
    `${open.length} numbers`,
    `${length} for each frequency: the frequency and ${pairs} ${pairs === 1 ? 'pair' : 'pairs'}`,
  );
}

function checkFrequency(line: SourceLine, frequency: number, { open, previous }: Records): void {
  if (frequency > previous && frequency >= 0) return;
  throw new TouchstoneError(
    line.number,
    columnOf(line.text, 0),
    `a frequency of ${open[0]}`,
    previous < 0 ? 'a frequency of 0 or more' : 'a frequency above the one before',
  );
}

function checkEnd(last: SourceLine, { announced }: Header, { open, length, frequencies }: Records): void {
  if (open.length > 0)
    throw new TouchstoneError(
      last.number,
      columnOf(last.text, Infinity),
      `the file's end after ${open.length} numbers`,
      `${length} for the last frequency`,
    );
  if (announced !== undefined && announced !== frequencies.length)
    throw new TouchstoneError(
      last.number,
      1,
      `${frequencies.length} frequencies`,
      `${announced}, as the file announces`,
    );
}

/** A noise section of version 1: five numbers, starting again at a lower frequency than the last. */
const isNoise = (count: number, starts: number, previous: number, ports: number) =>
  ports === 2 && count === 5 && starts <= previous;

function networkOf(
  ports: number,
  header: Header,
  frequencies: Float64Array,
  pairs: readonly (readonly number[])[],
): Network {
  const written = pairs.length / 2;
  const series = Array.from({ length: written }, (_, k) =>
    toComplex(header.format, pairs[2 * k]!, pairs[2 * k + 1]!),
  );
  const parameters = Array.from({ length: ports * ports }, (_, place) => {
    const row = Math.floor(place / ports);
    const column = place % ports;
    return series[writtenPlace(row, column, ports, header)]!;
  });
  const references =
    header.references.length === ports
      ? header.references
      : Array.from({ length: ports }, () => header.references[0]!);
  return { ports, references, frequencies, parameters };
}

/** Where S(row, column) stands among the pairs of a record. Two-port data of version 1 run down the columns. */
function writtenPlace(
  row: number,
  column: number,
  ports: number,
  { matrix, order, version }: Header,
): number {
  if (matrix === 'Full') {
    const isColumns = ports === 2 && (version === 1 || order === '21_12');
    return isColumns ? column * ports + row : row * ports + column;
  }
  const [low, high] = [Math.min(row, column), Math.max(row, column)];
  return matrix === 'Lower'
    ? (high * (high + 1)) / 2 + low
    : low * ports - (low * (low - 1)) / 2 + (high - low);
}

function toComplex(
  format: TouchstoneFormat,
  first: readonly number[],
  second: readonly number[],
): ComplexSeries {
  const re = new Float64Array(first.length);
  const im = new Float64Array(first.length);
  for (let n = 0; n < first.length; n++) {
    if (format === 'RI') {
      re[n] = first[n]!;
      im[n] = second[n]!;
      continue;
    }
    const size = format === 'DB' ? 10 ** (first[n]! / 20) : first[n]!;
    const angle = (second[n]! * Math.PI) / 180;
    re[n] = size * Math.cos(angle);
    im[n] = size * Math.sin(angle);
  }
  return { re, im };
}
