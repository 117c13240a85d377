import { describe, expect, test } from '@jest/globals';
import type { LayeredCable } from '../cable/cable.ts';
import { cables, coaxCables } from '../cable/catalogue/catalogue.ts';
import { connectorById, connectors } from '../connector/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import { featureValue, nominalGaugeCard } from '../connector/gauge-card.ts';
import { methodNames } from '../connector/method-name.ts';
import { connectorsFor } from './find-end.ts';
import { pinEndsFor } from './pin-ends.ts';
import type { House } from '../house/house.ts';
import { houseSchema } from '../house/house.ts';
import { makeLead } from '../lead/make-lead.ts';
import { starters } from '../lead/starters.ts';
import { cutOf, stripLength } from '../strip/cut-of.ts';
import { standsForItsLikes } from '../connector/terminal-block.ts';
import { counted, exampleLead, house, measuredCard, now } from '../testing/example.ts';
import { happeningsOf, simulate } from '../testing/thread-simulator.ts';
import { designReasons, designStates } from './design-states.ts';
import { freezePlan, frozenPlanSchema } from './frozen-plan.ts';
import type { LeadPlan } from './lead-plan.ts';
import { PlanError, planLead } from './lead-plan.ts';

const practised = (practice: Partial<House['practice']>): House => ({
  ...house,
  practice: { ...house.practice, ...practice },
});
const planOf = (cableId: string, connectorId: string, as: House = house) => {
  const { lead, card } = exampleLead({ cableId, connectorId });
  return planLead(lead, [card], as);
};

/** Every pair that goes together, and for each method one pair whose parts do not. */
const pairs: { cable: LayeredCable; connector: Connector }[] = [
  ...coaxCables.flatMap((cable) => connectorsFor(cable, house).map((connector) => ({ cable, connector }))),
  ...cables.flatMap((cable) =>
    cable.structure === 'sheet'
      ? []
      : pinEndsFor(cable, house)
          .filter(standsForItsLikes)
          .map((connector) => ({ cable, connector })),
  ),
];
/** Not a wire-end ferrule: it is thinner than a label sleeve, which goes on over it when both ends are fitted. */
const firstOf = (name: string) =>
  pairs.find(({ connector }) => connector.method === name && connector.series.id !== 'wire-ferrule')!;
const practices = (['tool', 'blade'] as const).flatMap((stripping) =>
  (['early', 'late'] as const).flatMap((threading) =>
    (['after the full test', 'before, as strain relief'] as const).map((outerSeal) =>
      practised({ stripping, threading, outerSeal }),
    ),
  ),
);

/** What of a plan is not whole: one expectation for hundreds of things, since each costs as much as what it looks at. */
function amissOf(plan: LeadPlan): string[] {
  const amiss: string[] = [];
  const must = (holds: boolean, what: string) => void (holds || amiss.push(what));
  for (const { end, strip, fit } of plan.ends) {
    const positions = strip.cuts.map(({ position }) => position.value);
    must(stripLength(strip).value === Math.max(...positions), `${end.id}: its strip is not its furthest cut`);
    for (const { verdict, consequence, label } of fit)
      must(verdict === 'fits' || consequence.length > 0, `${label}: no consequence`);
  }
  for (const { totalLossDb, powerAtLoad, swrInput } of plan.matches) {
    must(totalLossDb > 0, 'no loss');
    must(powerAtLoad.value < plan.lead.requirement.inputPower.value, 'no power is lost');
    must(swrInput >= 1, 'standing waves below 1');
  }
  for (const { label, expected, limit } of plan.paths)
    must(limit.value > expected, `${label}: limit not above what is expected`);
  must(plan.thread.possible, 'cannot be threaded');
  const stuck = plan.thread.possible && simulate(plan.run, happeningsOf(plan.run, plan.thread));
  if (stuck) amiss.push(stuck);
  amiss.push(...plan.withheld.map(({ message }) => message));
  return [...amiss, ...stepsAmiss(plan)];
}

/** Steps that need or go back to what does not come before them. */
function stepsAmiss({ steps, parts }: LeadPlan): string[] {
  const ids = steps.map(({ id }) => id);
  const partIds = new Set(parts.map(({ id }) => id));
  const few = steps.length > 15 ? [] : [`only ${steps.length} steps`];
  const twice = new Set(ids).size === ids.length ? [] : ['two steps of one id'];
  const lost = steps.flatMap(({ hold, endId, needs, title }, index) => {
    const before = new Set(ids.slice(0, index + 1));
    const unmet = needs.filter((need) => !before.has(need)).map((need) => `${title}: ${need} comes later`);
    const backTo = hold?.rework.backTo ?? null;
    if (!hold || backTo === null) return unmet;
    const hasTarget = steps.slice(0, index + 1).some((step) => step.role === backTo && step.endId === endId);
    const strange = hold.rework.partsOff.filter((part) => !partIds.has(part));
    return [...unmet, ...strange, ...(hasTarget ? [] : [`${title}: nowhere to go back to as ${backTo}`])];
  });
  return [...few, ...twice, ...lost];
}

