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

/** A line with its number; comment already taken off. */
export interface SourceLine {
  readonly number: number;
  readonly text: string;
}

/** Column, from 1, of a word of a line; behind the last one when there are fewer. */
export const columnOf = (text: string, token: number): number => {
  let place = 0;
  for (const match of text.matchAll(/\S+/g)) if (place++ === token) return match.index + 1;
  return text.trimEnd().length + 1;
};
