import { checksum } from '@gorvane/core/record/checksum.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { LeadRequest } from '@gorvane/core/lead/make-lead.ts';
import { makeLead } from '@gorvane/core/lead/make-lead.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';

/** The scenario is fixed in time and identity, so that it is the same archive every time it is written. */
const startOfWork = Date.parse('2026-11-16T07:30:00.000Z');
const minute = 60_000;
const day = 24 * 60 * minute;
/** A working day of the bench, minutes. */
export const workingDay = 540;
/** Working minutes since the opening, a Monday: nights and weekends lie between. */
export const timeAt = (minutes: number) => {
  const days = Math.floor(minutes / workingDay);
  const calendar = days + 2 * Math.floor(days / 5);
  return new Date(startOfWork + calendar * day + (minutes - days * workingDay) * minute).toISOString();
};
export const opening = timeAt(0);

/** Identities made from a name: stable, and in the form of a UUID. */
export function identity(name: string): string {
  const hex = digits(name);
  return uuid(hex.slice(0, 12), `4${hex.slice(13, 16)}`, hex);
}

/** The same of what came at a time, which it begins with as those do that the application gives (RFC 9562, version 7). */
export function identityAt(time: string, name: string): string {
  const hex = digits(name);
  return uuid(Date.parse(time).toString(16).padStart(12, '0'), `7${hex.slice(13, 16)}`, hex);
}

const digits = (name: string) => checksum(`orrin sound landing/${name}`);

const uuid = (first: string, version: string, hex: string) =>
  [first.slice(0, 8), first.slice(8), version, `8${hex.slice(17, 20)}`, hex.slice(20, 32)].join('-');

function counted(prefix: string): () => string {
  let count = 0;
  return () => identity(`${prefix} ${++count}`);
}

/** A lead of the scenario with the cards of its ends and the plan that follows. */
export interface Design {
  readonly lead: Lead;
  readonly cards: readonly GaugeCard[];
  readonly plan: LeadPlan;
}

/** A lead that the landing orders, how many, and what came to pass with those that are done. */
export interface Ordered extends Design {
  readonly quantity: number;
  /** One entry for each unit that is finished: the faults that its first proof found. */
  readonly finished: readonly (readonly InjectedFault[])[];
  /** What the fault was, in the words of who mended it. */
  readonly found: string;
}

/** What was measured on the bag of an end's connectors, metres, and what the bag is called. */
export interface Bag {
  readonly name: string;
  readonly measured?: Partial<Record<keyof GaugeCard['features'], number>>;
  /** What somebody has found in it. */
  readonly contents?: GaugeCard['contents'];
}

/** A lead as its request says, changed where the scenario wants more, with the bags that its connectors come from. */
export function design(
  house: House,
  request: LeadRequest,
  bags: readonly Bag[],
  change: (lead: Lead) => Lead = (lead) => lead,
): Design {
  const made = makeLead(request, counted(request.name), opening, house);
  const cards = made.cards.map((card, index) => {
    const bag = bags[index];
    if (!bag) return card;
    const features = { ...card.features };
    for (const [name, value] of Object.entries(bag.measured ?? {}))
      features[name as keyof typeof features] = { value, state: 'measured' };
    return { ...card, name: bag.name, features, ...(bag.contents ? { contents: bag.contents } : {}) };
  });
  const lead = change(made.lead);
  return { lead, cards, plan: planLead(lead, cards, house) };
}