describe('every cable with every connector that fits it', () => {
  test.each(cables.filter(({ structure }) => structure !== 'sheet').map(({ id }) => id))(
    '%s is planned whole with each of its ends',
    (cableId) => {
      const mine = pairs.filter(({ cable }) => cable.id === cableId);
      expect(mine.length).toBeGreaterThan(0);
      const found = mine.map(
        ({ connector }) => [connector.id, amissOf(planOf(cableId, connector.id))] as const,
      );
      expect(found.filter(([, amiss]) => amiss.length > 0)).toEqual([]);
    },
  );

  test.each(methodNames)('%s is planned whole under every practice', (name) => {
    const { cable, connector } = firstOf(name);
    expect(practices.map((as) => amissOf(planOf(cable.id, connector.id, as)))).toEqual(
      practices.map(() => []),
    );
  });

  test('what a starter offers fits throughout and needs no change', () => {
    for (const { near, far, leadName, ...starter } of starters) {
      const end = ({ connectorId, ...rest }: typeof near) => ({
        connector: connectorById(connectorId),
        ...rest,
      });
      const { lead, cards } = makeLead(
        { ...starter, name: leadName, purpose: '', near: end(near), far: far.map(end), length: 3 },
        counted(),
        now,
        house,
      );
      const plan = planLead(lead, cards, house);
      const misfits = plan.ends.flatMap(({ fit }) => fit.filter(({ verdict }) => verdict === 'does not fit'));
      expect([leadName, misfits]).toEqual([leadName, []]);
      expect([leadName, plan.pinChecks.filter(({ weight }) => weight === 'wrong')]).toEqual([leadName, []]);
      expect(plan.steps.length).toBeGreaterThan(15);
      const joints = plan.joints.filter(({ label }) => !label.includes('system'));
      expect(joints.every(({ verdict }) => verdict === 'match')).toBe(true);
    }
  });
});

describe('a lead that comes back', () => {
  test.each(methodNames)('%s on one end, the other fitted: nothing of that end is done again', (name) => {
    const { cable, connector } = firstOf(name);
    const { lead, card } = exampleLead({ cableId: cable.id, connectorId: connector.id });
    const plan = planLead({ ...lead, fittedEndIds: ['A'] }, [card], house);
    if (!plan.thread.possible) throw new Error('expected a way from the open end');
    expect(plan.steps.filter(({ endId }) => endId === 'A')).toEqual([]);
    expect(plan.steps.some(({ endId, role }) => endId === 'B' && role === 'insert')).toBe(true);
    const closed = planLead({ ...lead, fittedEndIds: ['A', 'B'] }, [card], house);
    expect(closed.thread.possible).toBe(false);
    expect(closed.steps).toEqual([]);
  });
});

describe('withheld where it would mislead', () => {
  test('a method that the cable refuses, and a card that contradicts itself, give reasons and no steps', () => {
    const refused = planOf('rg-402', 'tnc-plug-50-crimp-5');
    expect(refused.withheld[0]!.message).toMatch(/^End A: Its outer conductor is a tube/);
    expect(refused.steps).toEqual([]);
    expect(() => freezePlan(refused, house)).toThrow(/outer conductor is a tube/);
    const { lead, card } = exampleLead();
    const contradicted = planLead(lead, [measuredCard(card, { stopDepth: 5e-3 })], house);
    expect(contradicted.withheld[0]!.message).toMatch(/the stop lies further in/);
    expect(contradicted.steps).toEqual([]);
    expect(contradicted.cuts[0]!.cut.value).toBeGreaterThan(3);
  });

  test('a part that is listed twice is refused by name', () => {
    const { lead, card } = exampleLead();
    const [sleeve] = lead.extraParts;
    expect(() => planLead({ ...lead, extraParts: [sleeve!, sleeve!] }, [card], house)).toThrow(
      /label-sleeve" is listed twice/,
    );
  });
});

