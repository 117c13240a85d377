import { speakerTargets } from '../speaker/speaker-verdict.ts';
import type { LayoutName } from '../connector/contact.ts';
import { automaticName } from './automatic-name.ts';
import { cableById, cables } from '../cable/catalogue/catalogue.ts';
import type { CoreCable } from '../cable/cable.ts';
import { connectorById, connectors } from '../connector/catalogue/catalogue.ts';
import type { TerminalBlock } from '../connector/terminal-block.ts';
import { nearestBlock } from '../connector/terminal-block.ts';
import { resistancePerMetre } from '../cable/conductors.ts';
import { longestRun } from '../speaker/speaker-line.ts';
import type { EndRequest, LeadRequest } from './make-lead.ts';
import type { Channel, Signal } from '../connector/signal.ts';
import type { DeviceSocket } from './device-sockets.ts';
import { deviceSocketById } from './device-sockets.ts';

/** Sockets with one hot contact: they take half of a stereo signal. */
const oneChannel = ['jack-6', 'phono'];

/** What is to be connected. Length in metres. */
export interface WhatToWhat {
  readonly signal: Signal;
  readonly near: string;
  readonly far: readonly string[];
  readonly length: number;
  /** The block that its terminal headers take; the usual one where nobody says. */
  readonly block?: TerminalBlock;
  /** At a split: both cables run through uncut, or the trunk is one cable and joined there. */
  readonly split?: 'carried through' | 'joined';
}

/** A lead that would do, with why it is so; everything can be changed afterwards. */
export interface LeadProposal {
  readonly request: LeadRequest;
  readonly reasons: readonly string[];
}

const legs = { length: 0.5, share: 0.3 } as const;

/** Legs of a Y are half a metre, or less where the whole is short. */
const legLength = (length: number) => Math.min(legs.length, length * legs.share);

/** What a speaker lead is chosen for: the wanted level loss, into 8 ohm. */
const speakerTarget = { lossDb: speakerTargets.target, load: 8, output: 0.05 } as const;

/** @throws RangeError when a socket does not carry the signal, or only half of it. */
function refuseUnfit(signal: Signal, sockets: readonly DeviceSocket[], split: boolean): void {
  const unfit = sockets.find(({ signals }) => !signals.includes(signal));
  if (unfit)
    throw new RangeError(`${unfit.label} does not carry ${signal}: choose another socket or signal.`);
  const single = (split ? sockets.slice(0, 1) : sockets).find(
    ({ id }) => signal === 'stereo' && oneChannel.includes(id),
  );
  if (single)
    throw new RangeError(
      `${single.label} carries one channel: start from a stereo socket, and choose two of these to go to.`,
    );
}

/**
 * Proposes ends, cable and pin plan from two or three sockets and what goes between them.
 * @throws RangeError when a socket does not carry the signal.
 */
export function proposeLead({
  signal,
  near,
  far,
  length,
  block,
  split: how = 'carried through',
}: WhatToWhat): LeadProposal {
  const sockets = [near, ...far].map(deviceSocketById);
  const split = far.length > 1;
  refuseUnfit(signal, sockets, split);
  const joined = split && how === 'joined';
  const { cableId, why } = cableFor(signal, sockets, length, split && !joined);
  const connectors = sockets.map((socket) => connectorFor(socket, cableId, block));
  const reasons = sockets.map(
    ({ label }, index) =>
      `End ${String.fromCharCode(65 + index)}: ${connectors[index]!.name}, because it mates with ${label}.`,
  );
  reasons.push(why);
  const channels: readonly (Channel | undefined)[] =
    signal === 'stereo' && split ? ['left', 'right'] : sockets.map(() => undefined);
  const ends = connectors.slice(1).map((connector, index): EndRequest => ({
    connector,
    channel: channels[index],
    marker: channels[index] === 'left' ? 'white' : channels[index] === 'right' ? 'red' : undefined,
    legLength: split ? legLength(length) : undefined,
  }));
  if (split) {
    reasons.push(
      joined
        ? 'One cable up to the split, joined there conductor by conductor, each joint in its sleeve. Legs are equally long.'
        : 'Two cables run through the split uncut: no joint, no gap in the shield. Legs are equally long.',
    );
    if (signal === 'stereo')
      reasons.push('Left is marked white, right red: twins are told apart by their rings.');
  }
  reasons.push(pinReason(signal));
  return {
    reasons,
    request: {
      name: automaticName(connectors, cableById(cableId)),
      purpose: '',
      signal,
      cableId,
      legCableId: joined && signal === 'stereo' ? 'twin-phono' : undefined,
      split: split ? how : undefined,
      near: { connector: connectors[0]! },
      far: ends,
      length: split ? length - legLength(length) : length,
      frequencies: [signal === 'lighting' ? 250e3 : 20e3],
    },
  };
}

