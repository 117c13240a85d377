import { formatDecibels } from '../quantity/decibel.ts';
import { formatFrequency } from '../quantity/frequency.ts';
import { formatMetres } from '../quantity/length.ts';
import { formatPower } from '../quantity/power.ts';

/** What is said of a radio lead that is proposed: made from names and figures alone. */

interface Socket {
  readonly label: string;
  readonly impedance: number;
}

export const twoImpedancesWords = (near: Socket, far: Socket) =>
  `${near.label} is ${near.impedance} ohm and ${far.label} ${far.impedance} ohm: a cable matches one of them. Choose two sockets of one impedance, or put a matching pad between.`;

export const layersUnknownWords = 'its layers are not known';

export const noEndWords = (port: string) => `no end that mates with ${port} goes on it`;

export const endWords = (end: string, connector: string, port: string) =>
  `End ${end}: ${connector}. It mates with ${port}, and goes on this cable.`;

export const lossWords = (of: {
  readonly cable: string;
  readonly lossDb: number;
  readonly limitDb: number;
  readonly length: number;
  readonly frequency: number;
}) =>
  `${of.cable} loses ${formatDecibels(of.lossDb)} over ${formatMetres(of.length)} at ${formatFrequency(of.frequency)}, both connectors counted; ${formatDecibels(of.limitDb)} are allowed.`;

export const powerWords = (stands: number, asked: number) =>
  `It stands ${formatPower(Number(stands.toPrecision(2)))}; ${formatPower(asked)} go in.`;
