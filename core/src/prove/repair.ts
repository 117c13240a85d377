import type { Scrap } from '../recipe/scrap.ts';
import type { Step } from '../recipe/step.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { methodOf } from '../method/methods.ts';
import type { Fault } from './fault.ts';
import { endOfFault } from './fault.ts';
import type { Wiring } from '../wiring/wiring.ts';

/** Where mending begins, and what it costs: nothing where the connector opens again. */
export interface Repair {
  readonly target: Step;
  readonly cost: { readonly scrap: Scrap[]; readonly partsOff: string[]; readonly uses: number };
}

/**
 * The step at which a fault of an end was made or can be mended: its joint, where the connector opens again; else the
 * end is cut off and stripped again, whatever is wrong in it, because nothing inside can be reached.
 */
export function repairOf(
  lead: Lead,
  wiring: Wiring,
  steps: readonly Step[],
  fault: Fault,
): Repair | undefined {
  const endId = endOfFault(wiring, fault);
  const { method } = leadConnector(lead, endById(lead, endId).connectorId);
  const contacts = contactsOf(wiring, fault);
  const joint = methodOf(method).traits.reusable
    ? steps.find(
        ({ endId: at, role, about }) =>
          at === endId && role === 'joint' && contacts.some((contact) => contact === about),
      )
    : undefined;
  if (joint) return { target: joint, cost: { scrap: [], partsOff: [], uses: 0 } };
  const first = firstStepOfEnd(steps, endId);
  return first && { target: first, cost: remakeCost(steps, endId) };
}

/** The contacts whose joints a fault is about; every one of the end where its numbering is wrong. */
function contactsOf(wiring: Wiring, fault: Fault): string[] {
  const at = (point: number | null) => (point === null ? [] : [wiring.points[point]!.contact]);
  const planned = (terminal: number) => at(wiring.terminals[terminal]!.point);
  switch (fault.kind) {
    case 'open':
      return planned(fault.terminal);
    case 'wrong contact':
      return [...planned(fault.terminal), ...at(fault.point)];
    case 'swap':
      return fault.terminals.flatMap(planned);
    case 'short':
      return fault.points.flatMap(at);
    default:
      return wiring.points.filter(({ endId }) => endId === fault.endId).map(({ contact }) => contact);
  }
}

/** Where making an end again begins. */
export function firstStepOfEnd(steps: readonly Step[], endId: string): Step | undefined {
  return steps.find((step) => step.endId === endId && step.stage === 'Strip');
}

/** What making an end again costs: the dearest rework of its own hold points, which is cutting the closed end off. */
export function remakeCost(steps: readonly Step[], endId: string): Repair['cost'] {
  const costs = steps
    .filter((step) => step.endId === endId && step.stage === 'Join')
    .flatMap(({ hold }) => (hold ? [hold.rework] : []));
  const { scrap, partsOff, uses } = costs.reduce(
    (dearest, cost) => (cost.uses > dearest.uses ? cost : dearest),
    costs[0]!,
  );
  return { scrap, partsOff, uses };
}
