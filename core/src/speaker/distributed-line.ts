/** A constant-voltage line with transformer taps along it. The head is held at its nominal voltage. */
export interface DistributedLine {
  /** 70 or 100 V. */
  readonly nominalVoltage: number;
  readonly loopResistance: number;
  /** In order from the amplifier. */
  readonly taps: readonly { readonly segmentLength: number; readonly power: number }[];
}

export interface TapResult {
  readonly distance: number;
  readonly voltage: number;
  /** Nominal over actual voltage, dB. */
  readonly lossDb: number;
  readonly power: number;
}

export interface DistributedResult {
  readonly taps: readonly TapResult[];
  readonly sourcePower: number;
  /** Lost in the cable, of what the amplifier gives. */
  readonly powerLostFraction: number;
}

/**
 * Voltage and level at every tap: each draws as the resistance `V^2 / P` of its tap; the ladder is folded from its far
 * end. Power 0 is a tap that is not connected.
 * @throws RangeError when a value cannot be.
 */
export function distributedLine({
  nominalVoltage,
  loopResistance,
  taps,
}: DistributedLine): DistributedResult {
  if (!(nominalVoltage > 0 && loopResistance >= 0 && taps.length > 0))
    throw new RangeError(
      'distributed line: expected a voltage above 0, a resistance of 0 or more, and a tap',
    );
  if (!taps.every(({ segmentLength, power }) => segmentLength >= 0 && power >= 0))
    throw new RangeError('distributed line: expected lengths and tap powers of 0 or more');
  const conductances = new Array<number>(taps.length);
  let beyond = 0;
  for (let k = taps.length - 1; k >= 0; k--) {
    const own = taps[k]!.power / nominalVoltage ** 2;
    const next = taps[k + 1];
    const behind = next && beyond > 0 ? 1 / (loopResistance * next.segmentLength + 1 / beyond) : 0;
    beyond = own + behind;
    conductances[k] = beyond;
  }
  let voltage = nominalVoltage;
  let distance = 0;
  const results = taps.map(({ segmentLength, power }, k): TapResult => {
    voltage /= 1 + loopResistance * segmentLength * conductances[k]!;
    distance += segmentLength;
    return {
      distance,
      voltage,
      lossDb: 20 * Math.log10(nominalVoltage / voltage),
      power: (power * voltage ** 2) / nominalVoltage ** 2,
    };
  });
  const first = taps[0]!;
  const firstDrop = loopResistance * first.segmentLength;
  const sourcePower = conductances[0]! > 0 ? nominalVoltage ** 2 / (firstDrop + 1 / conductances[0]!) : 0;
  const loadPower = results.reduce((sum, { power }) => sum + power, 0);
  return {
    taps: results,
    sourcePower,
    powerLostFraction: sourcePower > 0 ? 1 - loadPower / sourcePower : 0,
  };
}
