/** A request that cannot be taken: the field, what was found there and what was expected. */
export class RequestError extends Error {
  constructor(field: string, found: unknown, expected: string) {
    super(`${field}: found ${shown(found)}, expected ${expected}.`);
    this.name = 'RequestError';
  }
}

const longest = 60;

function shown(found: unknown): string {
  if (found === undefined) return 'nothing';
  const text = JSON.stringify(found) ?? String(found);
  return text.length > longest ? `${text.slice(0, longest)}…` : text;
}
