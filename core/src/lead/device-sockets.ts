import type { Signal } from '../connector/signal.ts';

/** A socket of a device, as a person sees it on its panel. */
export interface DeviceSocket {
  readonly id: string;
  readonly label: string;
  /** What goes into it. */
  readonly connectorId: string;
  /** What it can carry. */
  readonly signals: readonly Signal[];
}

export const balanced = ['balanced'] as const;
const anyAudio = ['unbalanced', 'balanced'] as const;

/** Sockets that a lead may start or end at; what mates with each. */
export const deviceSockets: readonly DeviceSocket[] = [
  {
    id: 'xlr-3-pins',
    label: '3-pin with pins (an output)',
    connectorId: 'xlr-3-socket',
    signals: ['balanced', 'unbalanced', 'lighting'],
  },
  {
    id: 'xlr-3-holes',
    label: '3-pin with holes (an input)',
    connectorId: 'xlr-3-plug',
    signals: ['balanced', 'unbalanced', 'lighting'],
  },
  {
    id: 'xlr-5-holes',
    label: '5-pin with holes (lighting out)',
    connectorId: 'xlr-5-plug',
    signals: ['lighting'],
  },
  {
    id: 'xlr-5-pins',
    label: '5-pin with pins (lighting in)',
    connectorId: 'xlr-5-socket',
    signals: ['lighting'],
  },
  { id: 'rj45', label: 'RJ45, lighting', connectorId: 'rj45-lighting', signals: ['lighting'] },
  {
    id: 'jack-6-balanced',
    label: '6.35 mm, balanced',
    connectorId: 'jack-6-trs',
    signals: balanced,
  },
  {
    id: 'jack-6-stereo',
    label: '6.35 mm, stereo',
    connectorId: 'jack-6-trs',
    signals: ['stereo'],
  },
  {
    id: 'jack-6',
    label: '6.35 mm, unbalanced',
    connectorId: 'jack-6-ts',
    signals: [...anyAudio, 'stereo'],
  },
  {
    id: 'jack-6-flat',
    label: '6.35 mm, unbalanced, side by side',
    connectorId: 'jack-6-ts-low-profile',
    signals: anyAudio,
  },
  {
    id: 'jack-3',
    label: '3.5 mm, stereo',
    connectorId: 'jack-3-trs-large',
    signals: ['stereo'],
  },
  {
    id: 'phono',
    label: 'phono',
    connectorId: 'phono-spring',
    signals: [...anyAudio, 'stereo'],
  },
  {
    id: 'speaker-2',
    label: 'locking speaker, 2-pole',
    connectorId: 'speaker-2-cable',
    signals: ['speaker'],
  },
  {
    id: 'speaker-4',
    label: 'locking speaker, 4-pole',
    connectorId: 'speaker-4-cable',
    signals: ['speaker'],
  },
  {
    id: 'posts',
    label: 'binding posts, 4 mm',
    connectorId: 'banana-pair',
    signals: ['speaker'],
  },
  {
    id: 'screws',
    label: 'screw terminals for spades',
    connectorId: 'spade-pair-6',
    signals: ['speaker'],
  },
  {
    id: 'header',
    label: 'terminal header',
    connectorId: 'terminal-3.81-screw-3',
    signals: [...anyAudio, 'control', 'lighting', 'stereo', 'speaker'],
  },
  {
    id: 'bare-pair',
    label: 'clamps, the cores left bare',
    connectorId: 'bare-pair',
    signals: ['speaker'],
  },
  {
    id: 'bare-cores',
    label: 'clamps, cores and shield left bare',
    connectorId: 'bare-cores-3',
    signals: [...anyAudio, 'stereo', 'control'],
  },
  {
    id: 'ferrules',
    label: 'clamps that take wire-end ferrules',
    connectorId: 'wire-ferrule-pair-1.5',
    signals: ['control', 'speaker'],
  },
];

/** A socket by its id. @throws RangeError when there is none. */
export function deviceSocketById(id: string): DeviceSocket {
  const found = deviceSockets.find((socket) => socket.id === id);
  if (!found) throw new RangeError(`There is no socket "${id}" to start from.`);
  return found;
}
