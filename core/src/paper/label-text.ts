/** What a label can say of a unit, by the word that stands in braces. */
export const labelFields = [
  'serial',
  'name',
  'length',
  'inches',
  'colour',
  'polarity',
  'date',
  'order',
  'end',
  'goes to',
  'house',
  'proof',
] as const;

export type LabelField = (typeof labelFields)[number];
export type LabelValues = Readonly<Record<LabelField, string>>;

/** Fields that differ from end to end. */
const fieldsOfEnd: readonly LabelField[] = ['end', 'goes to'];

/** A text for labels that cannot be used. The message says what was found and what was expected. */
export class LabelTextError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LabelTextError';
  }
}

/** More than a label of any stock holds. */
const mostLines = 8;
const field = /\{([^{}]*)\}/g;

const isField = (name: string): name is LabelField => labelFields.some((known) => known === name);

/** @throws LabelTextError where the text names a field that there is not, is empty or too long. */
export function checkLabelText(text: string): void {
  if (text.trim() === '') throw new LabelTextError('Nothing typed; expected at least one line.');
  const lines = text.split('\n').length;
  if (lines > mostLines) throw new LabelTextError(`Found ${lines} lines; expected at most ${mostLines}.`);
  for (const [whole, name] of text.matchAll(field))
    if (!isField(name!.trim()))
      throw new LabelTextError(
        `Found ${whole}; expected one of ${labelFields.map((known) => `{${known}}`).join(', ')}.`,
      );
  if (/[{}]/.test(text.replace(field, '')))
    throw new LabelTextError('Found a brace that stands alone; expected fields such as {serial}.');
}

/** Whether each end gets its own text. */
export const namesEnd = (text: string): boolean =>
  [...text.matchAll(field)].some(([, name]) => fieldsOfEnd.some((known) => known === name!.trim()));

/** One piece of a line between commas, filled; brackets round an empty field go with it. Undefined where nothing is left. */
function filledPiece(piece: string, values: LabelValues): string | undefined {
  const fill = (text: string) => text.replace(field, (_, name: string) => values[name.trim() as LabelField]);
  const filled = fill(
    piece.replace(/\(\s*\{([^{}]*)\}\s*\)/g, (whole, name: string) =>
      values[name.trim() as LabelField] === '' ? '' : whole,
    ),
  );
  const words = filled.replace(/\s+/g, ' ').trim();
  return words === '' ? undefined : words;
}

/**
 * The lines of one label. A line whose fields are all empty is left out, and so are commas and brackets at an empty field.
 * @throws LabelTextError
 */
export function labelLines(text: string, values: LabelValues): string[] {
  checkLabelText(text);
  return text.split('\n').flatMap((line) => {
    const names = [...line.matchAll(field)].map(([, name]) => name!.trim() as LabelField);
    if (names.length > 0 && names.every((name) => values[name] === '')) return [];
    const pieces = line.split(',').flatMap((piece) => filledPiece(piece, values) ?? []);
    return pieces.length === 0 ? [] : [pieces.join(', ')];
  });
}
