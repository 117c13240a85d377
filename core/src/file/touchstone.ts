import type { ComplexSeries, TwoPortData } from '../line/two-port-data.ts';

/** Scattering parameters of a network of 1 to 4 ports over frequency. */
export interface Network {
  readonly ports: number;
  /** Ohm, one for each port. */
  readonly references: readonly number[];
  /** Hertz, rising. */
  readonly frequencies: Float64Array;
  /** Row by row: `S11, S12, ..., S21, ...`. */
  readonly parameters: readonly ComplexSeries[];
}

export type TouchstoneFormat = 'MA' | 'DB' | 'RI';
export type TouchstoneUnit = 'Hz' | 'kHz' | 'MHz' | 'GHz';

/** A file that is not Touchstone, with line and column (from 1), what was found and what was expected. */
export class TouchstoneError extends Error {
  constructor(
    readonly line: number,
    readonly column: number,
    found: string,
    expected: string,
  ) {
    super(`Line ${line}, column ${column}: found ${found}; expected ${expected}.`);
    this.name = 'TouchstoneError';
  }
}

const unitFactor: Readonly<Record<string, number>> = { HZ: 1, KHZ: 1e3, MHZ: 1e6, GHZ: 1e9 };
const formats: readonly string[] = ['MA', 'DB', 'RI'];
const otherParameters: readonly string[] = ['Y', 'Z', 'G', 'H'];

/** What the option line and the keywords have said so far. */
interface Header {
  factor: number;
  format: TouchstoneFormat;
  references: number[];
  version: 1 | 2;
  ports: number | undefined;
  order: '12_21' | '21_12';
  matrix: 'Full' | 'Lower' | 'Upper';
  /** Points announced by version 2. */
  announced: number | undefined;
}

/** A line with its number; comment already taken off. */
interface SourceLine {
  readonly number: number;
  readonly text: string;
}

const columnOf = (text: string, token: number): number => {
  let place = 0;
  for (const match of text.matchAll(/\S+/g)) if (place++ === token) return match.index + 1;
  return text.trimEnd().length + 1;
};

/**
 * Reads Touchstone 1.1 or 2.0: 1 to 4 ports, MA, DB or RI, any frequency unit, comments anywhere, any line ends; the noise
 * section is skipped. The number of ports of version 1 comes from the file's name (`.s2p`), else from the first lines.
 * @throws TouchstoneError naming line, column, what was found and what was expected.
 */
export function readTouchstone(text: string, fileName = ''): Network {
  const header: Header = {
    factor: 1e9,
    format: 'MA',
    references: [50],
    version: 1,
    ports: portsOfName(fileName),
    order: '21_12',
    matrix: 'Full',
    announced: undefined,
  };
  const data: SourceLine[] = [];
  let hasOptions = false;
  let isInformation = false;
  let wantsReferences = 0;
  const lines = text.replace(/^\ufeff/, '').split(/\r\n|\r|\n/);
  for (let n = 0; n < lines.length; n++) {
    const raw = lines[n]!;
    const comment = raw.indexOf('!');
    const line = { number: n + 1, text: comment < 0 ? raw : raw.slice(0, comment) };
    const trimmed = line.text.trim();
    if (trimmed === '') continue;
    if (isInformation) {
      isInformation = !/^\[end information\]/i.test(trimmed);
      continue;
    }
    if (trimmed.startsWith('#')) {
      // Only the first option line counts, as the format says.
      if (!hasOptions) readOptions(line, header);
      hasOptions = true;
      continue;
    }
    if (trimmed.startsWith('[')) {
      const keyword = /^\[([^\]]*)\]\s*(.*)$/.exec(trimmed);
      const name = keyword?.[1]?.toLowerCase() ?? '';
      if (name === 'end' || name === 'noise data') break;
      if (name === 'begin information') isInformation = true;
      else wantsReferences = readKeyword(line, name, keyword?.[2]?.trim() ?? '', header);
      continue;
    }
    if (wantsReferences > 0) {
      wantsReferences -= readReferences(line, header, wantsReferences);
      continue;
    }
    data.push(line);
  }
  if (data.length === 0)
    throw new TouchstoneError(lines.length, 1, 'no network data', 'lines of frequency and parameters');
  return readData(data, header);
}

function portsOfName(fileName: string): number | undefined {
  const digits = /\.s(\d+)p$/i.exec(fileName)?.[1];
  return digits === undefined ? undefined : Number(digits);
}

function readOptions(line: SourceLine, header: Header): void {
  const words = line.text.trim().slice(1).trim().split(/\s+/).filter(Boolean);
  const refuse = (word: string, expected: string): never => {
    throw new TouchstoneError(line.number, line.text.indexOf(word) + 1, `"${word}"`, expected);
  };
  for (let n = 0; n < words.length; n++) {
    const word = words[n]!.toUpperCase();
    if (word in unitFactor) header.factor = unitFactor[word]!;
    else if (formats.includes(word)) header.format = word as TouchstoneFormat;
    else if (word === 'R') {
      const next = words[++n];
      const value = Number(next);
      if (!(value > 0 && value < Infinity))
        refuse(next ?? words[n - 1]!, 'a reference resistance above 0 after R');
      header.references = [value];
    } else if (otherParameters.includes(word))
      refuse(words[n]!, 'S: only scattering parameters are read; convert Y, Z, G or H first');
    else if (word !== 'S')
      refuse(words[n]!, 'a unit (Hz, kHz, MHz, GHz), S, MA, DB or RI, or R and a resistance');
  }
}

