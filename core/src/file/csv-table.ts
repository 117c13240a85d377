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
 * Reads comma, semicolon or tab separated text, told by which of them its rows share; a decimal comma is read where a comma
 * does not separate. A cell in quotes may go over several lines. Rows that begin with `#` or `!` are comments.
 * @throws CsvError when there is no table.
 */
export function readCsvTable(text: string): CsvTable {
  if (text.length > longest) throw new CsvError(1, 1, `${text.length} characters`, `at most ${longest}`);
  const plain = text.replace(/^\ufeff/, '').replace(/\r\n?/g, '\n');
  const [semicolon, tab, comma] = [';', '\t', ','].map((delimiter) => tableBy(plain, delimiter));
  const table = [semicolon!, tab!].find(({ rows }) => rows.every(({ cells }) => cells.length > 1)) ?? comma!;
  if (table.rows.length < 2)
    throw new CsvError(plain.split('\n').length, 1, `${table.rows.length} lines of a table`, 'two or more');
  return table;
}

/** The same text as it reads with one separator. */
function tableBy(text: string, delimiter: string): CsvTable {
  const notes = new Map<string, { line: number; text: string }>();
  const rows: CsvRow[] = [];
  let line = 1;
  let start = 0;
  Papa.parse<string[]>(text, {
    delimiter,
    newline: '\n',
    step: ({ data, meta: { cursor } }) => {
      const raw = text.slice(start, cursor);
      const note = /^\s*[#!]\s*([^:=]+?)\s*[:=]\s*(.+?)\s*$/.exec(raw);
      if (note) notes.set(note[1]!.toLowerCase(), { line, text: note[2]! });
      if (raw.trim() !== '' && !/^\s*[#!]/.test(raw))
        rows.push({ line, cells: data.map((cell) => cell.trim()) });
      line += raw.split('\n').length - 1;
      start = cursor;
    },
  });
  return { notes, rows };
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
