import type { Fit, Fitted } from './reflection-fit.ts';
import { fitModel } from './reflection-fit.ts';
import type { Discontinuity, LineModel } from './reflection-model.ts';

/** A line in its places, each with whether what lies behind it tells a part in the line from a change of the line. */
export interface Explained extends Fit {
  readonly decided: readonly boolean[];
}

/** Places that reflect less once all is fitted were the echo of others. */
const leastReflection = 0.015;
/** The other explanation is out where it is so much farther from what was measured: as a factor, and in squares of uncertainty. */
const farther = { factor: 1.3, sum: 30 } as const;
/** Two opposite steps this close, in widths of what can be told apart, belong together. */
const together = 2.5;
/** A step that reflects so much is the end. */
const endReflection = 0.9;
/** A cost of so much for each frequency is the noise of the readings: nothing is nearer. */
const noise = 0.5;
/** So many places are looked at both ways, the nearest first. */
const mostTried = 6;

/** A change of the line as a part in it, and the other way: more impedance or a resistance in series, less or a leak across. */
function other(what: Discontinuity): Discontinuity {
  if (what.kind !== 'step') return { ...what, kind: 'step' };
  return { ...what, kind: what.reflection > 0 ? 'series' : 'shunt' };
}

/** Whether a place is half of a spike: its opposite is next to it. */
function isHalf(places: readonly Discontinuity[], n: number, { resolutionAt }: Fitted): boolean {
  const here = places[n]!;
  return [places[n - 1], places[n + 1]].some(
    (near) =>
      near?.kind === 'step' &&
      Math.abs(near.distance - here.distance) < together * resolutionAt(here.distance) &&
      near.reflection * here.reflection < 0,
  );
}

/** The model without one place that explains no more than it costs; undefined where each is needed. */
function withoutNeedless(best: Fit, fitted: Fitted): Fit | undefined {
  const places = best.model.discontinuities;
  for (const [n, place] of places.entries()) {
    if (place.kind === 'load') continue;
    const next = places[n + 1];
    const isClose = next && next.distance - place.distance < together * fitted.resolutionAt(place.distance);
    if (!isClose && Math.abs(place.reflection) >= leastReflection) continue;
    const rest = fitModel({ ...best.model, discontinuities: places.toSpliced(n, 1) }, fitted);
    if (rest.cost < limitOf(best) || Math.abs(place.reflection) < leastReflection) return rest;
  }
  return undefined;
}

const limitOf = ({ cost }: Fit) => farther.factor * cost + farther.sum;

/** Each place as a part in the line, but for those that are half of a spike. */
const asParts = (places: readonly Discontinuity[], fitted: Fitted): Discontinuity[] =>
  places.map((place, n) => (place.kind === 'load' || isHalf(places, n, fitted) ? place : other(place)));

const nearer = (a: Fit, b: Fit) => (b.cost < a.cost ? b : a);

/**
 * Which places are a change of the line and which a part in it (a resistance in series, a leak across), by what lies behind: a
 * part passes less on than a change does, and leaves the line as it was. Places that explain nothing are dropped.
 */
export function explain(start: LineModel, fitted: Fitted): Explained {
  let best = turned(fitModel(start, fitted), start, fitted).best;
  if (best.cost > noise * fitted.weights.length) {
    const parts = { ...start, discontinuities: asParts(start.discontinuities, fitted) };
    best = nearer(best, turned(fitModel(parts, fitted), start, fitted).best);
  }
  best = endedAtLoad(best, fitted);
  for (let less = withoutNeedless(best, fitted); less; less = withoutNeedless(best, fitted)) best = less;
  const { best: last, rivals } = turned(best, best.model, fitted);
  return { ...last, decided: rivals.map((rival) => rival !== undefined && rival.cost > limitOf(last)) };
}

/** A step that lets nothing through is where the line ends. */
function endedAtLoad(best: Fit, fitted: Fitted): Fit {
  const places = best.model.discontinuities;
  const last = places.findIndex(
    ({ kind, reflection }) => kind !== 'load' && Math.abs(reflection) > endReflection,
  );
  if (last < 0) return best;
  const load: Discontinuity = { ...places[last]!, kind: 'load' };
  return fitModel({ ...best.model, discontinuities: [...places.slice(0, last), load] }, fitted);
}

/** Turns one place after another into its other explanation, as long as that is nearer; places begin as they were found. */
function turned(from: Fit, found: LineModel, fitted: Fitted) {
  let best = from;
  let rivals: (Fit | undefined)[] = [];
  for (let again = true; again;) {
    again = false;
    const places = best.model.discontinuities;
    rivals = places.map(() => undefined);
    for (let n = 0; n < Math.min(mostTried, places.length) && !again; n++) {
      const place = places[n]!;
      if (place.kind === 'load' || isHalf(places, n, fitted)) continue;
      const begun = { ...found.discontinuities[n]!, kind: other(place).kind };
      const rival = fitModel({ ...best.model, discontinuities: places.with(n, begun) }, fitted);
      again = rival.cost < 0.999 * best.cost;
      if (again) best = rival;
      else rivals[n] = rival;
    }
  }
  return { best, rivals };
}
