import FFT from 'fft.js';
import { decibelsPerNeper } from '../quantity/decibel.ts';
import type { WaveLine } from './causal-line.ts';
import type { Discontinuity, Reflections } from './reflection-model.ts';
import { along, fromPort, through } from './reflection-model.ts';
import { stepWidth, windowAt } from './window.ts';

/** A line as its reflection was swept. */
export interface Searched {
  /** Over the port's reference. */
  readonly swept: Reflections;
  /** Evenly spaced, hertz. */
  readonly frequencies: Float64Array;
  readonly line: WaveLine;
  /** Metres per second. */
  readonly speed: number;
  /** Not looked beyond, metres. */
  readonly farthest: number;
}

/** Frequencies whose echo has lost more than this on its way are noise, dB there and back. Engineering value for a calibrated analyser. */
const mostLoss = 36;
/** Places whose echoes lose so much more or less than those between them are looked at anew, dB. */
const blockLoss = 3;
/** A place that reflects less is the cable's own unevenness: 2 ohm of 50. */
const leastReflection = 0.02;
/** From this reflection on nothing behind can be seen: the line ends there. */
const endReflection = 0.6;
/** More places than these are no lead but a ripple. */
const mostPlaces = 16;
/** Frequencies kept however lossy the line. */
const leastPoints = 8;

export const spacingOf = (frequencies: Float64Array) =>
  (frequencies.at(-1)! - frequencies[0]!) / (frequencies.length - 1);

/** How many of the frequencies still come back from so far. */
function pointsFrom({ line: { loss } }: Searched, metres: number): number {
  const most = mostLoss / (2 * metres * decibelsPerNeper);
  let [low, high] = [leastPoints, loss.length];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (metres > 0 && loss[middle - 1]! > most) high = middle - 1;
    else low = middle;
  }
  return low;
}

/** Two places closer than this run together so far from the port, metres. */
export function resolutionAt(searched: Searched, metres: number): number {
  const highest = searched.frequencies[pointsFrom(searched, metres) - 1]!;
  return (stepWidth * searched.speed) / (4 * highest);
}

/** A transform with room for what goes in and what comes out. */
const workspace = (size: number) => {
  const transform = new FFT(size);
  return { transform, spectrum: transform.createComplexArray(), time: transform.createComplexArray() };
};
let kept = workspace(2);

/** A workspace of this size with an empty spectrum; the last is kept, as its tables cost more than its use. */
function workspaceOf(size: number): ReturnType<typeof workspace> {
  if (kept.transform.size !== size) kept = workspace(size);
  kept.spectrum.fill(0);
  return kept;
}

/** What single places reflect, over a stretch of line. */
interface Look {
  /** Metres from the port of the first value, and from value to value. */
  readonly from: number;
  readonly spacing: number;
  readonly values: Float64Array;
}

/**
 * What single places would have to reflect, seen from a plane, over a stretch in which loss hardly changes: loss as far as its
 * middle is undone at each frequency with its phase, frequencies that do not come back from there are left out, the
 * rest is windowed and transformed. Missing low frequencies move the whole by a small part of the highest value; places
 * stand out all the same, so nothing needs to be extrapolated to 0 Hz.
 */
