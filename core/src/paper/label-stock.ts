import { z } from 'zod';
import type { Sheet } from './sheet.ts';
import { sheets } from './sheet.ts';
import { checkLabelText, LabelTextError } from './label-text.ts';

const length = (least: number, most: number) => z.number().min(least).max(most);

const isLabelText = (text: string): boolean => {
  try {
    checkLabelText(text);
    return true;
  } catch (error) {
    if (error instanceof LabelTextError) return false;
    throw error;
  }
};

/** What every stock has: its name, its text, and the size of what is printed, along the text and across it; metres. */
const printed = {
  id: z.string().min(1),
  name: z.string().min(1).max(60),
  /** Lines with fields in braces: what goes on a small label is not what goes on a large one. */
  text: z.string().max(400).refine(isLabelText, 'fields such as {serial}'),
  width: length(5e-3, 0.3),
  height: length(4e-3, 0.3),
};

/** Label stock of a house: what is printed on, and how it lies on its roll or sheet. Lengths in metres. */
export const labelStockSchema = z.discriminatedUnion('kind', [
  /** Tape, cut to length: `height` is the width of the tape. */
  z.object({ kind: z.literal('roll'), ...printed }),
  /** Printed at its beginning; the clear rest goes round the cable and over the print. */
  z.object({ kind: z.literal('wrap-around'), ...printed, clear: length(5e-3, 0.2) }),
  /** Shrink tube that is printed flat: `height` is its width lying flat. */
  z.object({
    kind: z.literal('sleeve'),
    ...printed,
    supplied: length(1e-3, 0.1),
    recovered: length(0.5e-3, 0.1),
  }),
  /** Labels in columns and rows on a sheet of paper. */
  z.object({
    kind: z.literal('sheet'),
    ...printed,
    page: z.enum(Object.keys(sheets) as [Sheet, ...Sheet[]]),
    columns: z.number().int().min(1).max(20),
    rows: z.number().int().min(1).max(60),
    left: length(0, 0.1),
    top: length(0, 0.1),
    columnGap: length(0, 0.05),
    rowGap: length(0, 0.05),
  }),
]);

export type LabelStock = z.infer<typeof labelStockSchema>;
export type LabelKind = LabelStock['kind'];

export const labelKinds: readonly LabelKind[] = ['roll', 'wrap-around', 'sleeve', 'sheet'];

/** Width and height, metres. */
export interface Size {
  readonly width: number;
  readonly height: number;
}

/** A place on a page from its upper left corner, metres. */
export interface Cell extends Size {
  readonly x: number;
  readonly y: number;
}

/** The page that a printer is given: the sheet, or one label with its clear rest; metres. */
export function pageOf(stock: LabelStock): Size {
  if (stock.kind === 'sheet') return sheets[stock.page];
  const clear = stock.kind === 'wrap-around' ? stock.clear : 0;
  return { width: stock.width, height: stock.height + clear };
}

/** The labels of one page, row by row. */
export function cellsOf(stock: LabelStock): Cell[] {
  const { width, height } = stock;
  if (stock.kind !== 'sheet') return [{ x: 0, y: 0, width, height }];
  const { columns, rows, left, top, columnGap, rowGap } = stock;
  return Array.from({ length: columns * rows }, (_, n) => ({
    x: left + (n % columns) * (width + columnGap),
    y: top + Math.floor(n / columns) * (height + rowGap),
    width,
    height,
  }));
}

/** How far the labels of a sheet stand out of its page, to the right and below; metres, 0 where they are on it. */
export function overhang(stock: LabelStock): { readonly right: number; readonly below: number } {
  const last = cellsOf(stock).at(-1)!;
  const page = pageOf(stock);
  return {
    right: Math.max(0, last.x + last.width - page.width),
    below: Math.max(0, last.y + last.height - page.height),
  };
}
