import type { Network } from '../line/network.ts';
import { readData } from './touchstone-data.ts';
import { TouchstoneError } from './touchstone-error.ts';
import type { SourceLine } from './touchstone-error.ts';
import type { Header } from './touchstone-header.ts';
import { readKeyword, readOptions, readReferences, usualHeader } from './touchstone-header.ts';

/**
 * Reads Touchstone 1.1 or 2.0: 1 to 4 ports, MA, DB or RI, any frequency unit, comments anywhere, any line ends; the noise
 * section is skipped. The number of ports of version 1 comes from the file's name (`.s2p`), else from the first lines.
 * @throws TouchstoneError naming line, column, what was found and what was expected.
 */
export function readTouchstone(text: string, fileName = ''): Network {
  const lines = text.replace(/^\ufeff/, '').split(/\r\n|\r|\n/);
  const reading: Reading = {
    header: usualHeader(fileName),
    data: [],
    hasOptions: false,
    isInformation: false,
    wantsReferences: 0,
    isOver: false,
  };
  for (let n = 0; n < lines.length && !reading.isOver; n++) {
    const raw = lines[n]!;
    const comment = raw.indexOf('!');
    const line = { number: n + 1, text: comment < 0 ? raw : raw.slice(0, comment) };
    const start = line.text.trimStart();
    if (start !== '') takeLine(line, start, reading);
  }
  if (reading.data.length === 0)
    throw new TouchstoneError(lines.length, 1, 'no network data', 'lines of frequency and parameters');
  return readData(reading.data, reading.header);
}

/** Where the reading of a file stands. */
interface Reading {
  readonly header: Header;
  readonly data: SourceLine[];
  hasOptions: boolean;
  /** Between the marks of an information block, which says nothing of the network. */
  isInformation: boolean;
  /** Reference resistances that are still to come. */
  wantsReferences: number;
  isOver: boolean;
}

/** Sorts one line that is not empty into what it is; `start` is it without leading space. */
function takeLine(line: SourceLine, start: string, reading: Reading): void {
  if (reading.isInformation) reading.isInformation = !/^\[end information\]/i.test(start);
  else if (start.startsWith('#')) {
    // Only the first option line counts, as the format says.
    if (!reading.hasOptions) readOptions(line, reading.header);
    reading.hasOptions = true;
  } else if (start.startsWith('[')) takeKeyword(line, start, reading);
  else if (reading.wantsReferences > 0)
    reading.wantsReferences -= readReferences(line, reading.header, reading.wantsReferences);
  else reading.data.push(line);
}

function takeKeyword(line: SourceLine, start: string, reading: Reading): void {
  const [, name = '', value = ''] = /^\[([^\]]*)\]\s*(.*)$/.exec(start) ?? [];
  const keyword = name.toLowerCase();
  if (keyword === 'end' || keyword === 'noise data') reading.isOver = true;
  else if (keyword === 'begin information') reading.isInformation = true;
  else reading.wantsReferences = readKeyword(line, keyword, value.trim(), reading.header);
}
