import { formatInches, formatMetres, formatMillimetres } from './length.ts';

/** From this length on a run is written in metres, or feet and inches. */
const longFrom = 2;
const inch = 25.4e-3;

/** How finely a length of cable, tube or sleeve is cut, metres: 5 mm above 2 m, 1 mm above 0.5 m, else half a millimetre. */
export const cableGrain = (metres: number): number => (metres > 2 ? 5e-3 : metres > 0.5 ? 1e-3 : 0.5e-3);

/**
 * How finely a strip is cut, metres: a tenth with a tool, half a millimetre with a blade; a tenth, too, where half a
 * millimetre would be most of the tolerance.
 */
export const stripGrain = (strippedWith: string, tolerance: number): number =>
  strippedWith === 'blade' && tolerance >= 0.5e-3 ? 0.5e-3 : 0.1e-3;

/** A length to the nearest that can be made. Metres. */
export const asMade = (metres: number, grain: number): number =>
  Number((Math.round(metres / grain) * grain).toFixed(6));

/** What is pulled off a reel for a length: never less than it, to the next that can be cut. Metres. */
export function asCutOff(metres: number): number {
  const grain = cableGrain(metres);
  // A length that is a multiple already is not carried over by the last bit of a double.
  return Number((Math.ceil(metres / grain - 1e-6) * grain).toFixed(6));
}

/** Feet and inches to the nearest quarter: `11 ft 2 1/4 in`. */
export function formatFeet(metres: number): string {
  const quarters = Math.round((metres / inch) * 4);
  const feet = Math.floor(quarters / 48);
  const inches = Math.floor((quarters % 48) / 4);
  const part = ['', ' 1/4', ' 1/2', ' 3/4'][quarters % 4]!;
  return `${feet} ft ${inches}${part} in`;
}

/** A length of cable as it is cut, in both figures: `3.405 m` and `11 ft 2 in`, `857 mm`, `333.5 mm`. */
export function cableTexts(metres: number): { metric: string; imperial: string } {
  const made = asMade(metres, cableGrain(Math.abs(metres)));
  if (made > longFrom) return { metric: formatMetres(made), imperial: formatFeet(made) };
  return {
    metric: `${formatMillimetres(made, made > 0.5 ? 0 : 1).replace(/\.0$/, '')} mm`,
    imperial: formatInches(made, 1e-3),
  };
}
