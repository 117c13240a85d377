import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { firstStepOfEnd, remakeCost } from '@gorvane/core/prove/repair.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { emptyArchive } from '@gorvane/core/file/archive-tables.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { firstRevision } from '@gorvane/core/record/revise.ts';
import { reworkTo, stepDone } from '@gorvane/core/unit/advance.ts';
import type { Unit, UnitEvent, UnitHappening } from '@gorvane/core/unit/unit.ts';
import { identity, identityAt, opening, timeAt } from './design.ts';
import { ferryLanding } from './ferry-landing.ts';
import { provedBy, Story } from './story.ts';

/** A shop that has worked for years: the leads of the landing in many lengths, ordered again and again. */
export interface Years {
  /** All but the units. */
  readonly head: Archive;
  /** Units with their records, an order at a time, oldest first. */
  readonly orders: () => Generator<{ readonly units: Unit[]; readonly events: UnitEvent[] }>;
}

const unitsOfOrder = 20;
/** Minutes between the starts of two units: some forty a day. */
const pace = 13;
/** Leads that differ in length, of each design, at most. */
const mostLengths = 50;
const people = ['Bench one', 'Bench two', 'Bench three', 'Bench four'];

/** So many units of a shop, from a seed: the same every time. Plans, proofs and faults are worked out as at the bench. */
export function yearsOfShop(units: number, seed: number): Years {
  const base = ferryLanding();
  const [house] = base.house;
  const count = Math.ceil(units / unitsOfOrder);
  const leads = Array.from({ length: Math.min(count, base.leads.length * mostLengths) }, (_, n) =>
    variant(base.leads[n % base.leads.length]!, Math.floor(n / base.leads.length)),
  );
  const orders = Array.from({ length: count }, (_, n) => orderOf(n, leads[n % leads.length]!));
  return {
    head: {
      ...emptyArchive(),
      leads,
      gaugeCards: base.gaugeCards,
      orders,
      house: [house!],
      bench: base.bench,
      papers: base.papers,
    },
    *orders() {
      const random = seededRandom(seed);
      const proofs = new Proofs();
      for (const [n, order] of orders.entries()) {
        const lead = leads[n % leads.length]!;
        const size = Math.min(unitsOfOrder, units - n * unitsOfOrder);
        const plan = planOf(lead, base.gaugeCards, house!, n < leads.length ? undefined : lead.id);
        const stories = Array.from({ length: size }, (__, at) =>
          told({ order, lead, plan, serial: n * unitsOfOrder + at + 1, at, random, proofs, of: units }),
        );
        yield {
          units: stories.map(({ unit }) => unit),
          events: stories.flatMap(({ events }) => events),
        };
      }
    },
  };
}

/** A lead of the landing in another length. */
function variant(lead: Lead, n: number): Lead {
  if (n === 0) return lead;
  return {
    ...lead,
    id: identity(`variant ${n} of ${lead.name}`),
    name: `${lead.name} ${n + 1}`,
    legs: lead.legs.map((leg) => ({ ...leg, finishedLength: leg.finishedLength + n / 20 })),
  };
}

function orderOf(n: number, lead: Lead): Order {
  return {
    ...firstRevision(identity(`order ${n}`), opening),
    name: `Refit ${n + 1}, ${lead.purpose}`.slice(0, 80),
    wantedBy: 'Landing refit crew',
    due: null,
    lines: [{ id: identity(`line ${n}`), leadId: lead.id, quantity: unitsOfOrder }],
  };
}

const plans = new Map<string, FrozenPlan>();

/** A lead that is ordered again is built to the same plan. */
function planOf(
  lead: Lead,
  cards: readonly GaugeCard[],
  house: House,
  known: string | undefined,
): FrozenPlan {
  const before = known === undefined ? undefined : plans.get(known);
  if (before) return before;
  const own = cards.filter(({ id }) => lead.ends.some(({ gaugeCardId }) => gaugeCardId === id));
  const plan = freezePlan(planLead(lead, own, house), house);
  plans.set(lead.id, plan);
  return plan;
}

