import type { Cell, Size } from './label-stock.ts';

/** Width of a text in the height of its letters' body: `measure('B1-0007', true)` is some 4. */
export type MeasureText = (text: string, bold: boolean) => number;

/** Modules along a side of the code: with serial and identity, and with the serial alone. */
export interface CodeSizes {
  readonly whole: number;
  readonly serial: number;
}

/** One line of print: its baseline from the upper left corner of the label, and the size of its letters' body; metres. */
export interface PrintedLine {
  readonly text: string;
  readonly bold: boolean;
  readonly x: number;
  readonly baseline: number;
  readonly size: number;
}

/** Where everything of a label is. */
export interface LabelLayout {
  readonly lines: readonly PrintedLine[];
  readonly code: (Pick<Cell, 'x' | 'y'> & { readonly side: number; readonly holds: keyof CodeSizes }) | null;
  /** The line that does not go on in letters that can be read; the label is not to be printed. */
  readonly tooLong: string | null;
}

/** White left at every edge: what cutters and printers are off by. Engineering value. */
export const edge = 1e-3;
/** The smallest body that is read at arm's length, 4.5 pt, and the largest that a lead's label needs. Engineering values. */
const [leastSize, mostSize] = [1.6e-3, 4.2e-3];
/** The first line against the others. */
const headScale = 1.25;
const lineHeight = 1.18;
/** Of the body above the baseline. */
const ascent = 0.86;
/** A code is read by a telephone down to modules of this size at 300 dots per inch. Engineering value. */
const leastModule = 0.25e-3;
const largestCode = 16e-3;
const gap = 1.5e-3;

/**
 * Lays text and code out on the printed part of a label, in the largest letters that go on: a line that is too wide is set smaller by itself. The code holds serial and
 * identity where its modules stay large enough, else the serial alone, else there is none; it also gives way to the text.
 */
export function layoutLabel(
  size: Size,
  texts: readonly string[],
  codes: CodeSizes,
  measure: MeasureText,
): LabelLayout {
  const inner = { width: size.width - 2 * edge, height: size.height - 2 * edge };
  const code = codeOf(inner, codes);
  if (code) {
    const left = code.side + gap;
    const sizes = sizesOf({ ...inner, width: inner.width - left }, texts, measure);
    if (Math.min(...sizes) >= leastSize)
      return {
        code: { ...code, x: edge, y: (size.height - code.side) / 2 },
        lines: placed(texts, sizes, size.height, edge + left),
        tooLong: null,
      };
  }
  const sizes = sizesOf(inner, texts, measure);
  const short = sizes.findIndex((body) => body < leastSize);
  return {
    code: null,
    lines: placed(texts, sizes, size.height, edge),
    tooLong: short < 0 ? null : texts[short]!,
  };
}

function codeOf({ width, height }: Size, codes: CodeSizes) {
  const side = Math.min(height, largestCode, width / 2);
  const holds = (['whole', 'serial'] as const).find((form) => side / codes[form] >= leastModule);
  return holds && { side, holds };
}

const scaleOf = (n: number) => (n === 0 ? headScale : 1);

/** The body of each line: as large as all go into the height, and smaller where one alone would be too wide. */
function sizesOf({ width, height }: Size, texts: readonly string[], measure: MeasureText): number[] {
  const units = texts.reduce((sum, _, n) => sum + scaleOf(n) * lineHeight, 0);
  const body = Math.min(mostSize, height / Math.max(units, 1e-9));
  return texts.map((text, n) => Math.min(body * scaleOf(n), width / Math.max(measure(text, n === 0), 1e-9)));
}

/** Lines below one another, in the middle of the height. */
function placed(
  texts: readonly string[],
  sizes: readonly number[],
  height: number,
  x: number,
): PrintedLine[] {
  let y = (height - sizes.reduce((sum, size) => sum + size * lineHeight, 0)) / 2;
  return texts.map((text, n) => {
    const size = sizes[n]!;
    const baseline = y + size * ascent;
    y += size * lineHeight;
    return { text, bold: n === 0, x, baseline, size };
  });
}
