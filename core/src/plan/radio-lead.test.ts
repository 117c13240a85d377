import { describe, expect, test } from '@jest/globals';
import type { NamedPort } from '../connector/port.ts';
import { matingPorts } from '../connector/port.ts';
import { isCoaxial } from '../connector/connector.ts';
import { makeLead } from '../lead/make-lead.ts';
import { counted, house, now } from '../testing/example.ts';
import { planLead } from './lead-plan.ts';
import type { RadioWant } from './radio-lead.ts';
import { proposeRadioLeads } from './radio-lead.ts';

const port = (id: string): NamedPort => matingPorts.find((each) => each.id === id)!;
const want = (change: Partial<RadioWant> = {}): RadioWant => ({
  near: port('n socket'),
  far: port('uhf socket'),
  frequencies: [30e6, 162e6],
  power: 25,
  length: 20,
  environment: 'outdoor',
  limitDb: 1,
  house,
  ...change,
});

describe('a radio lead from what to what', () => {
  test('every proposal mates with both sockets, keeps the loss as its plan computes it, and is planned whole', () => {
    const { proposals } = proposeRadioLeads(want());
    expect(proposals.length).toBeGreaterThan(1);
    for (const { near, far, lossDb, request } of proposals) {
      expect([near.series.id, near.sex, far.series.id, far.sex]).toEqual(['n', 'plug', 'uhf', 'plug']);
      expect(lossDb).toBeLessThanOrEqual(1);
      const { lead, cards } = makeLead(request, counted(), now, house);
      const plan = planLead(lead, cards, house);
      expect(plan.withheld).toEqual([]);
      expect(plan.thread.possible).toBe(true);
      expect(plan.ends.every(({ connector }) => isCoaxial(connector))).toBe(true);
      expect(lead.requirement.inputPower).toEqual({ value: 25, assumed: false });
    }
  });

  test('the cheapest that does comes first, and what costs less says why it does not', () => {
    const { proposals, passedOver } = proposeRadioLeads(want({ length: 2 }));
    const [first, ...others] = proposals.filter(({ toBuy }) => !toBuy);
    for (const { cost } of others) expect(cost).toBeGreaterThanOrEqual(first!.cost);
    const longer = proposeRadioLeads(want({ length: 20 }));
    expect(longer.proposals[0]!.cost / 20).toBeGreaterThan(first!.cost / 2);
    expect(longer.passedOver.join('\n')).toMatch(/RG-58 class: loses [\d.]+ dB/);
    expect(passedOver.join()).not.toMatch(/75 ohm/);
  });

  test('power and place decide too, and more loss allowed never makes it dearer', () => {
    const strong = proposeRadioLeads(
      want({ near: port('uhf socket'), power: 1000, frequencies: [30e6], length: 5 }),
    );
    expect(strong.passedOver.join('\n')).toMatch(/RG-58 class: .*stands/);
    const buried = proposeRadioLeads(want({ environment: 'buried' })).proposals;
    for (const { cable } of buried) expect(cable.jacket.burial).toBe(true);
    const costs = [0.6, 1, 2, 4].map((limitDb) =>
      Math.min(...proposeRadioLeads(want({ limitDb })).proposals.map(({ cost }) => cost)),
    );
    expect([...costs].sort((a, b) => b - a)).toEqual(costs);
  });

  test('sockets of two impedances are refused with what would do; a run that nothing keeps proposes nothing', () => {
    expect(() => proposeRadioLeads(want({ far: port('f socket') }))).toThrow(/50 ohm and .* 75 ohm.*pad/);
    const far = proposeRadioLeads(want({ length: 900, frequencies: [1e9] }));
    expect(far.proposals).toEqual([]);
    expect(far.passedOver.length).toBeGreaterThan(3);
  });

  test('a shop without tools is told what it would have to buy', () => {
    const { proposals } = proposeRadioLeads(want({ house: { ...house, tools: [], dies: [] } }));
    const wanting = proposals.filter(({ toBuy }) => toBuy);
    expect(wanting.length).toBeGreaterThan(0);
    for (const { reasons } of wanting) expect(reasons.join(' ')).toMatch(/No exact die|The shop has no/);
    expect(proposals.findIndex(({ toBuy }) => toBuy)).toBe(proposals.length - wanting.length);
  });
});
