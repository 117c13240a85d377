import type { InstrumentRequest } from '@gorvane/core/instrument/messages.ts';
import type { Temper, VirtualSetup } from '@gorvane/core/instrument/virtual-setup.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { exampleLead, house } from '@gorvane/core/testing/example.ts';

const { lead, card } = exampleLead();
export const plan = planLead(lead, [card], house);

/** The receiver patch lead on the simulated bench. */
export function laidOut(
  faults: readonly InjectedFault[] = [],
  change: { temper?: Temper; seed?: number } = {},
): VirtualSetup {
  return {
    lead,
    lengths: Object.fromEntries(plan.lengths),
    celsius: 20,
    faults: [...faults],
    seed: change.seed ?? 1,
    temper: change.temper ?? 'well',
  };
}

export const matrix: InstrumentRequest = { kind: 'matrix', points: 4 };
export const quiet = { cancelled: () => false, progress: () => undefined };