/** Takes a keyword of version 2. Returns how many reference resistances are still to come on the following lines. */
function readKeyword(line: SourceLine, name: string, value: string, header: Header): number {
  const refuse = (expected: string): never => {
    throw new TouchstoneError(line.number, line.text.indexOf('[') + 1, `"${line.text.trim()}"`, expected);
  };
  switch (name) {
    case 'version':
      if (value !== '2.0' && value !== '2.1') refuse('version 2.0');
      header.version = 2;
      return 0;
    case 'number of ports':
      header.ports = Number(value);
      return 0;
    case 'two-port data order':
    case 'two-port order':
      if (value !== '12_21' && value !== '21_12') refuse('12_21 or 21_12');
      header.order = value as Header['order'];
      return 0;
    case 'number of frequencies':
      header.announced = Number(value);
      if (!(Number.isInteger(header.announced) && header.announced > 0)) refuse('a count of 1 or more');
      return 0;
    case 'matrix format':
      if (!/^(full|lower|upper)$/i.test(value)) refuse('Full, Lower or Upper');
      header.matrix = (value[0]!.toUpperCase() + value.slice(1).toLowerCase()) as Header['matrix'];
      return 0;
    case 'reference': {
      header.references = [];
      const ports = header.ports ?? 1;
      if (value === '') return ports;
      return ports - readReferences({ number: line.number, text: value }, header, ports);
    }
    case 'mixed-mode order':
      return refuse('single-ended parameters: mixed-mode order is not read');
    case 'number of noise frequencies':
    case 'network data':
      return 0;
    default:
      return refuse('a keyword of Touchstone 2.0');
  }
}

function readReferences(line: SourceLine, header: Header, wanted: number): number {
  const words = line.text.trim().split(/\s+/).slice(0, wanted);
  words.forEach((word, n) => {
    const value = Number(word);
    if (!(value > 0 && value < Infinity))
      throw new TouchstoneError(
        line.number,
        columnOf(line.text, n),
        `"${word}"`,
        'a reference resistance above 0',
      );
    header.references.push(value);
  });
  return words.length;
}

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

/** Powers of ten that a double holds exactly: a number of up to 15 digits scaled by one is rounded once, correctly. */
const exactPowers = Array.from({ length: 23 }, (_, n) => 10 ** n);

/**
 * Appends the numbers of a line and returns how many there were, or minus the place (from 1) of the first word that is
 * none. By hand, because long files are mostly this; unusual spellings go to `Number`.
 */
function appendNumbers(text: string, into: number[]): number {
  let count = 0;
  let n = 0;
  while (n < text.length) {
    if (text.charCodeAt(n) <= 32) {
      n++;
      continue;
    }
    const start = n;
    let sign = 1;
    let digits = 0;
    let scale = 0;
    let mantissa = 0;
    const first = text.charCodeAt(n);
    if (first === 45 || first === 43) {
      sign = first === 45 ? -1 : 1;
      n++;
    }
    let hasPoint = false;
    for (; n < text.length; n++) {
      const code = text.charCodeAt(n);
      if (code >= 48 && code <= 57) {
        mantissa = mantissa * 10 + code - 48;
        digits++;
        if (hasPoint) scale++;
      } else if (code === 46 && !hasPoint) hasPoint = true;
      else break;
    }
    let value = NaN;
    if (digits > 0 && digits <= 15 && (n === text.length || text.charCodeAt(n) <= 32))
      value = (sign * mantissa) / exactPowers[scale]!;
    else {
      while (n < text.length && text.charCodeAt(n) > 32) n++;
      value = Number(text.slice(start, n));
    }
    count++;
    if (!Number.isFinite(value)) return -count;
    into.push(value);
  }
  return count;
}

