import { levelsOf } from './reflection-fit.ts';
import type { LineModel } from './reflection-model.ts';
import { seriesRatio, shuntRatio } from './reflection-model.ts';

/** What is drawn for an open and a short, over the reference. */
const [highest, lowest] = [200, 1 / 5000];
/** Width of an edge from 10 to 90 %, in widths of the curve `1 / (1 + exp(-x))` that draws it. */
const edgeWidth = 4.394;

/**
 * Impedance over the port's reference at every distance (metres) of a line in its places. An edge is as wide as places can be told
 * apart there; a resistance in series or across stands as a peak or a dip of that width.
 */
export function localImpedance(
  distances: Float64Array,
  model: LineModel,
  resolutionAt: (metres: number) => number,
): Float64Array {
  const levels = levelsOf(model).map((level) => Math.max(lowest, Math.min(highest, level)));
  const edges = model.discontinuities.map((place, n) => ({
    ...place,
    width: resolutionAt(place.distance) / edgeWidth,
    rise: Math.log(levels[n + 1]! / levels[n]!),
    level: levels[n]!,
  }));
  return distances.map((metres) => {
    let logarithm = Math.log(levels[0]!);
    let resistance = 0;
    let conductance = 0;
    for (const { kind, distance, width, rise, reflection, level } of edges) {
      const passed = 1 / (1 + Math.exp(-(metres - distance) / width));
      logarithm += rise * passed;
      const peak = 4 * passed * (1 - passed);
      if (kind === 'series') resistance += peak * level * seriesRatio(reflection);
      if (kind === 'shunt') conductance += (peak * shuntRatio(reflection)) / level;
    }
    return 1 / (1 / (Math.exp(logarithm) + resistance) + conductance);
  });
}
