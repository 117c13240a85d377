import Papa from 'papaparse';
import { LineError } from './line-error.ts';
import { parseNumber } from '../quantity/number.ts';
import { QuantityError } from '../quantity/quantity-error.ts';

/** A table that cannot be read. */
export class CsvError extends LineError {
  override name = 'CsvError';
}

/** A line of a table with its number in the file. */
export interface CsvRow {
  readonly line: number;
  readonly cells: readonly string[];
}

/** A table as it stands in a file: what its comments say (`# rise time: 100 ps`), and its lines. */
export interface CsvTable {
  readonly notes: ReadonlyMap<string, { readonly line: number; readonly text: string }>;
  readonly rows: readonly CsvRow[];
}

const quoted = (text: string) => (text.trim() === '' ? 'an empty cell' : `"${text.trim().slice(0, 40)}"`);

/** Longest table taken, characters. */
const longest = 20e6;

/**
 * Reads comma, semicolon or tab separated text, told by which of them its lines share; a decimal comma is read where a comma
 * does not separate. Lines that begin with `#` or `!` are comments. @throws CsvError when there is no table.
 */
export function readCsvTable(text: string): CsvTable {
  if (text.length > longest) throw new CsvError(1, 1, `${text.length} characters`, `at most ${longest}`);
  const notes = new Map<string, { line: number; text: string }>();
  const lines = text.replace(/^\ufeff/, '').split(/\r\n|\r|\n/);
  const kept = lines.flatMap((content, n) => {
    const note = /^\s*[#!]\s*([^:=]+?)\s*[:=]\s*(.+?)\s*$/.exec(content);
    if (note) notes.set(note[1]!.toLowerCase(), { line: n + 1, text: note[2]! });
    return content.trim() === '' || /^\s*[#!]/.test(content) ? [] : [{ line: n + 1, content }];
  });
  if (kept.length < 2) throw new CsvError(lines.length, 1, `${kept.length} lines of a table`, 'two or more');
  const delimiter = separatorOf(kept.map(({ content }) => content));
  const rows = kept.map(({ line, content }): CsvRow => {
    const [cells = []] = Papa.parse<string[]>(content, { delimiter }).data;
    return { line, cells: cells.map((cell) => cell.trim()) };
  });
  return { notes, rows };
}

/** The separator that stands in every line, semicolon and tab before the comma, which may be a decimal one. */
function separatorOf(lines: readonly string[]): string {
  return [';', '\t', ','].find((each) => lines.every((line) => line.includes(each))) ?? ',';
}

/** A number of a table. @throws CsvError */
export function numberAt({ line, cells }: CsvRow, column: number, expected: string): number {
  const text = cells[column] ?? '';
  try {
    return parseNumber(text, expected);
  } catch (error) {
    if (error instanceof QuantityError) throw new CsvError(line, column + 1, quoted(text), expected);
    throw error;
  }
}

/** What a cell should have been. */
export function wrongCell({ line, cells }: CsvRow, column: number, expected: string): CsvError {
  return new CsvError(line, column + 1, quoted(cells[column] ?? ''), expected);
}
