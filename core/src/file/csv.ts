import Papa from 'papaparse';

/** A cell of a table that is saved; null is left empty. */
export type Cell = string | number | null;

/** Writes a table as CSV with commas and decimal points, one header line, line ends as RFC 4180 has them. */
export function writeCsv(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return `${Papa.unparse([[...header], ...rows.map((row) => [...row])])}\r\n`;
}