function lookAlong(searched: Searched, waves: Reflections, plane: number, from: number, to: number): Look {
  const { frequencies, line, speed } = searched;
  const count = pointsFrom(searched, to);
  const size = 2 ** Math.ceil(Math.log2(4 * count));
  const { transform, spectrum, time } = workspaceOf(size);
  const middle = (from + to) / 2 - plane;
  let weights = 0;
  for (let n = 0; n < count; n++) {
    const weight = windowAt(frequencies[n]! / frequencies[count - 1]!);
    weights += weight;
    const gain = weight * Math.exp(2 * middle * line.loss[n]!);
    const angle = 2 * middle * line.skinTurn[n]!;
    const [cos, sin] = [gain * Math.cos(angle), gain * Math.sin(angle)];
    spectrum[2 * n] = waves.re[n]! * cos - waves.im[n]! * sin;
    spectrum[2 * n + 1] = waves.re[n]! * sin + waves.im[n]! * cos;
  }
  transform.inverseTransform(time, spectrum);
  const spacing = speed / (2 * size * spacingOf(frequencies));
  const first = Math.floor((from - plane) / spacing);
  const turn = (4 * Math.PI * frequencies[0]! * spacing) / speed;
  const values = new Float64Array(Math.ceil((to - plane) / spacing) - first + 2);
  for (let n = 0; n < values.length; n++) {
    const place = first + n;
    const k = 2 * (((place % size) + size) % size);
    const angle = turn * place;
    values[n] = (size / weights) * (time[k]! * Math.cos(angle) - time[k + 1]! * Math.sin(angle));
  }
  return { from: plane + first * spacing, spacing, values };
}

/** Where a stretch ends whose loss hardly changes, metres. */
function stretchEnd(searched: Searched, from: number): number {
  const loss = searched.line.loss[pointsFrom(searched, from) - 1]!;
  const metres = loss > 0 ? blockLoss / (2 * loss * decibelsPerNeper) : Infinity;
  return Math.min(searched.farthest, from + Math.max(metres, 6 * resolutionAt(searched, from)));
}

interface Peak {
  readonly distance: number;
  readonly reflection: number;
}

/** The first place from `begin` on that stands out, at the top of the parabola through its three values; undefined where none does. */
function firstPeak({ from, spacing, values }: Look, begin: number): Peak | undefined {
  for (let n = Math.max(1, Math.ceil((begin - from) / spacing)); n < values.length - 1; n++) {
    const before = Math.abs(values[n - 1]!);
    const here = Math.abs(values[n]!);
    const after = Math.abs(values[n + 1]!);
    if (here < leastReflection || here < before || here < after) continue;
    const bend = before - 2 * here + after;
    const shift = bend < 0 ? (0.5 * (before - after)) / bend : 0;
    return {
      distance: from + (n + shift) * spacing,
      reflection: Math.sign(values[n]!) * Math.min(1, here - 0.25 * (before - after) * shift),
    };
  }
  return undefined;
}

/**
 * The places of a line that reflect, one after another from the port: the nearest is found, the line as far as there and the
 * place itself are taken off with loss and phase, and the next is looked for behind it. Each is taken for a step of
 * impedance; what ends the line is a load. Source: layer peeling (dynamic deconvolution), for few places on a lossy line.
 */
export function findDiscontinuities(searched: Searched): Discontinuity[] {
  const { swept, line, farthest } = searched;
  const waves = { re: Float64Array.from(swept.re), im: Float64Array.from(swept.im) };
  fromPort(waves, 1, line);
  const found: Discontinuity[] = [];
  let plane = 0;
  let from = -resolutionAt(searched, 0);
  while (from < farthest && found.length < mostPlaces) {
    const to = stretchEnd(searched, Math.max(0, from));
    // A place at the seam of two stretches is seen from both: neither looks at it from the side of its peak only.
    const seam = resolutionAt(searched, Math.max(0, from)) / 2;
    const peak = firstPeak(lookAlong(searched, waves, plane, from - seam, to + seam), from);
    if (!peak || peak.distance > to) {
      from = to < farthest ? to - seam / 2 : farthest;
      continue;
    }
    const { reflection } = peak;
    const distance = Math.max(plane, peak.distance);
    if (Math.abs(reflection) > endReflection) {
      found.push({ kind: 'load', distance, reflection: Math.sign(reflection) });
      break;
    }
    const step: Discontinuity = { kind: 'step', distance, reflection };
    found.push(step);
    along(waves, plane - distance, line, 1);
    through(waves, step, line, -1);
    plane = distance;
    from = distance + 0.75 * resolutionAt(searched, distance);
  }
  return found;
}
