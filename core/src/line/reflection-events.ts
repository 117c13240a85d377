import { levelsOf } from './reflection-fit.ts';
import type { Discontinuity } from './reflection-model.ts';
import { seriesRatio, shuntRatio } from './reflection-model.ts';
import type { Reflectogram } from './reflectogram.ts';

/** A place where the line is not what it should be. Explanations are a list: one trace seldom tells them apart. */
export interface ReflectionEvent {
  readonly distance: number;
  /** Metres by which the place may be off: resolution and velocity factor. */
  readonly uncertainty: number;
  readonly kind: 'open' | 'short' | 'higher' | 'lower' | 'series' | 'leak' | 'inductive' | 'capacitive';
  /** Whether what lies behind tells a part in the line from a change of the line. */
  readonly isDecided: boolean;
  /** Ohm behind the place, or at the spike; behind a part in the line that could as well be a change of it, what the change would be. */
  readonly impedance: number;
  /** Ohm in series that explain the place; null where what lies behind rules them out. */
  readonly seriesResistance: number | null;
  /** Ohm across that explain the place; null where what lies behind rules them out. */
  readonly leakResistance: number | null;
  /** Henry of an inductive spike or farad of a capacitive one; null otherwise. */
  readonly size: number | null;
}

/** Changes of impedance smaller than this part are the cable's own unevenness. */
const unevenness = 0.04;
/** From these factors on a load is an open or a short. */
const [open, short] = [10, 1 / 10];

/** Two opposite steps closer than this, in widths of what can be told apart, are one part with a size. */
const onePart = 1.2;

/** A place with what lies at both sides of it, ohm. */
interface Placed extends Discontinuity {
  readonly before: number;
  readonly behind: number;
  readonly decided: boolean;
  readonly resolution: number;
}

/** Events of a reflectogram, the nearest first. Past an open or a short nothing is reported. */
export function reflectionEvents(trace: Reflectogram, reference: number): ReflectionEvent[] {
  const { model, decided } = trace.places;
  const levels = levelsOf(model);
  const placed = model.discontinuities.map((place, n): Placed => ({
    ...place,
    before: levels[n]! * reference,
    behind: levels[n + 1]! * reference,
    decided: decided[n]!,
    resolution: trace.resolutionAtPlace[n]!,
  }));
  const events: ReflectionEvent[] = [];
  for (let n = 0; n < placed.length; n++) {
    const [place, next] = [placed[n]!, placed[n + 1]];
    if (next && isSpike(place, next)) {
      events.push(spikeOf(place, next, trace));
      n++;
    } else if (stands(place)) events.push(eventOf(place, trace));
  }
  return events;
}

/** Whether a place is more than unevenness. */
function stands({ reflection, kind }: Placed): boolean {
  if (kind === 'series') return seriesRatio(reflection) > unevenness;
  if (kind === 'shunt') return shuntRatio(reflection) > unevenness;
  return Math.abs((2 * reflection) / (1 - reflection)) > unevenness;
}

/** Two opposite steps next to each other that leave the line as it was are one part with a size. */
function isSpike(place: Placed, next: Placed): boolean {
  const isPair = place.kind === 'step' && (next.kind === 'step' || next.kind === 'load');
  if (!isPair || !stands(place)) return false;
  const away = Math.abs(place.behind / place.before - 1);
  const left = Math.abs(next.behind / place.before - 1);
  const isNear = next.distance - place.distance < onePart * place.resolution;
  return isNear && left < Math.max(unevenness, 0.35 * away);
}

const uncertaintyAt = ({ distance, resolution }: Placed, trace: Reflectogram) =>
  resolution / 2 + distance * trace.velocityUncertainty;

/**
 * A short stretch of another impedance is what a lumped part looks like: `L = t (Z1 - Z0^2 / Z1)` of a higher one,
 * `C = t (1 / Z1 - Z1 / Z0^2)` of a lower one, with its delay `t`. Source: short line as a pi of L and C.
 */
function spikeOf(place: Placed, next: Placed, trace: Reflectogram): ReflectionEvent {
  const delay = (next.distance - place.distance) / trace.speed;
  const [around, inside] = [place.before, place.behind];
  const isInductive = inside > around;
  return {
    distance: (place.distance + next.distance) / 2,
    uncertainty: uncertaintyAt(place, trace),
    isDecided: true,
    kind: isInductive ? 'inductive' : 'capacitive',
    impedance: inside,
    seriesResistance: null,
    leakResistance: null,
    size: delay * (isInductive ? inside - around ** 2 / inside : 1 / inside - inside / around ** 2),
  };
}

function eventOf(place: Placed, trace: Reflectogram): ReflectionEvent {
  const { kind, distance, before, behind, decided } = place;
  const isLoad = kind === 'load';
  const common = { distance, uncertainty: uncertaintyAt(place, trace), isDecided: isLoad || decided };
  const none = { seriesResistance: null, leakResistance: null, size: null };
  if (isLoad && behind > open * before) return { ...common, ...none, kind: 'open', impedance: Infinity };
  if (isLoad && behind < short * before) return { ...common, ...none, kind: 'short', impedance: 0 };
  return { ...common, ...partOrChange(place), size: null };
}

/** A place as a part in the line, as a change of it, or as either where what lies behind does not tell. */
function partOrChange({
  kind,
  reflection,
  before,
  decided,
}: Placed): Pick<ReflectionEvent, 'kind' | 'impedance' | 'seriesResistance' | 'leakResistance'> {
  const isPart = kind === 'series' || kind === 'shunt';
  const isUp = reflection > 0;
  const mayBePart = isPart || !decided;
  const [part, whole] = isUp ? (['series', 'higher'] as const) : (['leak', 'lower'] as const);
  return {
    kind: isPart ? part : whole,
    impedance: isPart && decided ? before : before * ((1 + reflection) / (1 - reflection)),
    seriesResistance: mayBePart && isUp ? before * seriesRatio(reflection) : null,
    leakResistance: mayBePart && !isUp ? before / shuntRatio(reflection) : null,
  };
}
