import type { ComplexSeries } from '../line/two-port-data.ts';
import type { Network } from '../line/network.ts';
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

/** What has been read so far: one record behind another, each a frequency and its pairs. */
interface Records {
  readonly ports: number;
  /** Numbers of one record. */
  readonly length: number;
  readonly numbers: number[];
  /** Frequency of the last record, hertz. */
  previous: number;
}

/** Numbers of the record that is not complete yet. */
const openCount = ({ numbers, length }: Records) => numbers.length % length;

/**
 * Reads the data lines as the header says.
 * @throws TouchstoneError naming line, column, what was found and what was expected.
 */
export function readData(data: readonly SourceLine[], header: Header): Network {
  const ports = header.ports ?? portsOfData(data);
  if (!(Number.isInteger(ports) && ports >= 1 && ports <= 4))
    throw new TouchstoneError(data[0]!.number, 1, `${ports} ports`, '1 to 4 ports');
  const records: Records = {
    ports,
    length: recordLength(ports, header.matrix),
    numbers: [],
    previous: -1,
  };
  for (const line of data) if (!takeLine(line, header.factor, records)) break;
  checkEnd(data.at(-1)!, header, records);
  return networkOf(header, records);
}

/** Takes one line into the records; false where the noise section begins. */
function takeLine(line: SourceLine, factor: number, records: Records): boolean {
  const { numbers, ports } = records;
  const before = numbers.length;
  const isStart = openCount(records) === 0;
  const count = appendNumbers(line.text, numbers);
  if (count < 0) {
    const word = line.text.trim().split(/\s+/)[-count - 1]!;
    throw new TouchstoneError(line.number, columnOf(line.text, -count - 1), `"${word}"`, 'a number');
  }
  const frequency = numbers[before]! * factor;
  if (isStart && isNoise(count, frequency, records.previous, ports)) {
    numbers.length = before;
    return false;
  }
  checkCount(line, count, before, records);
  if (isStart) {
    checkFrequency(line, numbers[before]!, frequency, records.previous);
    records.previous = frequency;
  }
  return true;
}

/** One and two ports have a record on each line; three and four break it between pairs. */
function checkCount(line: SourceLine, count: number, before: number, { length, ports }: Records): void {
  const inRecord = (before % length) + count;
  const isShort = inRecord < length && (ports <= 2 || inRecord % 2 === 0);
  if (inRecord <= length && !isShort) return;
  const pairs = (length - 1) / 2;
  throw new TouchstoneError(
    line.number,
    columnOf(line.text, count - Math.max(0, inRecord - length)),
    `${inRecord} numbers`,
    `${length} for each frequency: the frequency and ${pairs} ${pairs === 1 ? 'pair' : 'pairs'}`,
  );
}

function checkFrequency(line: SourceLine, written: number, frequency: number, previous: number): void {
  if (frequency > previous && frequency >= 0) return;
  throw new TouchstoneError(
    line.number,
    columnOf(line.text, 0),
    `a frequency of ${written}`,
    previous < 0 ? 'a frequency of 0 or more' : 'a frequency above the one before',
  );
}

function checkEnd(last: SourceLine, { announced }: Header, records: Records): void {
  const open = openCount(records);
  if (open > 0)
    throw new TouchstoneError(
      last.number,
      columnOf(last.text, Infinity),
      `the file's end after ${open} numbers`,
      `${records.length} for the last frequency`,
    );
  const points = records.numbers.length / records.length;
  if (announced !== undefined && announced !== points)
    throw new TouchstoneError(last.number, 1, `${points} frequencies`, `${announced}, as the file announces`);
}

/** A noise section of version 1: five numbers, starting again at a lower frequency than the last. */
const isNoise = (count: number, starts: number, previous: number, ports: number) =>
  ports === 2 && count === 5 && starts <= previous;

function networkOf(header: Header, { ports, length, numbers }: Records): Network {
  const points = numbers.length / length;
  const frequencies = Float64Array.from({ length: points }, (_, n) => numbers[n * length]! * header.factor);
  const series = Array.from({ length: (length - 1) / 2 }, (_, pair) =>
    toComplex(header.format, numbers, length, 1 + 2 * pair),
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

/** The pair at `place` of every record, as real and imaginary part. */
function toComplex(
  format: TouchstoneFormat,
  numbers: readonly number[],
  length: number,
  place: number,
): ComplexSeries {
  const points = numbers.length / length;
  const re = new Float64Array(points);
  const im = new Float64Array(points);
  for (let n = 0; n < points; n++) {
    const first = numbers[n * length + place]!;
    const second = numbers[n * length + place + 1]!;
    if (format === 'RI') {
      re[n] = first;
      im[n] = second;
      continue;
    }
    const size = format === 'DB' ? 10 ** (first / 20) : first;
    const angle = (second * Math.PI) / 180;
    re[n] = size * Math.cos(angle);
    im[n] = size * Math.sin(angle);
  }
  return { re, im };
}
