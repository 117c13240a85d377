/** Round figures for an axis from `low` to `high`: steps of 1, 2, 2.5 or 5 times a power of ten, about `count` of them. */
export function niceTicks(low: number, high: number, count = 5): number[] {
  if (!(high > low)) return Number.isFinite(low) ? [low - 1, low, low + 1] : [0, 1];
  const rough = (high - low) / count;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 2.5, 5, 10].map((factor) => factor * power).find((size) => size >= rough * 0.999)!;
  const first = Math.floor(low / step + 1e-9);
  const last = Math.ceil(high / step - 1e-9);
  return Array.from({ length: last - first + 1 }, (_, n) => Number(((first + n) * step).toPrecision(12)));
}

/** 1, 2 and 5 in every decade of a logarithmic axis; the decades alone when they are many. */
export function logTicks(low: number, high: number): number[] {
  if (!(low > 0 && high > low)) return [low, high];
  const decades = Math.log10(high / low);
  const factors = decades > 4 ? [1] : decades > 2.2 ? [1, 3] : [1, 2, 5];
  const first = Math.floor(Math.log10(low));
  return Array.from({ length: Math.ceil(decades) + 2 }, (_, n) => 10 ** (first + n))
    .flatMap((power) => factors.map((factor) => Number((factor * power).toPrecision(6))))
    .filter((value) => value >= low * 0.999 && value <= high * 1.001);
}
