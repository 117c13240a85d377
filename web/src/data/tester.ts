import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { testVirtualLead } from '@gorvane/core/prove/virtual-lead.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';

/** A stand-in over the virtual lead that this browser has by itself, where no bridge answers. */
export function readWithTester(
  frozen: FrozenPlan,
  settings: { readonly seed: number; readonly faults: readonly InjectedFault[]; readonly celsius: number },
  by: string,
): Readings {
  const virtual = {
    lead: frozen.lead,
    lengths: new Map(Object.entries(frozen.lengths)),
    celsius: settings.celsius,
    faults: settings.faults,
  };
  return testVirtualLead(
    virtual,
    by,
    `stand-in tester, seed ${settings.seed}`,
    seededRandom(settings.seed),
    frozen.family,
  );
}
