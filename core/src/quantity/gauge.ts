import { parseNumber } from './number.ts';
import { QuantityError } from './quantity-error.ts';

/** Diameter of a solid AWG conductor, metres; `d = 0.127 mm x 92^((36-n)/39)` (ASTM B258). 4/0 is n = -3. */
export function diameterFromAwg(gauge: number): number {
  if (!(gauge >= -3 && gauge <= 50)) throw new QuantityError(`${gauge} AWG`, 'a gauge from 4/0 to 50 AWG');
  return 0.127e-3 * 92 ** ((36 - gauge) / 39);
}

/** Conductor area of an AWG gauge, square metres. */
export function areaFromAwg(gauge: number): number {
  return (Math.PI / 4) * diameterFromAwg(gauge) ** 2;
}

/** The gauge whose solid conductor has this area (square metres); not rounded, may be fractional. */
export function awgFromArea(area: number): number {
  if (!(area > 0 && Number.isFinite(area))) throw new QuantityError(String(area), 'an area above 0');
  return 36 - (39 * Math.log(Math.sqrt((4 * area) / Math.PI) / 0.127e-3)) / Math.log(92);
}

const expected = 'a gauge such as 14 AWG, 2.5 mm2 or 2x2.5';

/** Reads `14 AWG`, `2/0 AWG`, `2.5 mm2` or `2x2.5` (paralleled cores) and returns the conductor area in square metres. */
export function parseConductorArea(text: string): number {
  const awg = /^\s*(\d+(?:\/0)?)\s*awg\s*$/i.exec(text);
  if (awg) {
    const zeros = /^(\d)\/0$/.exec(awg[1]!);
    return areaFromAwg(zeros ? 1 - Number(zeros[1]) : Number(awg[1]));
  }
  const metric = /^\s*(?:(\d+)\s*[x×]\s*)?([\d.,]+)\s*(?:mm2|mm²|sqmm)?\s*$/i.exec(text);
  if (!metric) throw new QuantityError(text, expected);
  const area = Number(metric[1] ?? 1) * parseNumber(metric[2]!, expected) * 1e-6;
  if (!(area > 0 && area < 1e-2)) throw new QuantityError(text, expected);
  return area;
}
