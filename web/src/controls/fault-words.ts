import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { cableById } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { methodOf } from '@gorvane/core/method/methods.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { endById } from '@gorvane/core/lead/lead.ts';
import { chokesOf } from '@gorvane/core/fit/choke-rejection.ts';
import type { Fault } from '@gorvane/core/prove/fault.ts';
import { endOfFault } from '@gorvane/core/prove/fault.ts';
import { mayBeInCable } from '@gorvane/core/prove/next-measurement.ts';
import type { CableFault, InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { isCableFault } from '@gorvane/core/prove/injected-fault.ts';
import type { Wiring } from '@gorvane/core/wiring/wiring.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';

/** A fault in words: what, and at which end. */
export function wordFault(lead: Lead, wiring: Wiring, fault: InjectedFault): string {
  const conductor = (terminal: number) => wiring.conductors[wiring.terminals[terminal]!.conductor]!.label;
  const contact = (point: number) => wiring.points[point]!.contact;
  const endOf = (terminal: number) => endById(lead, wiring.terminals[terminal]!.endId).name;
  if (isCableFault(fault)) return wordCableFault(lead, fault);
  switch (fault.kind) {
    case 'open':
      return `${conductor(fault.terminal)} open at end ${endOf(fault.terminal)}`;
    case 'short':
      return `${contact(fault.points[0])} and ${contact(fault.points[1])} touch at end ${endById(lead, wiring.points[fault.points[0]]!.endId).name}`;
    case 'swap':
      return `${conductor(fault.terminals[0])} and ${conductor(fault.terminals[1])} changed over at end ${endOf(fault.terminals[0])}`;
    case 'wrong contact':
      return `${conductor(fault.terminal)} on the ${contact(fault.point)} contact at end ${endOf(fault.terminal)}`;
    case 'rotated':
      return `all contacts moved on by ${fault.by} at end ${endById(lead, fault.endId).name}`;
    case 'mirrored':
      return `all contacts counted from the other side at end ${endById(lead, fault.endId).name}`;
    case 'leak':
      return `${contact(fault.points[0])} and ${contact(fault.points[1])} leak, ${formatResistance(fault.ohms)}, at end ${endById(lead, wiring.points[fault.points[0]]!.endId).name}`;
    case 'intermittent':
      return `${conductor(fault.terminal)} joint loose at end ${endOf(fault.terminal)}: drops when it is moved`;
    case 'wrong beads': {
      const choke = chokesOf(lead).find(({ id }) => id === fault.chokeId);
      return `beads of another material${choke ? ` near end ${endById(lead, choke.nearEndId).name}` : ''}`;
    }
    case 'high resistance':
      return `${conductor(fault.terminal)} joint with ${formatResistance(fault.ohms)} too much at end ${endOf(fault.terminal)}`;
  }
}

/** What is wrong inside the cable, and where along it. */
function wordCableFault(lead: Lead, fault: CableFault): string {
  const of = lead.pieces.length > 1 ? ` of ${fault.pieceId}` : '';
  const percent = (part: number) => `${Math.round(part * 100)} %`;
  switch (fault.kind) {
    case 'cable open':
      return `${fault.conductor} broken in the cable${of}, at ${percent(fault.at)}`;
    case 'cable short':
      return `${fault.conductors.join(' and ')} touch in the cable${of}, at ${percent(fault.at)}`;
    case 'crush':
      return `cable${of} pressed flat at ${percent(fault.at)}`;
    case 'water':
      return `water in the cable${of}, ${formatMetres(fault.length)} at ${percent(fault.at)}`;
    case 'wrong cable':
      return `cable${of} is ${cableById(fault.cableId).name}`;
  }
}

/** Where a fault probably sits and what it usually is; once it is placed at its end, nothing is said of the cable. */
export function wordPlace(lead: Lead, wiring: Wiring, fault: Fault, isPlaced: boolean): string {
  const { name: end, connectorId } = endById(lead, endOfFault(wiring, fault));
  const causes: Record<Fault['kind'], string> = {
    ...methodOf(connectorById(connectorId).method).usualFaults,
    swap: 'conductors on each other’s contacts',
    'wrong contact': 'a conductor on a contact that is not its own',
    rotated: 'counted from the wrong contact',
    mirrored: 'counted from the wrong side of the connector',
  };
  return `End ${end}: ${causes[fault.kind]}.${!isPlaced && mayBeInCable(wiring, fault) ? ' Less likely: the cable itself, somewhere between.' : ''}`;
}
