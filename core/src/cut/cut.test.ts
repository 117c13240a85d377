import { describe, expect, test } from '@jest/globals';
import { featureValue } from '../connector/gauge-card.ts';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house, measuredCard } from '../testing/example.ts';
import { cutOf } from '../strip/cut-of.ts';
import type { Lead } from '../lead/lead.ts';

const { lead, card } = exampleLead();
const cutsOf = (change: Partial<Lead> = {}, cards = [card], as = house) =>
  planLead({ ...lead, ...change }, cards, as).cuts[0]!;
const base = cutsOf();

describe('cut length', () => {
  test('its items add up to it, and off the reel adds the squaring of both ends, up to what a tape reads', () => {
    const sum = base.cut.terms.reduce((total, { value }) => total + value, 0);
    expect(sum).toBeCloseTo(base.cut.value, 12);
    const reel = base.offTheReel.terms.reduce((total, { value }) => total + value, 0);
    expect(base.offTheReel.value).toBeCloseTo(reel, 12);
    const spare = base.offTheReel.value - base.cut.value - 2 * house.squaring;
    expect(spare).toBeGreaterThanOrEqual(0);
    expect(spare).toBeLessThan(5e-3);
    expect((base.offTheReel.value * 1000) % 5).toBeCloseTo(0, 6);
  });

  test('is the formula of the decision: finished less r and j, plus the strip, at each end', () => {
    const { strip } = planLead(lead, [card], house).ends[0]!;
    const xc = cutOf(strip, 'conductor').position.value;
    const r = featureValue(card, 'lipToMatingPlane');
    const j = featureValue(card, 'jacketOffset');
    expect(base.cut.value).toBeCloseTo(3.4 - 2 * (r + j - xc), 12);
    expect(base.betweenJackets).toBeCloseTo(3.4 - 2 * (r + j), 12);
  });

  test('measured to the tip the cable is shorter than measured to the shoulder', () => {
    const to = (referencePlane: 'tip' | 'shoulder' | 'mating plane' | 'jacket') =>
      cutsOf({ ends: lead.ends.map((end) => ({ ...end, referencePlane })) }).betweenJackets;
    expect([to('tip'), to('mating plane'), to('shoulder'), to('jacket')]).toEqual(
      [to('tip'), to('mating plane'), to('shoulder'), to('jacket')].sort((a, b) => a - b),
    );
    expect(to('jacket')).toBeCloseTo(3.4, 12);
  });

  test('slack and spare are added once and for each end, and leave the least length as it was', () => {
    const spare = cutsOf({ spareTerminations: 1, slack: 0.03 });
    const extra = spare.cut.value - base.cut.value;
    const again = spare.cut.terms.filter(({ label }) => label.includes('spare'));
    expect(again).toHaveLength(2);
    expect(extra).toBeCloseTo(0.03 + again.reduce((sum, { value }) => sum + value, 0), 12);
    expect(spare.leastBetweenJackets).toBeCloseTo(base.betweenJackets, 12);
    const twice = cutsOf({ spareTerminations: 2 }).cut.value - base.cut.value;
    expect(twice).toBeCloseTo(2 * (extra - 0.03), 12);
  });

  test('what was measured is no longer assumed', () => {
    const assumed = (cut: typeof base) => cut.cut.terms.filter((term) => term.assumed).length;
    const names = Object.keys(card.features) as (keyof typeof card.features)[];
    const all = measuredCard(card, Object.fromEntries(names.map((name) => [name, featureValue(card, name)])));
    expect(assumed(base)).toBeGreaterThan(0);
    expect(assumed(cutsOf({}, [all]))).toBeLessThan(assumed(base));
  });

  test('squaring is the shop’s own figure', () => {
    const careful = cutsOf({}, [card], { ...house, squaring: 5e-3 });
    expect(careful.offTheReel.terms[1]!.value).toBeCloseTo(10e-3, 12);
    expect(careful.cut.value).toBe(base.cut.value);
  });
});
