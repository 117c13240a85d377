import type { Cell, LabelStock } from './label-stock.ts';
import { cellsOf } from './label-stock.ts';

/** A label at its place on a page. */
export interface PlacedLabel<Label> {
  readonly cell: Cell;
  readonly label: Label;
}

/** How a run of labels is printed. */
export interface LabelRun {
  /** Of each, one after another; at least 1. */
  readonly copies: number;
  /** Labels of the first sheet that are used already, row by row from its upper left. */
  readonly used: number;
}

/** The pages of a run: every label as often as asked, one after another, after those that are used already. */
export function labelPages<Label>(
  labels: readonly Label[],
  stock: LabelStock,
  { copies, used }: LabelRun,
): PlacedLabel<Label>[][] {
  const cells = cellsOf(stock);
  const skipped = Math.min(used, cells.length - 1);
  const all = labels.flatMap((label) => Array.from({ length: copies }, () => label));
  const pages: PlacedLabel<Label>[][] = [];
  all.forEach((label, n) => {
    const at = n + skipped;
    const page = Math.floor(at / cells.length);
    (pages[page] ??= []).push({ label, cell: cells[at % cells.length]! });
  });
  return pages;
}
