import { TouchstoneError, columnOf } from './touchstone-error.ts';
import type { SourceLine } from './touchstone-error.ts';

export type TouchstoneFormat = 'MA' | 'DB' | 'RI';
export type TouchstoneUnit = 'Hz' | 'kHz' | 'MHz' | 'GHz';

/** Hertz per unit, by the unit in capitals. */
export const unitFactor: Readonly<Record<string, number>> = { HZ: 1, KHZ: 1e3, MHZ: 1e6, GHZ: 1e9 };
const formats: readonly string[] = ['MA', 'DB', 'RI'];
const otherParameters: readonly string[] = ['Y', 'Z', 'G', 'H'];

/** What the option line and the keywords have said so far. */
export interface Header {
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

/** What holds until the file says otherwise. */
export function usualHeader(fileName: string): Header {
  return {
    factor: 1e9,
    format: 'MA',
    references: [50],
    version: 1,
    ports: portsOfName(fileName),
    order: '21_12',
    matrix: 'Full',
    announced: undefined,
  };
}

function portsOfName(fileName: string): number | undefined {
  const digits = /\.s(\d+)p$/i.exec(fileName)?.[1];
  return digits === undefined ? undefined : Number(digits);
}

/** Takes the option line. @throws TouchstoneError when a word of it is not understood. */
export function readOptions(line: SourceLine, header: Header): void {
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

type Refuse = (expected: string) => never;

/** What each keyword of version 2 sets. Those that say nothing of the network set nothing. */
const keywords: Readonly<Record<string, (value: string, header: Header, refuse: Refuse) => void>> = {
  version: (value, header, refuse) => {
    if (value !== '2.0' && value !== '2.1') refuse('version 2.0');
    header.version = 2;
  },
  'number of ports': (value, header) => {
    header.ports = Number(value);
  },
  'two-port data order': (value, header, refuse) => {
    if (value !== '12_21' && value !== '21_12') refuse('12_21 or 21_12');
    header.order = value as Header['order'];
  },
  'number of frequencies': (value, header, refuse) => {
    header.announced = Number(value);
    if (!(Number.isInteger(header.announced) && header.announced > 0)) refuse('a count of 1 or more');
  },
  'matrix format': (value, header, refuse) => {
    if (!/^(full|lower|upper)$/i.test(value)) refuse('Full, Lower or Upper');
    header.matrix = (value[0]!.toUpperCase() + value.slice(1).toLowerCase()) as Header['matrix'];
  },
  'mixed-mode order': (_value, _header, refuse) =>
    refuse('single-ended parameters: mixed-mode order is not read'),
  'number of noise frequencies': () => undefined,
  'network data': () => undefined,
};

/** Takes a keyword of version 2. Returns how many reference resistances are still to come on the following lines. */
export function readKeyword(line: SourceLine, name: string, value: string, header: Header): number {
  const refuse: Refuse = (expected) => {
    throw new TouchstoneError(line.number, line.text.indexOf('[') + 1, `"${line.text.trim()}"`, expected);
  };
  if (name === 'reference') {
    header.references = [];
    const ports = header.ports ?? 1;
    return value === '' ? ports : ports - readReferences({ number: line.number, text: value }, header, ports);
  }
  const set = keywords[name];
  if (!set) return refuse('a keyword of Touchstone 2.0');
  set(value, header, refuse);
  return 0;
}

/** Takes up to `wanted` reference resistances of a line and returns how many there were. */
export function readReferences(line: SourceLine, header: Header, wanted: number): number {
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
