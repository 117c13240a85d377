import type { Instrument, InstrumentKind } from './instrument.ts';

type Reads = Omit<Instrument, 'id' | 'kind' | 'name' | 'serial' | 'assumed' | 'calibrated' | 'due'>;

const nothing: Reads = {
  ohms: null,
  farads: null,
  insulation: null,
  loss: null,
  match: null,
  length: null,
  impedance: null,
  band: null,
};

const band = (from: number, to: number) => ({ from, to });

/** What an ordinary one of each kind reads, and how far it may be off. Engineering values; the data sheet of one's own holds. */
const usual: Readonly<Record<InstrumentKind, Partial<Reads>>> = {
  multimeter: { ohms: { wires: 2, relative: 0.008, fixed: 0.2 } },
  'milliohm meter': { ohms: { wires: 4, relative: 0.005, fixed: 0.001 } },
  'capacitance meter': { farads: { relative: 0.01, fixed: 1e-12 } },
  'insulation tester': { insulation: { volts: 500, relative: 0.05, fixed: 0 } },
  'continuity tester': {},
  'antenna analyser': {
    loss: { relative: 0.02, fixed: 0.3 },
    match: 35,
    length: { relative: 0.005, fixed: 0.05 },
    band: band(100e3, 500e6),
  },
  'network analyser': {
    loss: { relative: 0.01, fixed: 0.05 },
    match: 40,
    length: { relative: 0.002, fixed: 0.01 },
    band: band(50e3, 3e9),
  },
  'dummy load': { impedance: 50, match: 30, band: band(0, 500e6) },
  terminator: { impedance: 120 },
  reflectometer: { length: { relative: 0.005, fixed: 0.2 } },
  oscilloscope: { length: { relative: 0.01, fixed: 0.3 } },
  'depth gauge': {},
};

/** An instrument of a kind with what an ordinary one reads. */
export const newInstrument = (kind: InstrumentKind, id: string, assumed = false): Instrument => ({
  ...nothing,
  ...usual[kind],
  id,
  kind,
  name: kind,
  serial: '',
  assumed,
  calibrated: null,
  due: null,
});

/** What a new shop is taken to have until somebody says so: a meter with two leads. */
export const usualInstruments: readonly Instrument[] = [newInstrument('multimeter', 'multimeter', true)];
