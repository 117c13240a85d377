import type { Lead } from './lead.ts';

/** A lead to start from: what it connects, with cable, connector and frequencies that suit. */
export interface Starter {
  readonly id: string;
  /** What it connects, in the words of who asks for it. */
  readonly connects: string;
  readonly detail: string;
  readonly leadName: string;
  readonly cableId: string;
  readonly connectorId: string;
  /** At end B; the same as at end A when left out. */
  readonly farConnectorId?: string;
  readonly environment?: Lead['environment'];
  /** Hertz; assumed until someone says otherwise. */
  readonly frequencies: readonly number[];
}

export const starters: readonly Starter[] = [
  {
    id: 'receiver-tnc',
    connects: 'Receiver to panel, TNC sockets',
    detail: 'RG-223 class, double braid, TNC plugs, 50 ohm',
    leadName: 'Receiver patch lead',
    cableId: 'rg-223',
    connectorId: 'tnc-plug-50-crimp-5',
    frequencies: [162.025e6],
  },
  {
    id: 'instrument-bnc',
    connects: 'Instruments, BNC sockets',
    detail: 'RG-58 class, BNC plugs, 50 ohm',
    leadName: 'Instrument patch lead',
    cableId: 'rg-58',
    connectorId: 'bnc-plug-50-crimp-5',
    frequencies: [10e6, 100e6],
  },
  {
    id: 'picture-bnc',
    connects: 'Picture or clock, 75-ohm BNC sockets',
    detail: 'RG-59 class, BNC plugs, 75 ohm',
    leadName: '75-ohm patch lead',
    cableId: 'rg-59',
    connectorId: 'bnc-plug-75-crimp-6',
    frequencies: [135e6],
  },
  {
    id: 'inside-tnc',
    connects: 'Inside a rack, hot or tight, TNC sockets',
    detail: 'RG-316 class, PTFE, TNC plugs, 50 ohm',
    leadName: 'Rack patch lead',
    cableId: 'rg-316',
    connectorId: 'tnc-plug-50-crimp-2.5',
    frequencies: [1e9],
  },
  {
    id: 'mast-n',
    connects: 'Radio to a mast, N sockets',
    detail: 'low-loss foam 10 mm, N plugs, push-on contact, outdoors',
    leadName: 'Mast lead',
    cableId: 'low-loss-10',
    connectorId: 'n-plug-push-on-10-low-loss',
    frequencies: [162.025e6],
    environment: 'outdoor',
  },
  {
    id: 'whip-uhf',
    connects: 'Radio to a whip, UHF sockets',
    detail: 'RG-213 class, UHF plugs, soldered body',
    leadName: 'Whip lead',
    cableId: 'rg-213',
    connectorId: 'uhf-plug-soldered-10-silver',
    frequencies: [30e6, 156.8e6],
  },
  {
    id: 'antenna-sma',
    connects: 'Small radio to an antenna, SMA',
    detail: 'RG-316 class, SMA plug to SMA socket, an extension',
    leadName: 'SMA extension',
    cableId: 'rg-316',
    connectorId: 'sma-plug-50-crimp-2.5',
    farConnectorId: 'sma-socket-50-crimp-2.5',
    frequencies: [2.4e9],
  },
  {
    id: 'feeder-7-16',
    connects: 'Cabinet to a roof, corrugated feeder',
    detail: '1/2 inch, 7-16 plug to N socket, outdoors',
    leadName: 'Roof feeder',
    cableId: 'corrugated-1/2',
    connectorId: '7-16-plug-feeder-1/2',
    farConnectorId: 'n-socket-feeder-1/2',
    frequencies: [457.5e6],
    environment: 'outdoor',
  },
  {
    id: 'pigtail-semi-rigid',
    connects: 'Inside equipment, bent once, SMA',
    detail: 'RG-402 class, SMA plug to SMA socket, soldered on the tube',
    leadName: 'Semi-rigid pigtail',
    cableId: 'rg-402',
    connectorId: 'sma-plug-direct-rg-402',
    farConnectorId: 'sma-socket-direct-rg-402',
    frequencies: [1.575e9],
  },
  {
    id: 'trunk-splice',
    connects: 'New piece in a buried trunk',
    detail: 'aluminium 13 mm, a splice at both ends',
    leadName: 'Trunk repair',
    cableId: 'trunk-13',
    connectorId: 'trunk-splice-13',
    frequencies: [55e6, 750e6],
    environment: 'buried',
  },
  {
    id: 'drop-f',
    connects: 'Television or camera drop, F sockets',
    detail: 'RG-6 class, compression plugs, 75 ohm',
    leadName: 'Drop lead',
    cableId: 'rg-6',
    connectorId: 'f-plug-compression-rg-6',
    frequencies: [750e6],
  },
];
