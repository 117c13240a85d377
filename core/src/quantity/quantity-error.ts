/**
 * A typed text that cannot be read as the quantity asked for.
 * The message is meant for the person who typed it: what was found and what was expected.
 */
export class QuantityError extends Error {
  readonly found: string;
  readonly expected: string;

  constructor(found: string, expected: string) {
    super(
      found.trim() === ''
        ? `Nothing typed; expected ${expected}.`
        : `Found "${found}"; expected ${expected}.`,
    );
    this.name = 'QuantityError';
    this.found = found;
    this.expected = expected;
  }
}
