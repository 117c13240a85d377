import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';

import { longestWay } from '@gorvane/core/lead/in-words.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';

const endsOf = (plan: LeadPlan) => plan.ends.map(({ connector }) => connector.series.id);
const lengthOf = (plan: LeadPlan) => plan.cuts[0]!.betweenJackets;

/** The address of the lab's budget for the run of a lead. */
export function budgetAddress(plan: LeadPlan): string {
  const { requirement } = plan.lead;
  const [near = 'none', far = 'none'] = endsOf(plan);
  const params = new URLSearchParams({
    f: requirement.frequencies.map(formatFrequency).join('; '),
    length: formatMetres(lengthOf(plan)),
    z: String(requirement.systemImpedance),
    power: formatPower(requirement.inputPower.value),
    near,
    far,
  });
  return `/lab/budget?${params}`;
}

/** The address of the lab's chain that a lead is. */
export function chainAddress(plan: LeadPlan): string {
  const [near, far] = endsOf(plan);
  const chain = [
    { kind: 'connector', seriesId: near },
    { kind: 'cable', cableId: plan.ends[0]!.cable.id, length: Number(lengthOf(plan).toPrecision(6)) },
    { kind: 'connector', seriesId: far },
  ];
  const highest = Math.max(...plan.lead.requirement.frequencies);
  const params = new URLSearchParams({
    chain: JSON.stringify(chain),
    ref: `${plan.lead.requirement.systemImpedance} ohm`,
    band: `1 MHz to ${formatFrequency(Math.max(100e6, 2 * highest))}`,
  });
  return `/lab/chain?${params}`;
}

/** The address of the lab's finder of ends, for one end of a lead. */
export function finderAddress(lead: Lead, endId: string): string {
  const { requirement } = lead;
  const params = new URLSearchParams({
    cable: lead.pieces[0]!.cableId,
    z: `${requirement.systemImpedance} ohm`,
    f: formatFrequency(Math.max(...requirement.frequencies)),
    power: formatPower(requirement.inputPower.value),
    where: lead.environment,
    lead: lead.id,
    end: endId,
  });
  return `/lab/ends?${params}`;
}

/** The address of the lab's page that goes on from the figures of a lead that is no radio line. */
export function signalAddress({ lead, ends }: LeadPlan): string {
  const cable = ends[0]!.cable.id;
  const length = formatMetres(longestWay(lead));
  const { load, systemImpedance } = lead.requirement;
  if (lead.signal === 'speaker')
    return `/lab/speaker?${new URLSearchParams({ length, load: `${load.re} ohm` })}`;
  if (lead.signal === 'lighting') return `/lab/bus?${new URLSearchParams({ cable, length })}`;
  const params = new URLSearchParams({
    cable,
    use: lead.signal === 'balanced' ? 'balanced' : 'unbalanced',
    length,
    source: `${systemImpedance} ohm`,
    load: `${load.re} ohm`,
  });
  return `/lab/audio?${params}`;
}
