import type { Step } from '../build/step.ts';
import type { Fault } from './fault.ts';
import { endOfFault } from './fault.ts';
import type { Wiring } from './wiring.ts';

/**
 * The step at which a fault of an end was made or can be mended: a closed crimp end is cut off and stripped again,
 * whatever is wrong in it, because nothing inside can be reached.
 */
export function repairStep(wiring: Wiring, steps: readonly Step[], fault: Fault): Step | undefined {
  return firstStepOfEnd(steps, endOfFault(wiring, fault));
}

/** Where making an end again begins. */
export function firstStepOfEnd(steps: readonly Step[], endId: string): Step | undefined {
  return steps.find((step) => step.endId === endId && step.stage === 'Strip');
}

/** What making an end again costs: the dearest rework of its own hold points, which is cutting the closed end off. */
export function remakeCost(
  steps: readonly Step[],
  endId: string,
): { scrap: string[]; partsOff: string[]; uses: number } {
  const costs = steps
    .filter((step) => step.endId === endId && step.stage === 'Join')
    .flatMap(({ hold }) => (hold ? [hold.rework] : []));
  const { scrap, partsOff, uses } = costs.reduce(
    (dearest, cost) => (cost.uses > dearest.uses ? cost : dearest),
    costs[0]!,
  );
  return { scrap, partsOff, uses };
}
