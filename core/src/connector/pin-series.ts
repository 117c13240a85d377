import type { LayoutName } from './contact.ts';
import type { Coupling } from './series.ts';

/** What the series of a connector with numbered or named contacts decides, whatever its cable. Engineering values. */
export interface PinSeries {
  readonly kind: 'pins';
  readonly id: PinSeriesId;
  /** Of one connector, as it is ordered. */
  readonly series: string;
  readonly coupling: Coupling;
  readonly layout: LayoutName;
  /** Allowance for one contact in a resistance limit, ohm. */
  readonly contactAllowance: number;
  /** Test voltage and least insulation. */
  readonly insulation: { readonly volts: number; readonly ohms: number };
  /** Largest current of one contact, A. */
  readonly current: number;
  readonly torque: null;
  readonly weatherproof: boolean;
  /** Mating face, metres across: one contact, and the coupling. */
  readonly face: { readonly contact: number; readonly coupling: number };
}

export const pinSeriesIds = [
  'round-3',
  'round-5',
  'jack-6-ts',
  'jack-6-trs',
  'jack-3-trs',
  'phono',
  'speaker-2',
  'speaker-4',
  'speaker-8',
  'banana',
  'spade',
  'wire-ferrule',
  'bare-pair',
  'bare-cores',
  'terminal-3.5',
  'terminal-3.81',
  'terminal-5.08',
  'modular-8',
] as const;
export type PinSeriesId = (typeof pinSeriesIds)[number];

const mm = 1e-3;

function seriesOf(
  id: PinSeriesId,
  series: string,
  layout: LayoutName,
  figures: {
    coupling?: Coupling;
    milliohm: number;
    volts: number;
    current: number;
    faceMm: readonly [contact: number, coupling: number];
  },
): PinSeries {
  const { coupling = 'none', milliohm, volts, current, faceMm } = figures;
  return {
    kind: 'pins',
    id,
    series,
    coupling,
    layout,
    contactAllowance: milliohm * 1e-3,
    insulation: { volts, ohms: 100e6 },
    current,
    torque: null,
    weatherproof: false,
    face: { contact: faceMm[0] * mm, coupling: faceMm[1] * mm },
  };
}

const round = { coupling: 'latch', milliohm: 5, volts: 250 } as const;
const jack = { milliohm: 20, volts: 250, current: 2 } as const;
const speaker = { coupling: 'latch', milliohm: 5, volts: 500, current: 20 } as const;
const terminal = { milliohm: 5, volts: 250, current: 8 } as const;

/** The series that ship: audio, lighting, speaker and terminal ends. */
export const pinSeries: readonly PinSeries[] = [
  seriesOf('round-3', '3-pin XLR', 'round-3', { ...round, current: 10, faceMm: [2.4, 19] }),
  seriesOf('round-5', '5-pin XLR', 'round-5', { ...round, current: 7.5, faceMm: [2, 19] }),
  seriesOf('jack-6-ts', '6.35 mm TS', 'ts', { ...jack, faceMm: [6.35, 14] }),
  seriesOf('jack-6-trs', '6.35 mm TRS', 'trs', { ...jack, faceMm: [6.35, 14] }),
  seriesOf('jack-3-trs', '3.5 mm TRS', 'trs', { ...jack, volts: 100, current: 1, faceMm: [3.5, 9] }),
  seriesOf('phono', 'phono', 'phono', { ...jack, volts: 100, faceMm: [3.2, 11] }),
  seriesOf('speaker-2', '2-pole speaker', 'speaker-2', { ...speaker, faceMm: [3, 20] }),
  seriesOf('speaker-4', '4-pole speaker', 'speaker-4', { ...speaker, faceMm: [3, 24] }),
  seriesOf('speaker-8', '8-pole speaker', 'speaker-8', { ...speaker, faceMm: [3, 36] }),
  seriesOf('banana', '4 mm banana', 'single pair', { ...speaker, coupling: 'none', faceMm: [4, 11] }),
  seriesOf('spade', 'spade', 'single pair', { ...speaker, coupling: 'none', faceMm: [6, 10] }),
  seriesOf('wire-ferrule', 'wire-end ferrule', 'single pair', {
    ...speaker,
    coupling: 'none',
    faceMm: [2, 6],
  }),
  seriesOf('bare-pair', 'bare pair', 'single pair', { ...speaker, coupling: 'none', faceMm: [2, 6] }),
  seriesOf('bare-cores', 'bare end', 'row', { ...terminal, current: 5, faceMm: [2, 6] }),
  seriesOf('terminal-3.5', '3.5 mm terminal', 'row', { ...terminal, faceMm: [2.4, 9] }),
  seriesOf('terminal-3.81', '3.81 mm terminal', 'row', { ...terminal, faceMm: [2.6, 9] }),
  seriesOf('terminal-5.08', '5.08 mm terminal', 'row', { ...terminal, current: 12, faceMm: [3.2, 11] }),
  seriesOf('modular-8', 'RJ45', 'modular', {
    coupling: 'latch',
    milliohm: 20,
    volts: 250,
    current: 1.5,
    faceMm: [0.5, 11.7],
  }),
];

/** A series by its id. @throws RangeError when there is none. */
export function pinSeriesById(id: string): PinSeries {
  const found = pinSeries.find((entry) => entry.id === id);
  if (!found) throw new RangeError(`connectors: there is no series "${id}"`);
  return found;
}