function readData(data: readonly SourceLine[], header: Header): Network {
  const ports = header.ports ?? portsOfData(data);
  if (!(Number.isInteger(ports) && ports >= 1 && ports <= 4))
    throw new TouchstoneError(data[0]!.number, 1, `${ports} ports`, '1 to 4 ports');
  const length = recordLength(ports, header.matrix);
  const pairCount = (length - 1) / 2;
  const frequencies: number[] = [];
  const pairs: number[][] = Array.from({ length: length - 1 }, () => []);
  let record: number[] = [];
  let previous = -1;
  for (const line of data) {
    const isStart = record.length === 0;
    const count = appendNumbers(line.text, record);
    if (count < 0) {
      const word = line.text.trim().split(/\s+/)[-count - 1]!;
      throw new TouchstoneError(line.number, columnOf(line.text, -count - 1), `"${word}"`, 'a number');
    }
    const starts = isStart ? record[0]! * header.factor : NaN;
    if (isStart && isNoise(count, starts, previous, ports)) {
      record = [];
      break;
    }
    const isShort = record.length < length && (ports <= 2 || record.length % 2 === 0);
    if (record.length > length || isShort)
      throw new TouchstoneError(
        line.number,
        columnOf(line.text, count - Math.max(0, record.length - length)),
        `${record.length} numbers`,
        `${length} for each frequency: the frequency and ${pairCount} ${pairCount === 1 ? 'pair' : 'pairs'}`,
      );
    if (isStart && !(starts > previous && starts >= 0))
      throw new TouchstoneError(
        line.number,
        columnOf(line.text, 0),
        `a frequency of ${record[0]}`,
        previous < 0 ? 'a frequency of 0 or more' : 'a frequency above the one before',
      );
    if (isStart) previous = starts;
    if (record.length < length) continue;
    frequencies.push(previous);
    for (let n = 1; n < length; n++) pairs[n - 1]!.push(record[n]!);
    record = [];
  }
  const last = data.at(-1)!;
  if (record.length > 0)
    throw new TouchstoneError(
      last.number,
      columnOf(last.text, 999),
      `the file's end after ${record.length} numbers`,
      `${length} for the last frequency`,
    );
  if (header.announced !== undefined && header.announced !== frequencies.length)
    throw new TouchstoneError(
      last.number,
      1,
      `${frequencies.length} frequencies`,
      `${header.announced}, as the file announces`,
    );
  return networkOf(ports, header, Float64Array.from(frequencies), pairs);
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

/** How a file is written. */
export interface TouchstoneOptions {
  readonly version?: 1 | 2;
  readonly format?: TouchstoneFormat;
  readonly unit?: TouchstoneUnit;
  /** Lines of comment at the top. */
  readonly comments?: readonly string[];
}

/** Writes Touchstone 1.1 (one reference for all ports) or 2.0, nine significant figures. */
export function writeTouchstone(network: Network, options: TouchstoneOptions = {}): string {
  const { version = 1, format = 'RI', unit = 'MHz', comments = [] } = options;
  const { ports, references, frequencies, parameters } = network;
  const lines = comments.map((comment) => `! ${comment}`);
  if (version === 2) lines.push('[Version] 2.0');
  lines.push(`# ${unit} S ${format} R ${references[0]}`);
  if (version === 2) {
    lines.push(`[Number of Ports] ${ports}`);
    if (ports === 2) lines.push('[Two-Port Data Order] 21_12');
    lines.push(
      `[Number of Frequencies] ${frequencies.length}`,
      `[Reference] ${references.join(' ')}`,
      '[Network Data]',
    );
  }
  const factor = unitFactor[unit.toUpperCase()]!;
  const order = Array.from({ length: ports * ports }, (_, place) =>
    ports === 2 ? (place % 2) * 2 + Math.floor(place / 2) : place,
  );
  for (let n = 0; n < frequencies.length; n++) {
    const words = order.map((place) => written(format, parameters[place]!, n));
    const frequency = String(Number((frequencies[n]! / factor).toPrecision(12)));
    if (ports <= 2) lines.push(`${frequency} ${words.join(' ')}`);
    else
      for (let row = 0; row < ports; row++)
        lines.push(`${row === 0 ? frequency : ' '} ${words.slice(row * ports, (row + 1) * ports).join(' ')}`);
  }
  if (version === 2) lines.push('[End]');
  return `${lines.join('\n')}\n`;
}

function written(format: TouchstoneFormat, { re, im }: ComplexSeries, n: number): string {
  const text = (value: number) => String(Number(value.toPrecision(9)));
  if (format === 'RI') return `${text(re[n]!)} ${text(im[n]!)}`;
  const size = Math.hypot(re[n]!, im[n]!);
  const angle = (Math.atan2(im[n]!, re[n]!) * 180) / Math.PI;
  // Silence has no finite number of decibels; far below any analyser's floor says the same.
  const first = format === 'DB' ? Math.max(-400, 20 * Math.log10(size)) : size;
  return `${text(first)} ${text(angle)}`;
}

/**
 * Two of a network's ports as a two-port, the others left in their own reference.
 * @throws RangeError when the ports are not there or differ in reference.
 */
export function twoPortOf(network: Network, name: string, from = 1, to = 2): TwoPortData {
  const { ports, references, frequencies, parameters } = network;
  if (!(from >= 1 && to >= 1 && from <= ports && to <= ports && from !== to))
    throw new RangeError(
      `${name} has ${ports} ${ports === 1 ? 'port' : 'ports'}; a two-port takes two of them.`,
    );
  const reference = references[from - 1]!;
  if (references[to - 1] !== reference)
    throw new RangeError(
      `${name}: ports ${from} and ${to} have references of ${reference} and ${references[to - 1]} ohm; expected the same.`,
    );
  const at = (row: number, column: number) => parameters[(row - 1) * ports + column - 1]!;
  return {
    name,
    reference,
    frequencies,
    parameters: [at(from, from), at(to, from), at(from, to), at(to, to)],
  };
}
