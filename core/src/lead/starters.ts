import type { Lead, LeadEnd } from './lead.ts';
import type { Channel, Signal } from '../connector/signal.ts';

/** An end of a starter. */
export interface StarterEnd {
  readonly connectorId: string;
  readonly channel?: Channel;
  readonly marker?: string;
  /** It lies there already. */
  readonly lies?: LeadEnd['lies'];
  /** Of its own leg, metres, where there is a split. */
  readonly legLength?: number;
}

/** A lead to start from: what it connects, with cable, ends and what it carries. */
export interface Starter {
  readonly id: string;
  /** What it connects, in the words of who asks for it. */
  readonly connects: string;
  readonly detail: string;
  readonly leadName: string;
  readonly signal: Signal;
  readonly cableId: string;
  readonly near: StarterEnd;
  readonly far: readonly StarterEnd[];
  readonly environment?: Lead['environment'];
  /** Hertz; assumed until someone says otherwise. */
  readonly frequencies: readonly number[];
}

/** Top of the audio band, hertz. */
const audio = [20e3];

export const starters: readonly Starter[] = [
  {
    id: 'receiver-tnc',
    connects: 'Receiver to panel, TNC sockets',
    detail: 'RG-223 class, double braid, TNC plugs, 50 ohm',
    leadName: 'Receiver patch lead',
    cableId: 'rg-223',
    signal: 'radio',
    near: { connectorId: 'tnc-plug-50-crimp-5' },
    far: [{ connectorId: 'tnc-plug-50-crimp-5' }],
    frequencies: [162.025e6],
  },
  {
    id: 'instrument-bnc',
    connects: 'Instruments, BNC sockets',
    detail: 'RG-58 class, BNC plugs, 50 ohm',
    leadName: 'Instrument patch lead',
    cableId: 'rg-58',
    signal: 'radio',
    near: { connectorId: 'bnc-plug-50-crimp-5' },
    far: [{ connectorId: 'bnc-plug-50-crimp-5' }],
    frequencies: [10e6, 100e6],
  },
  {
    id: 'mast-n',
    connects: 'Radio to a mast, N sockets',
    detail: 'low-loss foam 10 mm, N plugs, push-on contact, outdoors',
    leadName: 'Mast lead',
    cableId: 'low-loss-10',
    signal: 'radio',
    near: { connectorId: 'n-plug-push-on-10-low-loss' },
    far: [{ connectorId: 'n-plug-push-on-10-low-loss' }],
    frequencies: [162.025e6],
    environment: 'outdoor',
  },
  {
    id: 'splice-lying',
    connects: 'Two cables that lie in a trench, spliced',
    detail: 'aluminium trunk 13 mm, one splice, its boot; nothing is coiled',
    leadName: 'Trench splice',
    cableId: 'trunk-13',
    signal: 'radio',
    near: { connectorId: 'trunk-pin-13', lies: 'trench' },
    far: [{ connectorId: 'trunk-splice-13' }],
    frequencies: [55e6, 750e6],
    environment: 'buried',
  },
  {
    id: 'microphone',
    connects: 'Microphone to a desk, 3-pin',
    detail: 'microphone pair, socket to plug, balanced',
    leadName: 'Microphone lead',
    signal: 'balanced',
    cableId: 'mic-pair',
    near: { connectorId: 'xlr-3-socket' },
    far: [{ connectorId: 'xlr-3-plug' }],
    frequencies: audio,
  },
  {
    id: 'lighting-5',
    connects: 'Lighting desk to lights, 5-pin',
    detail: '120-ohm two-pair, socket to plug, both pairs wired',
    leadName: 'Lighting lead',
    signal: 'lighting',
    cableId: 'lighting-2-pair',
    near: { connectorId: 'xlr-5-plug' },
    far: [{ connectorId: 'xlr-5-socket' }],
    frequencies: [250e3],
  },
  {
    id: 'speaker-2',
    connects: 'Amplifier to loudspeaker, locking',
    detail: '2 x 2.5 mm2, 2-pole both ends',
    leadName: 'Loudspeaker lead',
    signal: 'speaker',
    cableId: 'speaker-2x2.5',
    near: { connectorId: 'speaker-2-cable' },
    far: [{ connectorId: 'speaker-2-cable' }],
    frequencies: audio,
  },
  {
    id: 'player-ts',
    connects: 'Player, 3.5 mm, to two desk inputs',
    detail: 'twin screened, 3.5 mm TRS to two 6.35 mm TS, left and right',
    leadName: 'Ticket-desk lead',
    signal: 'stereo',
    cableId: 'twin-phono',
    near: { connectorId: 'jack-3-trs-large' },
    far: [
      { connectorId: 'jack-6-ts', channel: 'left', marker: 'white', legLength: 0.5 },
      { connectorId: 'jack-6-ts', channel: 'right', marker: 'red', legLength: 0.5 },
    ],
    frequencies: audio,
  },
  {
    id: 'whip-uhf',
    connects: 'Radio to a whip, UHF sockets',
    detail: 'RG-213 class, UHF plugs, soldered body',
    leadName: 'Whip lead',
    cableId: 'rg-213',
    signal: 'radio',
    near: { connectorId: 'uhf-plug-soldered-10-silver' },
    far: [{ connectorId: 'uhf-plug-soldered-10-silver' }],
    frequencies: [30e6, 156.8e6],
  },
  {
    id: 'picture-bnc',
    connects: 'Picture or clock, 75-ohm BNC sockets',
    detail: 'RG-59 class, BNC plugs, 75 ohm',
    leadName: '75-ohm patch lead',
    cableId: 'rg-59',
    signal: 'radio',
    near: { connectorId: 'bnc-plug-75-crimp-6' },
    far: [{ connectorId: 'bnc-plug-75-crimp-6' }],
    frequencies: [135e6],
  },
  {
    id: 'inside-tnc',
    connects: 'Inside a rack, hot or tight, TNC sockets',
    detail: 'RG-316 class, PTFE, TNC plugs, 50 ohm',
    leadName: 'Rack patch lead',
    cableId: 'rg-316',
    signal: 'radio',
    near: { connectorId: 'tnc-plug-50-crimp-2.5' },
    far: [{ connectorId: 'tnc-plug-50-crimp-2.5' }],
    frequencies: [1e9],
  },
  {
    id: 'antenna-sma',
    connects: 'Small radio to an antenna, SMA',
    detail: 'RG-316 class, SMA plug to SMA socket, an extension',
    leadName: 'SMA extension',
    cableId: 'rg-316',
    signal: 'radio',
    near: { connectorId: 'sma-plug-50-crimp-2.5' },
    far: [{ connectorId: 'sma-socket-50-crimp-2.5' }],
    frequencies: [2.4e9],
  },
  {
    id: 'feeder-7-16',
    connects: 'Cabinet to a roof, corrugated feeder',
    detail: '1/2 inch, 7-16 plug to N socket, outdoors',
    leadName: 'Roof feeder',
    cableId: 'corrugated-1/2',
    signal: 'radio',
    near: { connectorId: '7-16-plug-feeder-1/2' },
    far: [{ connectorId: 'n-socket-feeder-1/2' }],
    frequencies: [457.5e6],
    environment: 'outdoor',
  },
  {
    id: 'pigtail-semi-rigid',
    connects: 'Inside equipment, bent once, SMA',
    detail: 'RG-402 class, SMA plug to SMA socket, soldered on the tube',
    leadName: 'Semi-rigid pigtail',
    cableId: 'rg-402',
    signal: 'radio',
    near: { connectorId: 'sma-plug-direct-rg-402' },
    far: [{ connectorId: 'sma-socket-direct-rg-402' }],
    frequencies: [1.575e9],
  },
  {
    id: 'trunk-splice',
    connects: 'New piece in a buried trunk',
    detail: 'aluminium 13 mm, a splice at both ends',
    leadName: 'Trunk repair',
    cableId: 'trunk-13',
    signal: 'radio',
    near: { connectorId: 'trunk-splice-13' },
    far: [{ connectorId: 'trunk-splice-13' }],
    frequencies: [55e6, 750e6],
    environment: 'buried',
  },
  {
    id: 'wall-f',
    connects: 'A new end on a cable in a wall, F socket',
    detail: 'RG-6 class, compression plug; the other end lies in the wall',
    leadName: 'Wall outlet repair',
    cableId: 'rg-6',
    signal: 'radio',
    near: { connectorId: 'f-plug-compression-rg-6', lies: 'wall' },
    far: [{ connectorId: 'f-plug-compression-rg-6' }],
    frequencies: [750e6],
  },
  {
    id: 'drop-f',
    connects: 'Television or camera drop, F sockets',
    detail: 'RG-6 class, compression plugs, 75 ohm',
    leadName: 'Drop lead',
    cableId: 'rg-6',
    signal: 'radio',
    near: { connectorId: 'f-plug-compression-rg-6' },
    far: [{ connectorId: 'f-plug-compression-rg-6' }],
    frequencies: [750e6],
  },
  {
    id: 'patch-right-angle',
    connects: 'Pedal to pedal, short',
    detail: 'instrument cable, two right-angle low-profile plugs',
    leadName: 'Deck-band patch lead',
    signal: 'unbalanced',
    cableId: 'instrument',
    near: { connectorId: 'jack-6-ts-low-profile' },
    far: [{ connectorId: 'jack-6-ts-low-profile' }],
    frequencies: audio,
  },
  {
    id: 'speaker-posts',
    connects: 'Amplifier posts to loudspeaker terminals',
    detail: 'star quad as two paralleled pairs, bananas to spades',
    leadName: 'Lounge loudspeaker lead',
    signal: 'speaker',
    cableId: 'speaker-star-quad-4x2.5',
    near: { connectorId: 'banana-pair' },
    far: [{ connectorId: 'spade-pair-6' }],
    frequencies: audio,
  },
  {
    id: 'terminal-tail',
    connects: 'Controller, pluggable terminal, to a 3-pin plug',
    detail: 'foil and drain, 3.81 mm rising clamp',
    leadName: 'Controller tail',
    signal: 'balanced',
    cableId: 'install-pair',
    near: { connectorId: 'xlr-3-plug' },
    far: [{ connectorId: 'terminal-3.81-screw-3' }],
    frequencies: audio,
  },
];
