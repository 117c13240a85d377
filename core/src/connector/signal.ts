import type { Connector } from './connector.ts';
import type { LayoutName } from './contact.ts';

/** What a lead carries: it decides what its contacts mean and what is computed for it. */
export const signals = [
  'radio',
  'balanced',
  'unbalanced',
  'stereo',
  'lighting',
  'speaker',
  'control',
] as const;
export type Signal = (typeof signals)[number];

/** What a contact is for. The words of the standards: data - and +, never hot and cold, on lighting. */
export const roles = [
  'shield',
  'hot',
  'cold',
  'left',
  'right',
  'data 1-',
  'data 1+',
  'data 2-',
  'data 2+',
  '1+',
  '1-',
  '2+',
  '2-',
  '3+',
  '3-',
  '4+',
  '4-',
  'unused',
] as const;
export type Role = (typeof roles)[number];

export type Roles = Readonly<Partial<Record<string, Role>>>;

const channels: Roles = {
  '1+': '1+',
  '1-': '1-',
  '2+': '2+',
  '2-': '2-',
  '3+': '3+',
  '3-': '3-',
  '4+': '4+',
  '4-': '4-',
};
const tipIsHot: Roles = { tip: 'hot', sleeve: 'shield' };
const audioPins: Roles = { '1': 'shield', '2': 'hot', '3': 'cold' };

/**
 * What each contact of a layout means for a signal. Round 3: 1 shield, 2 hot, 3 cold; lighting on 5 or 3 pins: 1 common,
 * 2 and 3 data 1 - and +, 4 and 5 data 2 - and + (ANSI E1.11); modular after ANSI E1.27-2. Tip hot or left, ring cold or
 * right.
 */
const meanings: Readonly<Partial<Record<LayoutName, Readonly<Partial<Record<Signal, Roles>>>>>> = {
  'round-3': {
    balanced: audioPins,
    unbalanced: audioPins,
    stereo: { '1': 'shield', '2': 'left', '3': 'right' },
    lighting: { '1': 'shield', '2': 'data 1-', '3': 'data 1+' },
    speaker: { '1': '1-', '2': '1+', '3': 'unused' },
  },
  'round-5': {
    lighting: { '1': 'shield', '2': 'data 1-', '3': 'data 1+', '4': 'data 2-', '5': 'data 2+' },
    stereo: { '1': 'shield', '2': 'left', '4': 'right', '3': 'unused', '5': 'unused' },
  },
  modular: {
    lighting: {
      '1': 'data 1+',
      '2': 'data 1-',
      '3': 'data 2+',
      '6': 'data 2-',
      '7': 'shield',
      '8': 'shield',
      '4': 'unused',
      '5': 'unused',
    },
  },
  trs: {
    balanced: { tip: 'hot', ring: 'cold', sleeve: 'shield' },
    unbalanced: { tip: 'hot', ring: 'unused', sleeve: 'shield' },
    stereo: { tip: 'left', ring: 'right', sleeve: 'shield' },
  },
  ts: { balanced: tipIsHot, unbalanced: tipIsHot, speaker: { tip: '1+', sleeve: '1-' } },
  phono: { unbalanced: tipIsHot, balanced: tipIsHot },
  'speaker-2': { speaker: channels },
  'speaker-4': { speaker: channels },
  'speaker-8': { speaker: channels },
  'single pair': { speaker: { '+': '1+', '-': '1-' } },
};

/** The other half of a stereo lead: what its one hot contact carries. */
export const channelNames = ['left', 'right'] as const;
export type Channel = (typeof channelNames)[number];

/** An end as far as its contacts mean something. */
export interface SignalEnd {
  readonly connector: Connector;
  /** Which half of a stereo signal an end with one hot contact carries; null where it carries the whole. */
  readonly channel: Channel | null;
  /** A device's own order of contacts, where it has one; it comes before any convention. */
  readonly deviceRoles: Roles | null;
}

/** What a contact means at its end; undefined where nothing says so (a terminal block without a device profile). */
export function roleOf(
  signal: Signal,
  { connector, channel, deviceRoles }: SignalEnd,
  contact: string,
): Role | undefined {
  if (deviceRoles) return deviceRoles[contact] ?? 'unused';
  const { series } = connector;
  if (series.kind === 'coaxial') return contact === 'centre' ? 'hot' : 'shield';
  const single = series.layout === 'ts' || series.layout === 'phono';
  const table = meanings[series.layout]?.[signal === 'stereo' && single ? 'unbalanced' : signal];
  const role = table?.[contact];
  return role === 'hot' && signal === 'stereo' && channel ? channel : role;
}

const presentation: Readonly<Record<Signal, string>> = {
  radio: 'radio frequency',
  balanced: 'balanced audio',
  unbalanced: 'unbalanced audio',
  stereo: 'stereo, unbalanced',
  lighting: 'lighting control',
  speaker: 'loudspeaker',
  control: 'terminal work',
};

/** A signal in words. */
export const signalName = (signal: Signal) => presentation[signal];

/** What an end is most used for, before anybody says what a lead carries. */
export function usualSignal({ series }: Connector): Signal {
  if (series.kind === 'coaxial') return 'radio';
  switch (series.layout) {
    case 'round-3':
      return 'balanced';
    case 'round-5':
    case 'modular':
      return 'lighting';
    case 'trs':
      return 'stereo';
    case 'ts':
    case 'phono':
      return 'unbalanced';
    case 'row':
      return 'control';
    default:
      return 'speaker';
  }
}
