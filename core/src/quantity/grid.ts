/** `count` values from `from` to `to`, both included, the same step apart. */
export function evenGrid(from: number, to: number, count: number): Float64Array {
  const step = (to - from) / (count - 1);
  return Float64Array.from({ length: count }, (_, index) => from + index * step);
}

/** `count` values from `from` to `to`, both above 0 and included, the same ratio apart. */
export function ratioGrid(from: number, to: number, count: number): Float64Array {
  return evenGrid(Math.log(from), Math.log(to), count).map(Math.exp);
}
