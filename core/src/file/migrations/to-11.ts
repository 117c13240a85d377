import type { Raw } from './raw.ts';
import { inFrozen } from './raw.ts';

const nothing: Raw = {
  serial: '',
  assumed: false,
  ohms: null,
  farads: null,
  insulation: null,
  loss: null,
  match: null,
  length: null,
  impedance: null,
  band: null,
  calibrated: null,
  due: null,
};

const instrument = (kind: string, reads: Raw): Raw => ({ ...nothing, ...reads, kind, id: kind, name: kind });

/** The meter of a house that never said which it has: as it was taken to be. */
const usualMeter = { relative: 0.005, fixed: 0.001, fourWire: true };

/** With what every shop was taken to prove until instruments were records. */
function instrumentsOf({ meter = usualMeter }: Raw): Raw[] {
  const { relative, fixed, fourWire } = meter as typeof usualMeter;
  return [
    instrument(fourWire ? 'milliohm meter' : 'multimeter', {
      ohms: { wires: fourWire ? 4 : 2, relative, fixed },
    }),
    instrument('capacitance meter', { farads: { relative: 0.01, fixed: 1e-12 } }),
    instrument('insulation tester', { insulation: { volts: 500, relative: 0.05, fixed: 0 } }),
    instrument('dummy load', { impedance: 50, match: 30, band: { from: 0, to: 500e6 } }),
    instrument('terminator', { impedance: 120 }),
    instrument('depth gauge', {}),
  ];
}

function practiceOf(practice: Raw): Raw {
  const alsoAsk = (practice.alsoAsk ?? []) as readonly string[];
  return {
    ...practice,
    proofLevel: practice.proofLevel ?? (alsoAsk.includes('sweep') ? 'by sweep' : 'by meter and load'),
    alsoAsk: alsoAsk.filter((check) => check !== 'sweep'),
  };
}

function withInstruments(house: Raw): Raw {
  const { meter: _meter, ...rest } = house;
  return {
    ...rest,
    practice: practiceOf((house.practice ?? {}) as Raw),
    instruments: house.instruments ?? instrumentsOf(house),
  };
}

/** To version 11: what leads are proved with are records, and a house says how far a proof goes: what it asked until now, it asks on. */
export const instrumentsAsRecords = {
  house: withInstruments,
  units: (unit: Raw): Raw => inFrozen(unit, (lead) => lead, withInstruments),
};