/** How the contacts of what goes into a socket lie; null for a coaxial one. */
function layoutOf(connectorId: string): LayoutName | null {
  const { series } = connectorById(connectorId);
  return series.kind === 'pins' ? series.layout : null;
}

function cableFor(
  signal: Signal,
  sockets: readonly DeviceSocket[],
  length: number,
  split: boolean,
): { cableId: string; why: string } {
  const layouts = sockets.map(({ connectorId }) => layoutOf(connectorId));
  const header = layouts.includes('row');
  const round3 = layouts.includes('round-3');
  const round = round3 || layouts.includes('round-5');
  switch (signal) {
    case 'balanced':
      return header
        ? {
            cableId: 'install-pair',
            why: 'Install pair with foil and drain: it lies in a duct, and its drain goes under a clamp.',
          }
        : {
            cableId: 'mic-pair',
            why: 'Microphone pair with braid: flexible, two cores and a shield for hot, cold and return.',
          };
    case 'unbalanced':
      return round
        ? { cableId: 'mic-pair', why: 'Microphone pair: cold has its own core up to the unbalanced end.' }
        : {
            cableId: 'instrument',
            why: 'Instrument cable: its conductive layer keeps it quiet when it is moved; take that layer off at both ends.',
          };
    case 'stereo':
      return split
        ? {
            cableId: 'twin-phono',
            why: 'Screened cable for each side: left and right do not talk to each other.',
          }
        : {
            cableId: 'mic-pair',
            why: 'Microphone pair: a core for left, a core for right, the braid as their return.',
          };
    case 'lighting':
      return {
        cableId: header || round3 ? 'lighting-1-pair' : 'lighting-2-pair',
        why: 'Pairs of 120 ohm: microphone cable has more capacitance and mostly another impedance, and its edges ring.',
      };
    case 'speaker':
      return speakerCable(length);
    default:
      return { cableId: 'install-pair', why: 'Install pair with foil and drain.' };
  }
}

/** Spades and ferrules come in sizes by the copper that goes into them, terminal blocks as they are asked for. */
function connectorFor({ id, connectorId }: DeviceSocket, cableId: string, block: TerminalBlock | undefined) {
  const cable = cableById(cableId);
  const area = cable.structure === 'cores' ? cable.conductor.area : 0;
  if (id === 'header' && block) return nearestBlock(connectors, block)!;
  if (id === 'screws') return connectorById(area < 3e-6 ? 'spade-pair-2.5' : connectorId);
  if (id === 'ferrules')
    return connectorById(ferruleSizes.find(({ upTo }) => area <= upTo)?.connectorId ?? connectorId);
  return connectorById(connectorId);
}

/** Wire-end ferrules by the copper that they take, m2. */
const ferruleSizes = [
  { upTo: 0.35e-6, connectorId: 'wire-ferrule-pair-0.34' },
  { upTo: 1.55e-6, connectorId: 'wire-ferrule-pair-1.5' },
  { upTo: 2.55e-6, connectorId: 'wire-ferrule-pair-2.5' },
  { upTo: 4.1e-6, connectorId: 'wire-ferrule-pair-4' },
] as const;

/** The thinnest speaker cable that keeps the level loss and goes into the ends. */
function speakerCable(length: number): { cableId: string; why: string } {
  const { lossDb, load, output } = speakerTarget;
  const twin = cables.filter(
    (cable): cable is CoreCable =>
      cable.structure === 'cores' && cable.family === 'speaker' && cable.cores === 2,
  );
  const reach = (cable: CoreCable) =>
    longestRun(lossDb, 2 * resistancePerMetre(cable, cable.coreNames[0]!), load, output);
  const enough = twin.find((cable) => reach(cable) >= length) ?? twin.at(-1)!;
  return {
    cableId: enough.id,
    why: `${enough.name}: ${
      reach(enough) >= length ? 'the thinnest that loses' : 'the thickest there is; it loses more than'
    } ${reach(enough) >= length ? 'at most ' : ''}${lossDb} dB into ${load} ohm over ${Number(length.toPrecision(3))} m.`,
  };
}

function pinReason(signal: Signal): string {
  switch (signal) {
    case 'lighting':
      return 'Contact 1 common, 2 and 3 data 1 - and +, 4 and 5 data 2 (ANSI E1.11); the screen never on the shell.';
    case 'balanced':
      return 'Contact 1 or sleeve shield, 2 or tip hot, 3 or ring cold; a terminal block follows its device.';
    case 'stereo':
      return 'Tip left, ring right, sleeve the shields of both.';
    case 'speaker':
      return 'Plus to plus, the coloured core on plus at both ends.';
    case 'unbalanced':
      return 'Tip hot, sleeve shield.';
    default:
      return 'Cores to contacts in their order until House has the device; look its order up, do not remember it.';
  }
}
