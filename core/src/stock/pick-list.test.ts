import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { house } from '../testing/example.ts';
import { signalLead } from '../testing/signal-lead.ts';
import { pickList } from './pick-list.ts';

const planOf = (...asked: Parameters<typeof signalLead>) => {
  const { lead, cards } = signalLead(...asked);
  return planLead(lead, cards, house);
};
const microphone = planOf('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], {
  name: 'Microphone lead',
});
const radio = planOf('radio', 'rg-58', ['bnc-plug-50-crimp-5', 'bnc-plug-50-crimp-5'], {
  name: 'Patch lead',
});

describe('the pick list of an order', () => {
  const list = pickList([
    { plan: microphone, quantity: 3 },
    { plan: radio, quantity: 2 },
  ]);

  test('has the cable as it comes off the reel, for all leads', () => {
    const each = microphone.cuts[0]!.offTheReel.value;
    expect(list.cable).toHaveLength(2);
    expect(list.cable[0]).toMatchObject({ unit: 'metres', leads: ['Microphone lead'] });
    expect(list.cable[0]!.amount).toBeCloseTo(3 * each, 9);
  });

  test('counts ends by their bag: both ends of a lead from one bag are one row', () => {
    expect(list.ends.map(({ what, amount }) => [what, amount])).toEqual([
      ['3-pin XLR socket', 3],
      ['3-pin XLR plug', 3],
      ['BNC plug, 50 ohm, crimp, 5 mm', 4],
    ]);
  });

  test('sums tubes of one size over leads, and leaves to the bag what lies in it', () => {
    const twice = pickList([
      { plan: radio, quantity: 1 },
      { plan: { ...radio, lead: { ...radio.lead, name: 'Another' } }, quantity: 1 },
    ]);
    const shrink = twice.parts.filter(({ what }) => /^shrink/.test(what));
    expect(shrink).toHaveLength(1);
    expect(shrink[0]!.leads).toEqual(['Patch lead', 'Another']);
    expect(shrink[0]!.amount).toBeCloseTo(
      2 *
        radio.parts
          .filter(({ name }) => name === shrink[0]!.what)
          .reduce((sum, { cutLength }) => sum + cutLength!.value, 0),
      9,
    );
    expect(twice.parts.some(({ what }) => /ferrule/.test(what))).toBe(false);
  });

  test('an end that is on already, and all that belongs to it, is not fetched again', () => {
    const { lead, cards } = signalLead('radio', 'rg-58', ['bnc-plug-50-crimp-5', 'n-plug-50-crimp-5']);
    const begun = planLead({ ...lead, fittedEndIds: ['A'] }, cards, house);
    const rest = pickList([{ plan: begun, quantity: 2 }]);
    expect(rest.ends.map(({ what, amount }) => [what, amount])).toEqual([['N plug, 50 ohm, crimp, 5 mm', 2]]);
    const whole = pickList([{ plan: planLead(lead, cards, house), quantity: 2 }]);
    const shrinkOf = ({ parts }: typeof rest) => parts.reduce((sum, { amount }) => sum + amount, 0);
    expect(shrinkOf(rest)).toBeLessThan(shrinkOf(whole));
  });

  test('what the shop has nothing for is said to be missing', () => {
    const { lead, cards } = signalLead('radio', 'rg-58', ['bnc-plug-50-crimp-5', 'bnc-plug-50-crimp-5']);
    const bare = pickList([{ plan: planLead(lead, cards, { ...house, shrink: [] }), quantity: 1 }]);
    expect(bare.parts.length).toBeGreaterThan(0);
    expect(bare.parts.every(({ isMissing }) => isMissing)).toBe(true);
    expect(list.parts.some(({ isMissing }) => isMissing)).toBe(false);
  });

  test('names tools once, and the dies of the shop by their size', () => {
    expect(list.tools).toEqual([...new Set(list.tools)].sort());
    expect(list.tools).toContain('iron with a small chisel');
    expect(list.dies.map((die) => die * 1e3)).toEqual([1.72, 5.41].map((size) => expect.closeTo(size, 1)));
  });

  test('of no lead is empty', () => {
    expect(pickList([{ plan: radio, quantity: 0 }])).toEqual({
      cable: [],
      ends: [],
      parts: [],
      tools: [],
      dies: [],
    });
  });
});
