/** A file that cannot be read, with line and column (from 1), what was found and what was expected. */
export class LineError extends Error {
  constructor(
    readonly line: number,
    readonly column: number,
    found: string,
    expected: string,
  ) {
    super(`Line ${line}, column ${column}: found ${found}; expected ${expected}.`);
    this.name = 'LineError';
  }
}
