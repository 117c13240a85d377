/**
 * Places of the points that draw a curve as it looks: the lowest and the highest of each of `buckets` parts, the first and
 * the last. Curves with fewer points keep all.
 */
export function decimated(values: ArrayLike<number>, buckets: number): number[] {
  const count = values.length;
  if (count <= 2 * buckets) return Array.from({ length: count }, (_, n) => n);
  const places = new Set<number>([0, count - 1]);
  for (let bucket = 0; bucket < buckets; bucket++) {
    const from = Math.floor((bucket * count) / buckets);
    const to = Math.floor(((bucket + 1) * count) / buckets);
    let low = from;
    let high = from;
    for (let n = from; n < to; n++) {
      if (values[n]! < values[low]!) low = n;
      if (values[n]! > values[high]!) high = n;
    }
    places.add(low).add(high);
  }
  return [...places].sort((a, b) => a - b);
}
