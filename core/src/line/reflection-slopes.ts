import type { WaveLine } from './causal-line.ts';
import type { Discontinuity, LineModel, Reflections } from './reflection-model.ts';
import { along, atLoad, seriesRatio, shuntRatio, through, toPort } from './reflection-model.ts';

/** What the port sees of a model, and how that moves with each of its figures. */
export interface ModelSlopes {
  readonly waves: Reflections;
  readonly byNearRatio: Reflections;
  readonly byLossScale: Reflections;
  /** By the distance (metres) and the reflection of each discontinuity. */
  readonly byDistance: readonly Reflections[];
  readonly byReflection: readonly Reflections[];
}

const empty = (count: number): Reflections => ({ re: new Float64Array(count), im: new Float64Array(count) });
const copy = ({ re, im }: Reflections): Reflections => ({
  re: Float64Array.from(re),
  im: Float64Array.from(im),
});

function product(a: Reflections, b: Reflections): Reflections {
  const result = empty(a.re.length);
  for (let n = 0; n < a.re.length; n++) {
    result.re[n] = a.re[n]! * b.re[n]! - a.im[n]! * b.im[n]!;
    result.im[n] = a.re[n]! * b.im[n]! + a.im[n]! * b.re[n]!;
  }
  return result;
}

function addTo(sum: Reflections, part: Reflections, sign: 1 | -1): void {
  for (let n = 0; n < sum.re.length; n++) {
    sum.re[n]! += sign * part.re[n]!;
    sum.im[n]! += sign * part.im[n]!;
  }
}

/** `(a + j b) / (c + j d)^2` into place `n`. */
function overSquare(into: Reflections, n: number, a: number, b: number, c: number, d: number): void {
  const [re, im] = [c * c - d * d, 2 * c * d];
  const square = re * re + im * im;
  into.re[n] = (a * re + b * im) / square;
  into.im[n] = (b * re - a * im) / square;
}

/** How the near side of a place moves with the wave on its far side and with what it reflects. */
interface PlaceSlopes {
  readonly byWave: Reflections;
  readonly byReflection: Reflections;
}

/** With `q` the part over the line and `g` behind it: `4 / (2 + q (1 - g))^2` and `2 (1 - g)^2` over the same; across, `1 + g` for `1 - g`. */
function placeSlopes(far: Reflections, place: Discontinuity, { factorRe, factorIm }: WaveLine): PlaceSlopes {
  const count = far.re.length;
  const slopes = { byWave: empty(count), byReflection: empty(count) };
  const { kind, reflection: r } = place;
  for (let n = 0; n < count; n++) {
    const [x, y, p, q] = [far.re[n]!, far.im[n]!, factorRe[n]!, factorIm[n]!];
    if (kind === 'load') {
      overSquare(slopes.byReflection, n, 4 * p, 4 * q, 1 + r + (1 - r) * p, (1 - r) * q);
    } else if (kind === 'step') {
      overSquare(slopes.byWave, n, 1 - r * r, 0, 1 + r * x, r * y);
      overSquare(slopes.byReflection, n, 1 - x * x + y * y, -2 * x * y, 1 + r * x, r * y);
    } else {
      const isSeries = kind === 'series';
      const sign = isSeries ? -1 : 1;
      const [sumRe, sumIm] = [1 + sign * x, sign * y];
      const over = isSeries ? 1 / (p * p + q * q) : 1;
      const [lineRe, lineIm] = [p * over, (isSeries ? -q : q) * over];
      const size = isSeries ? seriesRatio(r) : shuntRatio(r);
      const bottomRe = 2 + size * (lineRe * sumRe - lineIm * sumIm);
      const bottomIm = size * (lineRe * sumIm + lineIm * sumRe);
      overSquare(slopes.byWave, n, 4, 0, bottomRe, bottomIm);
      // The part's size moves by 2 / (1 - r)^2 in series, by -2 / (1 + r)^2 across, and a leak takes off.
      const move = isSeries ? 4 / (1 - r) ** 2 : 4 / (1 + r) ** 2;
      const [squareRe, squareIm] = [sumRe * sumRe - sumIm * sumIm, 2 * sumRe * sumIm];
      overSquare(
        slopes.byReflection,
        n,
        move * (squareRe * lineRe - squareIm * lineIm),
        move * (squareRe * lineIm + squareIm * lineRe),
        bottomRe,
        bottomIm,
      );
    }
  }
  return slopes;
}

