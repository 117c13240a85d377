import { LineError } from './line-error.ts';

/** A file that is not Touchstone. */
export class TouchstoneError extends LineError {
  override name = 'TouchstoneError';
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