describe('what changes what', () => {
  test('a measured depth moves strip, cut length and resistance limit together', () => {
    const { lead, card } = exampleLead();
    const before = planLead(lead, [card], house);
    const after = planLead(
      lead,
      [measuredCard(card, { stopDepth: featureValue(card, 'stopDepth') + 1e-3 })],
      house,
    );
    const moved = (of: typeof before) => cutOf(of.ends[0]!.strip, 'conductor').position.value;
    expect(moved(after) - moved(before)).toBeCloseTo(1e-3, 9);
    expect(after.cuts[0]!.cut.value - before.cuts[0]!.cut.value).toBeCloseTo(2e-3, 9);
    expect(after.cuts[0]!.betweenJackets).toBeCloseTo(before.cuts[0]!.betweenJackets, 9);
  });

  test('a warm bench allows more resistance', () => {
    const { lead, card } = exampleLead();
    const cold = planLead(lead, [card], { ...house, roomCelsius: 5 });
    const warm = planLead(lead, [card], { ...house, roomCelsius: 35 });
    expect(warm.paths[0]!.limit.value).toBeGreaterThan(cold.paths[0]!.limit.value * 1.08);
  });

  test('two ends may differ, each with its own card and strip', () => {
    const { lead, card } = exampleLead();
    const bnc = connectors.find(({ id }) => id === 'bnc-plug-50-crimp-5')!;
    const other = nominalGaugeCard(bnc, 'bnc card', 'bag', now);
    const mixed = {
      ...lead,
      ends: lead.ends.map((end) =>
        end.id === 'B' ? { ...end, connectorId: bnc.id, gaugeCardId: other.id } : end,
      ),
    };
    const plan = planLead(mixed, [card, other], house);
    expect(plan.ends.map(({ connector }) => connector.series.series)).toEqual(['TNC', 'BNC']);
    expect(
      cutOf(plan.ends[1]!.strip, 'dielectric').position.value -
        cutOf(plan.ends[0]!.strip, 'dielectric').position.value,
    ).toBeCloseTo(0.1e-3, 9);
    expect(freezePlan(plan, house).cards.map(({ id }) => id)).toEqual([card.id, 'bnc card']);
  });

  test('a missing gauge card is an error with the end’s name, not a guess', () => {
    const { lead } = exampleLead();
    expect(() => planLead(lead, [], house)).toThrow(PlanError);
    expect(() => planLead(lead, [], house)).toThrow(/gauge card of end A is not here/);
  });

  test('an end without shrink brings none, and no step for it', () => {
    const { lead, card } = exampleLead();
    const bare = planLead(
      { ...lead, ends: lead.ends.map((end) => ({ ...end, shrink: end.id === 'A' })) },
      [card],
      house,
    );
    expect(bare.parts.map(({ id }) => id)).toEqual(['A/ferrule', 'A/shrink', 'B/ferrule', 'label-sleeve']);
    expect(bare.steps.filter(({ role }) => role === 'seal').map(({ endId }) => endId)).toEqual(['A']);
  });
});

describe('warnings on the bench edge', () => {
  const crimped = (changed = house) => planOf('rg-223', 'tnc-plug-50-crimp-5', changed);
  test('none for a lead that fits', () => {
    expect(new Set(Object.values(designStates(crimped())))).toEqual(new Set(['open']));
  });
  test.each([
    ['Choose', 'impedance', () => planOf('rg-59', 'tnc-plug-50-crimp-5')],
    ['Strip', 'closer tolerance than its tool', () => crimped(practised({ stripping: 'blade' }))],
    ['Join', 'No die', () => crimped({ ...house, dies: [] })],
    ['Thread', 'No shrink or sleeve in Stores', () => crimped({ ...house, shrink: [] })],
  ] as const)('%s when something there wants a look: %s', (stage, why, plan) => {
    expect(designStates(plan())[stage]).toBe('warning');
    expect(designReasons(plan())[stage].join(' ')).toContain(why);
  });
});

test('a frozen plan and a house are valid by their own schemas after a trip through JSON', () => {
  const { lead, card } = exampleLead();
  const frozen = freezePlan(planLead(lead, [card], house), house);
  const there = JSON.parse(JSON.stringify(frozen)) as unknown;
  expect(frozenPlanSchema.parse(there)).toEqual(there);
  const [meter] = house.instruments;
  const impossible = { ...meter!, ohms: { wires: 4, relative: -1, fixed: 0 } };
  expect(houseSchema.safeParse({ ...house, instruments: [impossible] }).success).toBe(false);
  expect(houseSchema.safeParse({ ...house, dies: [0] }).success).toBe(false);
});
