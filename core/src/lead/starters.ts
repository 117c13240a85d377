/** A lead to start from: what it connects, with cable, connector and frequencies that suit. */
export interface Starter {
  readonly id: string;
  /** What it connects, in the words of who asks for it. */
  readonly connects: string;
  readonly detail: string;
  readonly leadName: string;
  readonly cableId: string;
  readonly connectorId: string;
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
];
