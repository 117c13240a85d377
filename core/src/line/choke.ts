import type { Complex } from '../quantity/complex.ts';
import { add, complex, divide, magnitude, scale } from '../quantity/complex.ts';

export const beadMaterialIds = ['low-bands', 'broad', 'middle', 'high'] as const;

/**
 * Bead material as a class: permeability falls with a relaxation, `mu = 1 + (mu_i - 1) / (1 + (j f / f_r)^b)`. With `b` = 1 impedance
 * stays level above it; below 1 relaxation is spread and impedance goes on rising. Source: Debye; Cole and Cole.
 */
export interface BeadMaterial {
  readonly id: (typeof beadMaterialIds)[number];
  readonly name: string;
  readonly initialPermeability: number;
  /** Relaxation frequency, hertz. */
  readonly relaxation: number;
  /** `b`: how sharp it is, above 0 and at most 1. */
  readonly sharpness: number;
  /** Hottest before permeability is lost, C. */
  readonly curieCelsius: number;
}

/** Class curves, engineering values: a bead in hand differs by a quarter; its maker's impedance points are better. */
export const beadMaterials: readonly BeadMaterial[] = [
  {
    id: 'low-bands',
    name: 'MnZn class, 0.5 to 10 MHz',
    initialPermeability: 5000,
    relaxation: 0.8e6,
    sharpness: 1,
    curieCelsius: 140,
  },
  {
    id: 'broad',
    name: 'MnZn class, 1 to 300 MHz',
    initialPermeability: 1500,
    relaxation: 3e6,
    sharpness: 1,
    curieCelsius: 130,
  },
  {
    id: 'middle',
    name: 'NiZn class, 20 to 250 MHz',
    initialPermeability: 850,
    relaxation: 6e6,
    sharpness: 0.7,
    curieCelsius: 130,
  },
  {
    id: 'high',
    name: 'NiZn class, 200 MHz to 1 GHz',
    initialPermeability: 125,
    relaxation: 45e6,
    sharpness: 1,
    curieCelsius: 300,
  },
];

/** One bead: metres. */
export interface Bead {
  readonly outside: number;
  readonly bore: number;
  readonly length: number;
}

/** Room that a bead needs over the jacket to be threaded, metres. Engineering value. */
const threadingRoom = 0.2e-3;

/** Whether a bead goes over a jacket of this diameter, metres. */
export function passesJacket({ bore }: Bead, jacketDiameter: number): boolean {
  return bore > jacketDiameter + threadingRoom;
}

/** Impedance of one bead at a frequency, as its maker states it. */
export interface BeadPoint {
  readonly frequency: number;
  readonly resistance: number;
  readonly reactance: number;
}

/** Where a bead's impedance comes from. */
export type BeadSource =
  | { readonly kind: 'class'; readonly bead: Bead; readonly material: BeadMaterial }
  | { readonly kind: 'points'; readonly points: readonly BeadPoint[] };

/** A choke of beads threaded on a feeder, one pass each. */
export interface ChokeResult {
  readonly frequency: number;
  readonly impedance: Complex;
  /** `20 log |1 + Zchoke / Zcm|`, dB. */
  readonly rejectionDb: number;
  /** The reactance is larger than the resistance: with a system of the other sign it can raise the current. */
  readonly reactive: boolean;
}

/** Default impedance of the common-mode circuit, ohm: two 50-ohm ports in series. */
export const commonModeImpedance = 100;

function checkBead({ outside, bore, length }: Bead): void {
  if (!(bore > 0 && outside > bore && length > 0 && outside < 0.2))
    throw new RangeError(
      'bead: expected a bore above 0, an outside larger than the bore and a length above 0',
    );
}

/** Impedance of one bead, ohm. From the class: `j w (mu0 / 2 pi) L ln(OD / ID) mu`. @throws RangeError when it cannot be. */
export function beadImpedance(source: BeadSource, frequency: number): Complex {
  if (!(frequency > 0)) throw new RangeError(`bead: expected a frequency above 0, found ${frequency}`);
  if (source.kind === 'points') return interpolated(source.points, frequency);
  const { bead, material } = source;
  checkBead(bead);
  const air = 2e-7 * bead.length * Math.log(bead.outside / bead.bore);
  const size = (frequency / material.relaxation) ** material.sharpness;
  const turn = (material.sharpness * Math.PI) / 2;
  const relaxed = divide(
    complex(material.initialPermeability - 1),
    complex(1 + size * Math.cos(turn), size * Math.sin(turn)),
  );
  const permeability = add(complex(1), relaxed);
  const reactance = 2 * Math.PI * frequency * air;
  return { re: -reactance * permeability.im, im: reactance * permeability.re };
}

