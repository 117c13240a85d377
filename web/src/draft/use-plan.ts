import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import type { LeadPlan, PlanError, planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { partOf, usePart } from '../controls/part.ts';
import { database } from '../data/database.ts';

/** The plan of a lead; when the lead as it stands cannot be planned, why, with the last plan that could. */
export interface PlanView {
  readonly plan: LeadPlan | undefined;
  readonly problem: PlanProblem | undefined;
}

/** Why a lead cannot be planned; another length helps where it is too short for its ends. */
export interface PlanProblem {
  readonly message: string;
  readonly isTooShort: boolean;
}

type Attempt = { readonly plan: LeadPlan } | { readonly problem: PlanProblem };

const tooShort: PlanError['code'] = 'too short';

/** What plans, and what shows a plan that was frozen, which needs no catalogue: not part of the first screen, each is loaded when it is first wanted. */
const planner = partOf(async () => (await import('@gorvane/core/plan/lead-plan.ts')).planLead);
const frozenPlan = partOf(async () => (await import('@gorvane/core/plan/shown-plan.ts')).shownPlan);

function attempt(plan: typeof planLead, lead: Lead, cards: readonly GaugeCard[], house: House): Attempt {
  try {
    return { plan: plan(lead, cards, house) };
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error);
    return { problem: { message, isTooShort: (error as Partial<PlanError>).code === tooShort } };
  }
}

export function usePlan(
  lead: Lead | undefined,
  cards: readonly GaugeCard[],
  house: House | undefined,
): PlanView {
  const planned = usePart(planner, lead !== undefined);
  const ready =
    planned &&
    lead &&
    house &&
    lead.ends.every(({ gaugeCardId }) => cards.some(({ id }) => id === gaugeCardId));
  const now = useMemo(
    () => (ready ? attempt(planned, lead, cards, house) : undefined),
    [ready, planned, lead, cards, house],
  );
  const [lastGood, setLastGood] = useState<LeadPlan | undefined>();
  if (now && 'plan' in now && now.plan !== lastGood) setLastGood(now.plan);
  if (!now) return { plan: undefined, problem: undefined };
  return 'plan' in now
    ? { plan: now.plan, problem: undefined }
    : { plan: lastGood?.lead.id === lead?.id ? lastGood : undefined, problem: now.problem };
}

/** The plan of a saved lead, for lists and the bench. */
export function useSavedPlan(lead: Lead | undefined, house: House | undefined): LeadPlan | undefined {
  const ids = [...new Set(lead?.ends.map(({ gaugeCardId }) => gaugeCardId))].join(' ');
  const cards = useLiveQuery(
    async () => (await database.gaugeCards.bulkGet(ids.split(' '))).filter((card) => card !== undefined),
    [ids],
  );
  return usePlan(
    lead,
    useMemo(() => cards ?? [], [cards]),
    house,
  ).plan;
}

/** What is shown of a unit: as it was frozen when it was started, before that as its lead is planned now. */
export function useUnitPlan(
  frozen: FrozenPlan | null | undefined,
  lead: Lead | undefined,
  house: House | undefined,
): ShownPlan | undefined {
  const shown = usePart(frozenPlan, Boolean(frozen));
  const planned = useSavedPlan(frozen ? undefined : lead, house);
  return useMemo(() => (frozen ? shown?.(frozen) : planned), [frozen, shown, planned]);
}

/** The plans of the leads of an order, by lead; those that cannot be planned as they are are left out. */
export function useOrderPlans(
  order: Order,
  house: House | undefined,
): ReadonlyMap<string, LeadPlan> | undefined {
  const plan = usePart(planner);
  const found = useLiveQuery(async () => {
    const ids = [...new Set(order.lines.map(({ leadId }) => leadId))];
    const leads = (await database.leads.bulkGet(ids)).filter((lead) => lead !== undefined);
    const cardIds = new Set(leads.flatMap(({ ends }) => ends.map(({ gaugeCardId }) => gaugeCardId)));
    const cards = await database.gaugeCards.bulkGet([...cardIds]);
    return { leads, cards: cards.filter((card) => card !== undefined) };
  }, [order]);
  return useMemo(() => {
    if (!plan || !found || !house) return undefined;
    const plans = new Map<string, LeadPlan>();
    for (const lead of found.leads) {
      const made = attempt(plan, lead, found.cards, house);
      if ('plan' in made) plans.set(lead.id, made.plan);
    }
    return plans;
  }, [plan, found, house]);
}
