import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, magnitude } from '../quantity/complex.ts';

/** A loudspeaker: a resistance, a coil, or a coil with its moving resonance (`Re + Le` and a parallel tank). */
export type SpeakerLoad =
  | { readonly model: 'resistive'; readonly resistance: number }
  | { readonly model: 'coil'; readonly resistance: number; readonly inductance: number }
  | {
      readonly model: 'driver';
      readonly resistance: number;
      readonly inductance: number;
      readonly tank: {
        readonly resistance: number;
        readonly inductance: number;
        readonly capacitance: number;
      };
    };

/** A cable from an amplifier to one loudspeaker: constants per metre of the loop. */
export interface SpeakerLine {
  readonly length: number;
  readonly loopResistance: number;
  readonly loopInductance: number;
  readonly amplifierOutput: number;
  readonly load: SpeakerLoad;
}

/** What the cable costs at one frequency. */
export interface SpeakerLoss {
  /** Load voltage directly on the amplifier over load voltage through the cable, dB. */
  readonly levelLossDb: number;
  /** Power in the cable over power in cable and load. */
  readonly powerLostFraction: number;
}

/** Impedance of a loudspeaker model at a frequency, ohm. */
export function loadImpedance(load: SpeakerLoad, frequency: number): Complex {
  const omega = 2 * Math.PI * frequency;
  if (load.model === 'resistive') return complex(load.resistance);
  const coil = complex(load.resistance, omega * load.inductance);
  if (load.model === 'coil') return coil;
  const { resistance, inductance, capacitance } = load.tank;
  const admittance = complex(1 / resistance, omega * capacitance - 1 / (omega * inductance));
  return add(coil, divide(complex(1), admittance));
}

function checkSpeakerLine({
  length,
  loopResistance,
  loopInductance,
  amplifierOutput,
  load,
}: SpeakerLine): void {
  if (!(
    length >= 0 &&
    loopResistance >= 0 &&
    loopInductance >= 0 &&
    amplifierOutput >= 0 &&
    load.resistance > 0
  ))
    throw new RangeError(
      'speaker line: expected length, resistance and inductance of 0 or more, and a load above 0 ohm',
    );
}

/** Lumped cable between amplifier and loudspeaker, at a frequency (hertz). @throws RangeError when a value cannot be. */
export function speakerLoss(line: SpeakerLine, frequency: number): SpeakerLoss {
  checkSpeakerLine(line);
  const load = loadImpedance(line.load, frequency);
  const cable = complex(
    line.loopResistance * line.length,
    2 * Math.PI * frequency * line.loopInductance * line.length,
  );
  const output = complex(line.amplifierOutput);
  const direct = divide(load, add(output, load));
  const through = divide(load, add(add(output, cable), load));
  return {
    levelLossDb: 20 * Math.log10(magnitude(direct) / magnitude(through)),
    powerLostFraction: cable.re / (cable.re + load.re),
  };
}

/**
 * Damping factor at the loudspeaker: nominal impedance over amplifier output and cable loop in series. The voice coil's
 * own resistance is not counted, as usual; it limits the real damping to about 1.
 */
export function dampingFactor(line: SpeakerLine, nominalImpedance: number): number {
  checkSpeakerLine(line);
  const behind = line.amplifierOutput + line.loopResistance * line.length;
  return behind > 0 ? nominalImpedance / behind : Infinity;
}

/** Heat in the cable, watts, when `amplifierPower` (into the nominal load directly) is asked for: per metre it is this over the length. */
export function cableHeat(line: SpeakerLine, amplifierPower: number): number {
  const load = line.load.resistance;
  const voltage = Math.sqrt(amplifierPower * load);
  const current = voltage / (load + line.loopResistance * line.length + line.amplifierOutput);
  return current * current * line.loopResistance * line.length;
}

/** Longest run for a level loss, metres, with a resistive load: `R = Zl (10^(dB/20) - 1)` in series. */
export function longestRun(
  lossDb: number,
  loopResistance: number,
  load: number,
  amplifierOutput = 0,
): number {
  return ((load + amplifierOutput) * (10 ** (lossDb / 20) - 1)) / loopResistance;
}

/** Smallest copper area, square metres, for a level loss over a length: the loop's two conductors at `resistivity`. */
export function smallestArea(lossDb: number, length: number, load: number, resistivity: number): number {
  return (2 * resistivity * length) / (load * (10 ** (lossDb / 20) - 1));
}