/** Proofs of a plan, worked out a few times each and told again: it is the records that are many. */
class Proofs {
  private readonly known = new Map<string, UnitHappening>();
  private static readonly readings = 2;

  of(plan: FrozenPlan, by: string, isOpen: boolean, serial: number): UnitHappening {
    const seed = serial % Proofs.readings;
    const key = `${plan.lead.id} ${by} ${isOpen} ${seed}`;
    const before = this.known.get(key);
    if (before) return before;
    const proof = provedBy(plan, by, isOpen ? [{ kind: 'open', terminal: 2 }] : [], seed);
    this.known.set(key, proof);
    return proof;
  }
}

interface Telling {
  readonly order: Order;
  readonly lead: Lead;
  readonly plan: FrozenPlan;
  readonly serial: number;
  readonly at: number;
  readonly random: () => number;
  readonly proofs: Proofs;
  readonly of: number;
}

/** What comes to pass with one unit: most are built without a hitch, some go back, are given up, or still lie on the bench. */
function told({
  order,
  lead,
  plan,
  serial,
  at,
  random,
  proofs,
  of,
}: Telling): Pick<Story, 'unit' | 'events'> {
  const minute = (serial - of) * pace;
  const isOfToday = serial > of - Math.max(4, of / 200);
  const unit: Unit = {
    ...firstRevision(identityAt(timeAt(minute), `unit ${serial}`), opening),
    serial: `OS-${String(serial).padStart(6, '0')}`,
    leadId: lead.id,
    orderId: order.id,
    lineId: order.lines[0]!.id,
    sequence: at + 1,
    plan,
  };
  if (isOfToday && random() < 0.5) return { unit: { ...unit, plan: null }, events: [] };
  const by = people[Math.floor(random() * people.length)]!;
  const story = new Story(unit, minute, by);
  const proveAt = plan.steps.findIndex(({ role }) => role === 'prove');
  if (isOfToday) {
    story.build(plan.steps.slice(0, Math.floor(random() * proveAt)), random);
    if (random() < 0.2) story.tell({ kind: 'set aside', reason: 'connectors have not come' });
    return story;
  }
  story.build(plan.steps.slice(0, proveAt), random);
  if (random() < 0.04) mended(story, plan, proveAt, proofs, serial, random);
  if (random() < 0.01) {
    story.tell({ kind: 'scrapped', reason: 'too short after the second try' });
    return story;
  }
  story.tell(proofs.of(plan, by, false, serial));
  story.tell(stepDone(plan.steps[proveAt]!));
  story.build(plan.steps.slice(proveAt + 1), random);
  story.tell({ kind: 'finished' });
  if (random() < 0.005) story.tell({ kind: 'came back', reason: 'crackles when it is bent' });
  return story;
}

/** Out at the first proof: an end is made again. */
function mended(
  story: Story,
  plan: FrozenPlan,
  proveAt: number,
  proofs: Proofs,
  serial: number,
  random: () => number,
): void {
  const endId = plan.lead.ends.at(-1)!.id;
  const target = firstStepOfEnd(plan.steps, endId);
  if (!target) return;
  const { id: stepId } = plan.steps[proveAt]!;
  story.tell(proofs.of(plan, story.by, true, serial));
  story.tell({
    kind: 'trouble',
    stepId,
    seen: 'cold',
    outcome: 'end made again',
    advice: 'Cut the end off and make it again.',
    scrap: [],
  });
  story.tell(reworkTo(target, stepId, remakeCost(plan.steps, endId), 'open at the far end'));
  const again = plan.steps.slice(plan.steps.indexOf(target), proveAt).filter((step) => step.endId === endId);
  story.build(
    again.map((step) => ({ ...step, threads: [] })),
    random,
  );
}
