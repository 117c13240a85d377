import { formatDecibels } from '../quantity/decibel.ts';
import { formatFrequency } from '../quantity/frequency.ts';

/** How the checks of a proof are called, how each is read, and where its limit comes from. */

const percent = (share: number) => `${share * 100} %`;

export const leftByHouse = 'left out by this house';
export const nobodyRead = 'nobody read it';
export const onlyAsked = (level: string) => `only a proof ${level} is asked for`;
export const noneInStores = (instrument: string) => `no ${instrument} in Stores`;

/** Instruments that are asked for, where a house has none that would do. */
export const wantedInstrument = {
  ohms: 'ohm meter fine enough for it',
  reflectometer: 'reflectometer',
  insulation: (volts: number) => `insulation tester of ${volts} V`,
  analyser: (hertz: number) => `network analyser that reaches ${formatFrequency(hertz)}`,
  match: (ohms: number) => `analyser with a ${ohms} ohm load fine enough for it`,
} as const;

export const continuityWords = {
  label: 'Continuity and shorts',
  contradict: 'the readings contradict each other: read the marked pairs again',
  out: (count: number, of: number) => `${count} of ${of} pairs are not as planned`,
  notYet: (count: number, of: number) => `${count} of ${of} pairs not measured`,
  good: (of: number) => `${of} of ${of} pairs as planned`,
} as const;

export const insulationWords = {
  label: (volts: number) => `Insulation at ${volts} V`,
  why: 'The lowest test voltage and the highest demand of its ends, or the demand of this house.',
} as const;

export const wiggleWords = {
  label: 'Holds while it is moved',
  notMeasured: 'not measured: move the cable at both ends while the tester reads',
  dropped: (drops: readonly { readonly path: string; readonly count: number }[]) =>
    `intermittent: ${drops.map(({ path, count }) => `${path} dropped ${count} ${count === 1 ? 'time' : 'times'}`).join('; ')}`,
  fewPaths: (count: number, of: number) => `only ${count} of ${of} paths were read`,
  fewReads: (count: number, least: number) => `only ${count} reads: expected ${least} or more`,
  held: (reads: number, seconds: number) => `no drop in ${reads} reads over ${Math.round(seconds)} s`,
} as const;

export const rejectionWords = {
  label: (end: string, hertz: number, ohms: number) =>
    `Common-mode rejection of the choke near end ${end}, ${formatFrequency(hertz)}, ${ohms} ohm`,
  how: (fixture: string, hertz: number) =>
    `${fixture} at ${formatFrequency(hertz)}, nothing connected to the lead`,
  why: (db: number, spread: number) =>
    `What the class of its beads promises, ${db.toFixed(1)} dB, less ${spread} dB: beads of one class differ by about a quarter.`,
} as const;

export const loadWords = {
  label: (ohms: number) => `A ${ohms} ohm load seen through the lead`,
  how: (ohms: number, far: string, near: string) =>
    `a ${ohms} ohm load at end ${far}, ohms between centre and outer at end ${near}`,
  why: (tolerance: number) =>
    `The load within ${percent(tolerance)}, and at most what conductors and contacts add.`,
} as const;

export const terminatorWords = {
  label: (pair: number) => `Terminator seen on pair ${pair}`,
  how: (far: string, near: string, [a, b]: readonly [string, string]) =>
    `terminator at end ${far}, ohms between ${a} and ${b} at end ${near}`,
  why: (tolerance: number) =>
    `A terminator within ${percent(tolerance)}, and at most what conductors and contacts add.`,
} as const;

export const capacitanceWords = {
  coax: 'Capacitance, centre to shield',
  cores: (hot: string, shield: string) => `Capacitance, ${hot} to ${shield}`,
  pair: (number: number) => `Pair ${number} is twisted together`,
  how: ([a, b]: readonly [string, string], near: string) =>
    `nothing at the far end, capacitance between ${a} and ${b} at end ${near}`,
  why: (spread: number) =>
    `The figure of the cable over its length within ${percent(spread)}, and what the connectors add.`,
} as const;

export const pathWords = {
  label: (conductor: string, near: string, far: string) => `${conductor}, end ${near} to end ${far}`,
  contact: (end: string) => `Contact, end ${end}`,
  cable: 'Cable in the lead',
  temperature: 'Temperature',
  conductor: (name: string) => `R of the ${name} conductor`,
  most: 'Most of its kind over R',
  formula: 'R(T) x most over R + contacts',
  source:
    'cores: 2 % over the maximum of IEC 60228 class 5; drawn copper 2 %, clad wire and braids 10 % over their construction; contacts: house values',
} as const;

export const balanceWords = {
  label: 'Hot and cold alike, so that phantom power stays balanced',
  why: (share: number) => `${percent(share)} of a core, and what its contacts are allowed.`,
} as const;

export const loopWords = {
  label: 'Loop of both conductors',
  why: (share: number, ohms: number) =>
    `At most ${percent(share)} of the load of ${ohms} ohm: more costs level and damping.`,
} as const;

export const sweepWords = {
  loss: 'Insertion loss over the band',
  returnLoss: 'Return loss over the band',
  length: 'Length by its delay',
  lossAt: (hertz: number) => `Loss at ${formatFrequency(hertz)}`,
  matchAt: (hertz: number) => `Match into a load at ${formatFrequency(hertz)}`,
  delay: (seconds: number, velocityFactor: number) =>
    `delay ${(seconds * 1e9).toFixed(2)} ns at ${(velocityFactor * 100).toFixed(1)} % of the speed of light`,
  whyLoss: (perConnector: number) =>
    `The prediction with its mismatch, what the house allows over the nominal table, and ${perConnector} dB for each connector.`,
  whyReturnLoss: (allowance: number) =>
    `The tighter of the class of its connectors and what tolerances of cable and connectors add up to, less ${allowance} dB.`,
  whyLength: (velocity: number, plane: number) =>
    `The plan, twice the ${percent(velocity)} that a velocity factor may be off, and ${plane * 1e3} mm at each plane.`,
  whyLossAt: (why: string, predicted: number) => `${why} Predicted ${formatDecibels(predicted)}.`,
  whyMatchAt: (why: string, most: string, predicted: string) =>
    `${why} SWR at most ${most}; predicted ${predicted}.`,
  notOneLine: 'This lead is no single coaxial line: an analyser has nothing to sweep.',
} as const;