/** One stretch of line with the place behind it, as the wave comes back through both. */
interface Passed extends PlaceSlopes {
  readonly metres: number;
  /** At the side of the port. */
  readonly before: Reflections;
}

/** The slopes of everything the port sees, in one pass there and one back. Source: chain rule along the row of two-ports. */
export function modelSlopes(model: LineModel, line: WaveLine): ModelSlopes {
  const { discontinuities, lossScale, nearRatio } = model;
  const count = line.loss.length;
  const waves = empty(count);
  const passed: Passed[] = [];
  for (let place = discontinuities.length - 1; place >= 0; place--) {
    const what = discontinuities[place]!;
    const slopes = placeSlopes(waves, what, line);
    if (what.kind === 'load') atLoad(waves, what.reflection, line);
    else through(waves, what, line, 1);
    const metres = what.distance - (discontinuities[place - 1]?.distance ?? 0);
    along(waves, metres, line, lossScale);
    passed.unshift({ ...slopes, metres, before: copy(waves) });
  }
  const port = portSlopes(waves, nearRatio, line);
  toPort(waves, nearRatio, line);
  return { waves, byNearRatio: port.byRatio, ...alongSlopes(passed, port.byWave, line, lossScale) };
}

/** `4 Q / D^2` by the wave and `2 F (1 - g^2) / D^2` by the ratio, with `Q` the line over the port and `D = Q + 1 + (Q - 1) g`. */
function portSlopes({ re, im }: Reflections, ratio: number, { factorRe, factorIm }: WaveLine) {
  const slopes = { byWave: empty(re.length), byRatio: empty(re.length) };
  for (let n = 0; n < re.length; n++) {
    const [x, y, p, q] = [re[n]!, im[n]!, factorRe[n]!, factorIm[n]!];
    const [over, under] = [ratio * p + 1, ratio * p - 1];
    const bottomRe = over + under * x - ratio * q * y;
    const bottomIm = ratio * q + under * y + ratio * q * x;
    overSquare(slopes.byWave, n, 4 * ratio * p, 4 * ratio * q, bottomRe, bottomIm);
    const [restRe, restIm] = [1 - x * x + y * y, -2 * x * y];
    overSquare(
      slopes.byRatio,
      n,
      2 * (p * restRe - q * restIm),
      2 * (p * restIm + q * restRe),
      bottomRe,
      bottomIm,
    );
  }
  return slopes;
}

/** From the port outward: how what it sees moves with each stretch and each place. */
function alongSlopes(passed: readonly Passed[], atPort: Reflections, line: WaveLine, lossScale: number) {
  const count = atPort.re.length;
  const byLossScale = empty(count);
  const byMetres: Reflections[] = [];
  const byReflection: Reflections[] = [];
  let reached = atPort;
  for (const { metres, before, byWave, byReflection: byPlace } of passed) {
    const [perMetre, perScale] = [empty(count), empty(count)];
    const decay = { re: new Float64Array(count).fill(1), im: new Float64Array(count) };
    along(decay, metres, line, lossScale);
    for (let n = 0; n < count; n++) {
      const [x, y] = [before.re[n]!, before.im[n]!];
      const [loss, skin] = [-2 * line.loss[n]!, -2 * line.skinTurn[n]!];
      const turn = -2 * line.turn[n]! + lossScale * skin;
      perMetre.re[n] = lossScale * loss * x - turn * y;
      perMetre.im[n] = lossScale * loss * y + turn * x;
      perScale.re[n] = metres * (loss * x - skin * y);
      perScale.im[n] = metres * (loss * y + skin * x);
    }
    byMetres.push(product(reached, perMetre));
    addTo(byLossScale, product(reached, perScale), 1);
    reached = product(reached, decay);
    byReflection.push(product(reached, byPlace));
    reached = product(reached, byWave);
  }
  const byDistance = byMetres.map((slope, n) => {
    const moved = copy(slope);
    if (byMetres[n + 1]) addTo(moved, byMetres[n + 1]!, -1);
    return moved;
  });
  return { byLossScale, byDistance, byReflection };
}
