/** What a receiver sees of one bit, volts. */
export interface BitCell {
  readonly bit: 0 | 1;
  readonly centreTime: number;
  readonly centre: number;
  /** Over the middle half of the bit. */
  readonly min: number;
  readonly max: number;
  /** How far the level falls short of, or exceeds, the settled one within the middle half; 0 or more. */
  readonly undershoot: number;
  readonly overshoot: number;
}

/** Bits as they arrive after `delay` seconds. Cells beyond the end of the waveform are left out. */
export function judgeCells(
  wave: { readonly timeStep: number; readonly volts: Float64Array },
  bits: readonly (0 | 1)[],
  timing: { readonly bitRate: number; readonly delay: number; readonly settledLevel: number },
): BitCell[] {
  const { timeStep, volts } = wave;
  const period = 1 / timing.bitRate;
  const at = (time: number) => {
    const place = Math.min(volts.length - 2, Math.floor(time / timeStep));
    return volts[place]! + (time / timeStep - place) * (volts[place + 1]! - volts[place]!);
  };
  return bits.flatMap((bit, k) => {
    const start = timing.delay + (k + 0.25) * period;
    const end = timing.delay + (k + 0.75) * period;
    if (end > (volts.length - 1) * timeStep) return [];
    let min = Math.min(at(start), at(end));
    let max = Math.max(at(start), at(end));
    for (let n = Math.ceil(start / timeStep); n <= end / timeStep; n++) {
      const value = volts[n]!;
      if (value < min) min = value;
      if (value > max) max = value;
    }
    const [low, high] = bit === 1 ? [min, max] : [-max, -min];
    const centreTime = timing.delay + (k + 0.5) * period;
    return [
      {
        bit,
        centreTime,
        centre: at(centreTime),
        min,
        max,
        undershoot: Math.max(0, timing.settledLevel - low),
        overshoot: Math.max(0, high - timing.settledLevel),
      },
    ];
  });
}
