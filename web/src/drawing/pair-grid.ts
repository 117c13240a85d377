import type { PairCheck } from '@gorvane/core/prove/pair-matrix.ts';

/** One cell of the grid, pixels. */
export const gridCell = 6;

/** Kinds of cells that are drawn alike. */
export type CellKind = 'planned' | 'connected' | 'missing' | 'unplanned' | 'unread open';

/** Squares of each kind as one path each: thousands of pairs in a handful of elements. */
export function pairGridPaths(pairs: readonly PairCheck[]): ReadonlyMap<CellKind, string> {
  const paths = new Map<CellKind, string[]>();
  for (const pair of pairs) {
    const kind = kindOf(pair);
    if (!kind) continue;
    const square = `M${pair.to * gridCell} ${pair.from * gridCell}h${gridCell - 1}v${gridCell - 1}h-${gridCell - 1}z`;
    const list = paths.get(kind);
    if (list) list.push(square);
    else paths.set(kind, [square]);
  }
  return new Map([...paths].map(([kind, squares]) => [kind, squares.join('')]));
}

/** Nothing is drawn for what is open as planned. */
function kindOf({ planned, read, leak }: PairCheck): CellKind | undefined {
  if (leak || (read === true && !planned)) return 'unplanned';
  if (planned) return read === undefined ? 'planned' : read ? 'connected' : 'missing';
  return read === undefined ? 'unread open' : undefined;
}
