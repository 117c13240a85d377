import { z } from 'zod';

/** What a shop may prove with. */
export const instrumentKinds = [
  'multimeter',
  'milliohm meter',
  'capacitance meter',
  'insulation tester',
  'continuity tester',
  'antenna analyser',
  'network analyser',
  'dummy load',
  'terminator',
  'reflectometer',
  'oscilloscope',
  'depth gauge',
] as const;
export type InstrumentKind = (typeof instrumentKinds)[number];

/** How far a reading may be off: a part of it and a fixed part, in the quantity's own unit. */
export const uncertaintySchema = z.object({ relative: z.number().min(0).max(1), fixed: z.number().min(0) });
export type Uncertainty = z.infer<typeof uncertaintySchema>;

/** Uncertainty of a reading, in its own unit: part of it plus a fixed part; nothing is said of infinity. */
export function uncertaintyOf(reading: number | undefined, { relative, fixed }: Uncertainty): number {
  return reading !== undefined && Number.isFinite(reading) ? relative * reading + fixed : 0;
}

/** One instrument of the shop: what it reads, how far that may be off; null for what it does not read. */
export const instrumentSchema = z.object({
  id: z.string(),
  kind: z.enum(instrumentKinds),
  name: z.string().min(1).max(120),
  serial: z.string().max(60),
  /** Nobody has said so: a new shop is taken to have one like it. */
  assumed: z.boolean(),
  /** Ohms, and by how many wires. */
  ohms: uncertaintySchema.extend({ wires: z.union([z.literal(2), z.literal(4)]) }).nullable(),
  farads: uncertaintySchema.nullable(),
  /** Insulation, and up to which test voltage. */
  insulation: uncertaintySchema.extend({ volts: z.number().positive().max(10_000) }).nullable(),
  /** Loss, dB. */
  loss: uncertaintySchema.nullable(),
  /** What is left of its directivity after calibration, dB; of a load, its own return loss. */
  match: z.number().min(10).max(60).nullable(),
  /** Length by what comes back, metres; the velocity of the cable is apart. */
  length: uncertaintySchema.nullable(),
  /** Of a load or a terminator, ohm. */
  impedance: z.number().positive().nullable(),
  /** Where it may be used, hertz; null for direct current or where nobody said. */
  band: z.object({ from: z.number().min(0), to: z.number().positive() }).nullable(),
  /** Days of its calibration: when, and how long it holds; null where there is none. */
  calibrated: z.iso.date().nullable(),
  due: z.iso.date().nullable(),
});
export type Instrument = z.infer<typeof instrumentSchema>;

/** What can be read with an instrument, or stands at the far end meanwhile. */
export type Quantity = 'ohms' | 'farads' | 'insulation' | 'loss' | 'match' | 'length';

/** Whether an instrument reads something by itself: a load has a match, and reads none. */
export const reads = (instrument: Instrument, quantity: Quantity): boolean =>
  instrument[quantity] !== null && instrument.impedance === null;

/** The instruments that read something, the least uncertain of each kind of reading first. */
export function readersOf(instruments: readonly Instrument[], quantity: Quantity): Instrument[] {
  const off = (instrument: Instrument): number =>
    quantity === 'match' ? -instrument.match! : uncertaintyOf(typical[quantity], instrument[quantity]!);
  return instruments.filter((instrument) => reads(instrument, quantity)).sort((a, b) => off(a) - off(b));
}

/** Readings by which two instruments are compared: of a short lead, SI and dB. */
const typical = { ohms: 0.1, farads: 100e-12, insulation: 1e9, loss: 1, length: 10 } as const;

/** Whether an instrument may be used at a frequency in hertz. */
export const coversFrequency = ({ band: range }: Instrument, frequency: number): boolean =>
  range === null || (frequency >= range.from && frequency <= range.to);

/** Whether one of a kind is there. */
export const hasKind = (instruments: readonly Instrument[], kind: InstrumentKind): boolean =>
  instruments.some((instrument) => instrument.kind === kind);
