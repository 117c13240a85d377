import type { Reflectogram, ReflectionEvent } from './reflectogram.ts';

/** Changes of impedance smaller than this part are the cable's own unevenness. */
const unevenness = 0.04;

/** Loss that is undone at one frequency leaves a slow slope: the level follows it over so many resolutions. */
const follow = 4;

/**
 * Events of a trace: lasting steps, and spikes that come back within a few resolutions. Past an open or a short nothing
 * is reported.
 */
export function reflectionEvents(trace: Reflectogram, reference: number): ReflectionEvent[] {
  const { distances, local, resolution, velocityUncertainty } = trace;
  const step = distances[1]! - distances[0]!;
  const span = Math.max(2, Math.round((1.5 * resolution) / step));
  const events: ReflectionEvent[] = [];
  let level = reference;
  let n = Math.max(
    0,
    distances.findIndex((distance) => distance >= -resolution),
  );
  while (n < local.length - 1) {
    const change = local[n]! / level - 1;
    if (!(Math.abs(change) > unevenness)) {
      level += (local[n]! - level) / (follow * span);
      n++;
      continue;
    }
    const { peak, settled, end } = excursion(local, n, level, span);
    const middle = half(local, n, peak, level);
    const distance = Math.max(0, distances[middle]!);
    const uncertainty = resolution / 2 + distance * velocityUncertainty;
    const reached = local[peak]!;
    if (reached > 20 * reference || reached < reference / 20) {
      events.push({
        distance,
        uncertainty,
        kind: reached > reference ? 'open' : 'short',
        impedance: reached > reference ? Infinity : 0,
        seriesResistance: null,
        size: null,
      });
      break;
    }
    const returns =
      Math.abs(settled / level - 1) < Math.max(unevenness, 0.35 * Math.abs(reached / level - 1));
    events.push(
      returns
        ? { ...spike(trace, n, end, level, reached), distance: Math.max(0, distances[peak]!), uncertainty }
        : {
            distance,
            uncertainty,
            kind: settled > level ? 'higher' : 'lower',
            impedance: settled,
            seriesResistance: settled > level ? settled - level : null,
            size: null,
          },
    );
    level = returns ? level : settled;
    n = end;
  }
  return events;
}

/** From where a trace leaves its level: the extreme it reaches, and where and at what it settles. */
function excursion(local: Float64Array, from: number, level: number, span: number) {
  const up = local[from]! > level;
  const last = local.length - 1;
  let peak = from;
  for (let n = from; n <= Math.min(last, from + 2 * span); n++)
    if (up ? local[n]! > local[peak]! : local[n]! < local[peak]!) peak = n;
  while (
    peak < last &&
    (up ? local[peak + 1]! > local[peak]! * 1.001 : local[peak + 1]! < local[peak]! * 0.999)
  )
    peak++;
  const end = Math.min(last, peak + 2 * span);
  return { peak, end, settled: local[Math.min(last, peak + Math.round(1.5 * span))]! };
}

/** Where a trace is half way from its level to its extreme: half of the reflection, which is what rises evenly. */
function half(local: Float64Array, from: number, peak: number, level: number): number {
  const reflection = (local[peak]! - level) / (local[peak]! + level) / 2;
  const middle = (level * (1 + reflection)) / (1 - reflection);
  for (let n = from; n <= peak; n++)
    if (local[peak]! > level ? local[n]! >= middle : local[n]! <= middle) return n;
  return peak;
}

/** Lumped size of a spike: `L = integral (Z - Z0) dt`, `C = integral (1/Z - 1/Z0) dt`, one way. */
export function spike(trace: Reflectogram, from: number, to: number, level: number, reached: number) {
  const { distances, local } = trace;
  const span = 2 * (to - from);
  const start = Math.max(1, from - (to - from));
  let sum = 0;
  const isInductive = reached > level;
  for (let n = start; n < Math.min(local.length, start + span); n++)
    sum += isInductive ? local[n]! - level : 1 / local[n]! - 1 / level;
  return {
    kind: isInductive ? ('inductive' as const) : ('capacitive' as const),
    impedance: reached,
    seriesResistance: null,
    size: (sum * (distances[1]! - distances[0]!)) / trace.speed,
  };
}
