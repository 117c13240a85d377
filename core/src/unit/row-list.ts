/** Numbers of rows below 65 536, ascending, each once. */
export type RowList = Uint16Array;

export const noRows: RowList = new Uint16Array();

/** Where a number stands or would stand in a list. */
function placeOf(list: RowList, row: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (list[middle]! < row) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The list with a row more; the same one where it has it. */
export function withRow(list: RowList, row: number): RowList {
  const at = placeOf(list, row);
  if (list[at] === row) return list;
  const longer = new Uint16Array(list.length + 1);
  longer.set(list.subarray(0, at));
  longer[at] = row;
  longer.set(list.subarray(at), at + 1);
  return longer;
}

/** The list after rows came in and went out, in the order in which they did. */
export function withMoves(
  list: RowList,
  moves: readonly { readonly row: number; readonly isIn: boolean }[],
): RowList {
  const rows = new Set(list);
  for (const { row, isIn } of moves)
    if (isIn) rows.add(row);
    else rows.delete(row);
  return Uint16Array.from(rows).sort();
}

/** The list without a row; the same one where it has none such. */
export function withoutRow(list: RowList, row: number): RowList {
  const at = placeOf(list, row);
  if (list[at] !== row) return list;
  const shorter = new Uint16Array(list.length - 1);
  shorter.set(list.subarray(0, at));
  shorter.set(list.subarray(at + 1), at);
  return shorter;
}

/** Rows that stand in both. */
export function inBoth(a: RowList, b: RowList): RowList {
  const both = new Uint16Array(Math.min(a.length, b.length));
  let [i, j, n] = [0, 0, 0];
  while (i < a.length && j < b.length) {
    const [left, right] = [a[i]!, b[j]!];
    if (left === right) both[n++] = left;
    if (left <= right) i++;
    if (right <= left) j++;
  }
  return both.slice(0, n);
}

/** Rows that stand in any of them. */
export function inAny(lists: readonly RowList[]): RowList {
  const [only, ...others] = lists;
  if (!only) return noRows;
  if (others.length === 0) return only;
  const isIn = new Uint8Array(65_536);
  for (const list of lists) for (const row of list) isIn[row] = 1;
  const rows = new Uint16Array(lists.reduce((sum, { length }) => sum + length, 0));
  let n = 0;
  isIn.forEach((is, row) => {
    if (is) rows[n++] = row;
  });
  return rows.slice(0, n);
}
