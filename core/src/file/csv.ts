import Papa from 'papaparse';

/** A cell of a table that is saved; null is left empty. */
export type Cell = string | number | null;

/**
 * Writes a table as CSV with commas and decimal points, one header line, line ends as RFC 4180 has them. A text that a spreadsheet would
 * run (`=`, `+`, `-`, `@`, a tab first) is written as text, with an apostrophe before it.
 */
export function writeCsv(header: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return `${Papa.unparse([[...header], ...rows.map((row) => [...row])], { escapeFormulae: true })}\r\n`;
}