/** Straight lines between the points over the logarithm of frequency; the end points hold beyond them. */
function interpolated(points: readonly BeadPoint[], frequency: number): Complex {
  const sorted = [...points].sort((a, b) => a.frequency - b.frequency);
  if (!(sorted.length >= 2 && sorted.every((point) => point.frequency > 0 && point.resistance >= 0)))
    throw new RangeError(
      'bead points: expected two or more, with frequencies above 0 and resistances of 0 or more',
    );
  const after = sorted.findIndex((point) => point.frequency >= frequency);
  const [a, b] =
    after < 0 ? [sorted.at(-1)!, sorted.at(-1)!] : [sorted[Math.max(0, after - 1)]!, sorted[after]!];
  const span = Math.log(b.frequency / a.frequency);
  const part = span > 0 ? Math.min(1, Math.max(0, Math.log(frequency / a.frequency) / span)) : 0;
  return {
    re: a.resistance + part * (b.resistance - a.resistance),
    im: a.reactance + part * (b.reactance - a.reactance),
  };
}

/** A stack of `beads` at a frequency in a common-mode circuit of `system` ohm. */
export function chokeAt(source: BeadSource, beads: number, system: number, frequency: number): ChokeResult {
  if (!(Number.isInteger(beads) && beads >= 1 && beads <= 200))
    throw new RangeError(`choke: expected 1 to 200 beads, found ${beads}`);
  if (!(system > 0)) throw new RangeError(`choke: expected a common-mode impedance above 0, found ${system}`);
  const impedance = scale(beadImpedance(source, frequency), beads);
  return {
    frequency,
    impedance,
    rejectionDb: 20 * Math.log10(magnitude(add(complex(1), scale(impedance, 1 / system)))),
    reactive: Math.abs(impedance.im) > impedance.re,
  };
}

/** Fewest beads for a rejection, dB, at every frequency given; undefined when 200 do not. */
export function beadsNeeded(
  source: BeadSource,
  rejectionDb: number,
  system: number,
  frequencies: readonly number[],
): number | undefined {
  for (let beads = 1; beads <= 200; beads++)
    if (
      frequencies.every((frequency) => chokeAt(source, beads, system, frequency).rejectionDb >= rejectionDb)
    )
      return beads;
  return undefined;
}

/** Common-mode current that a voltage drives through circuit and choke, amperes. */
export function commonModeCurrent(volts: number, system: number, impedance: Complex): number {
  return volts / magnitude(add(complex(system), impedance));
}

/** What a common-mode current does to the hottest bead: all see the same current on a short stack. */
export interface BeadHeat {
  /** Watts in each bead. */
  readonly power: number;
  /** Kelvin over the air, shed by its outside at 10 W/m2K. */
  readonly rise: number;
}

/** Heat of one bead with `current` amperes (rms) through it. Its outside sheds 10 W/m2K in calm air: engineering value. */
export function beadHeat(source: BeadSource, bead: Bead, current: number, frequency: number): BeadHeat {
  checkBead(bead);
  const power = current ** 2 * beadImpedance(source, frequency).re;
  return { power, rise: power / (10 * Math.PI * bead.outside * bead.length) };
}

/** Overlap of the shrink of a stack on the cable, at each side. House default for outdoors. */
const stackOverlap = 25e-3;

/**
 * Length of a stack, of the free tube at each of its ends (half a bead's outside, filled so that the shrink seals down to
 * the cable), and of the shrink over it all, metres.
 */
export function stackLength(bead: Bead, beads: number): { stack: number; endTube: number; shrink: number } {
  checkBead(bead);
  const stack = beads * bead.length;
  const endTube = bead.outside / 2;
  return { stack, endTube, shrink: stack + 2 * (endTube + stackOverlap) };
}
