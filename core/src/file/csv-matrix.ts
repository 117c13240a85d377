import { connectedBelow } from '../reading/reading.ts';
import type { PairReading } from '../reading/reading.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { parseResistance } from '../quantity/resistance.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import type { CsvRow, CsvTable } from './csv-table.ts';
import { CsvError, readCsvTable, wrongCell } from './csv-table.ts';

const closedWords = new Set(['x', 'yes', 'y', 'closed', 'connected', 'pass', 'beep', 'beeps', 'true']);
const openWords = new Set(['no', 'n', 'open', 'silent', 'ol', 'over', 'inf', 'infinite', 'false', '-', '.']);
const listHeads = new Set(['from', 'to', 'a', 'b', 'point 1', 'point 2']);
/** From here on a figure is an instrument's way to say open, ohm. */
const overload = 1e15;
const expectedCell = 'ohms, "open", "x" or nothing';

/**
 * Reads continuity readings of a lead: a square matrix with the points in its first line and first column, or a list of
 * `from, to, reading`. Points are named by end and contact (`A 2`, `A.2`, `end B shell`), or by their number on the tester.
 * Cells hold ohms (with a unit or none), a word for open or connected, or nothing.
 * @throws CsvError naming line and column, what was found and what was expected.
 */
export function readMatrixCsv(text: string, wiring: Wiring): PairReading[] {
  const table = readCsvTable(text);
  const pointOf = pointNames(wiring);
  const pairs = isList(table, pointOf) ? readList(table, pointOf) : readSquare(table, pointOf);
  if (pairs.length === 0) throw new CsvError(1, 1, 'no reading', 'at least one pair of points of this lead');
  return pairs;
}

type PointOf = (name: string) => string | undefined;

/** Points by every name that a file may give them. */
function pointNames({ points }: Wiring): PointOf {
  const plain = (name: string) =>
    name
      .toLowerCase()
      .replace(/^end\s+/, '')
      .replace(/[^a-z0-9+-]/g, '');
  const names = new Map<string, string>();
  points.forEach(({ id, label }, index) => {
    names.set(String(index + 1), id);
    for (const name of [id, label]) names.set(plain(name), id);
  });
  return (name) => names.get(plain(name));
}

/** A list says so in its head, or its first line is two points and a reading. */
function isList({ rows }: CsvTable, pointOf: PointOf): boolean {
  const { cells } = rows[0]!;
  if (cells.length !== 3) return false;
  if (cells.slice(0, 2).every((cell) => listHeads.has(cell.toLowerCase()))) return true;
  return pointOf(cells[0]!) !== undefined && pointOf(cells[1]!) !== undefined && cells[0] !== '';
}

function readList({ rows }: CsvTable, pointOf: PointOf): PairReading[] {
  const isHead = listHeads.has(rows[0]!.cells[0]!.toLowerCase());
  return rows.slice(isHead ? 1 : 0).flatMap((row): PairReading[] => {
    const [from, to] = [pointAt(row, 0, pointOf), pointAt(row, 1, pointOf)];
    if (from === to) throw wrongCell(row, 1, 'another point than the first');
    const reading = readCell(row, 2);
    return reading ? [{ from, to, ...reading }] : [];
  });
}

function readSquare({ rows }: CsvTable, pointOf: PointOf): PairReading[] {
  const [head, ...body] = rows;
  const columns = head!.cells.slice(1).map((_, n) => pointAt(head!, n + 1, pointOf));
  const read = new Map<string, PairReading>();
  for (const row of body) {
    const from = pointAt(row, 0, pointOf);
    if (row.cells.length > columns.length + 1)
      throw wrongCell(
        row,
        columns.length + 1,
        `${columns.length} cells, one for each point of the first line`,
      );
    columns.forEach((to, n) => {
      const reading = from === to ? undefined : readCell(row, n + 1);
      if (!reading) return;
      const mirror = read.get(`${to} ${from}`);
      if (mirror && isClosed(mirror) !== isClosed({ from, to, ...reading }))
        throw wrongCell(row, n + 1, 'the same as its mirror across the diagonal');
      if (!mirror) read.set(`${from} ${to}`, { from, to, ...reading });
    });
  }
  return [...read.values()];
}

const isClosed = ({ connected, ohms }: PairReading) =>
  ohms === undefined ? connected === true : ohms !== null && ohms < connectedBelow;

function pointAt(row: CsvRow, column: number, pointOf: PointOf): string {
  const found = pointOf(row.cells[column] ?? '');
  if (found === undefined) throw wrongCell(row, column, 'a point of this lead, such as "A 2" or its number');
  return found;
}

/** What a cell says of its pair; undefined where it is empty. */
function readCell(row: CsvRow, column: number): Pick<PairReading, 'connected' | 'ohms'> | undefined {
  const text = (row.cells[column] ?? '').toLowerCase();
  if (text === '') return undefined;
  if (closedWords.has(text)) return { connected: true };
  if (openWords.has(text)) return { ohms: null };
  // Many instruments write overload as an absurd figure.
  if (Number(text) > overload) return { ohms: null };
  try {
    const ohms = parseResistance(text);
    return { ohms: Number.isFinite(ohms) ? ohms : null };
  } catch (error) {
    if (error instanceof QuantityError) throw wrongCell(row, column, expectedCell);
    throw error;
  }
}
