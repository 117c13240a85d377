import { describe, expect, test } from '@jest/globals';
import { pinConnectors } from '../connector/catalogue/catalogue.ts';
import { usualSignal } from '../connector/signal.ts';
import { house } from '../testing/example.ts';
import { signalLead, signalPlan } from '../testing/signal-lead.ts';
import { cutList } from '../thread/cut-list.ts';
import { planLead } from './lead-plan.ts';

describe('sleeves over cores, tails and joints', () => {
  test('a speaker pair has a red and a black one for the barrels of each end, from the barrel on to the core', () => {
    const plan = signalPlan('speaker', 'speaker-2x2.5', ['banana-pair', 'spade-pair-2.5']);
    expect(plan.sleeves.map(({ label, colour }) => [label, colour])).toEqual([
      ['red sleeve over the barrel +, end A', 'red'],
      ['black sleeve over the barrel -, end A', 'black'],
      ['red sleeve over the barrel +, end B', 'red'],
      ['black sleeve over the barrel -, end B', 'black'],
    ]);
    // A barrel of 12 mm and 10 mm of insulation, and a tenth that the tube loses.
    expect(plan.sleeves[0]!.cutLength.value).toBeCloseTo(0.022 / 0.9, 6);
    const first = plan.steps.filter(({ role }) => role === 'joint').map(({ text }) => text.firstTime);
    for (const text of first) expect(text).toMatch(/^Put its colour sleeve on the core first/);
    const called = plan.steps[0]!.cuts.map(({ label, colour }) => `${label} ${colour ?? ''}`);
    for (const colour of [/red/, /black/]) expect(called.some((name) => colour.test(name))).toBe(true);
  });

  test('a shield tail has one as long as its way to the contact; ends that are fitted need none', () => {
    const { lead, cards } = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
    const plan = planLead(lead, cards, house);
    expect(plan.sleeves.map(({ label }) => label)).toEqual([
      'sleeve for the shield, end A',
      'sleeve for the shield, end B',
    ]);
    const tail = plan.ends[0]!.strip.routes.find(({ kind }) => kind === 'shield')!;
    expect(plan.sleeves[0]!.cutLength.value).toBe(tail.insulationEnd);
    const back = planLead({ ...lead, fittedEndIds: ['A'] }, cards, house);
    expect(back.sleeves.map(({ ends }) => ends)).toEqual([['B']]);
  });

  test('like ones are one row of the cut list with their count', () => {
    const { parts, thread, sleeves } = signalPlan('speaker', 'speaker-2x2.5', ['banana-pair', 'banana-pair']);
    const rows = cutList(parts, thread, sleeves).filter(({ colour }) => colour !== null);
    expect(rows.map(({ colour, parts: of }) => [colour, of.length])).toEqual([
      ['red', 2],
      ['black', 2],
    ]);
  });

  test('wherever a step speaks of a colour sleeve or a tail sleeve there is one to cut, and nowhere else', () => {
    for (const connector of pinConnectors.filter(({ method }) => method !== 'terminal clamp')) {
      const cableId = { speaker: 'speaker-2x2.5', lighting: 'lighting-2-pair' }[
        usualSignal(connector) as 'speaker'
      ];
      const plan = signalPlan(usualSignal(connector), cableId ?? 'mic-pair', [connector.id, connector.id]);
      if (plan.steps.length === 0) continue;
      const said = plan.steps.map(({ text }) => text.firstTime).join(' ');
      const cut = plan.sleeves.map(({ label }) => label).join(' ');
      expect([connector.id, /colour sleeve/.test(said)]).toEqual([connector.id, /barrel/.test(cut)]);
      if (/tail the way it lies/.test(said))
        expect([connector.id, cut]).toEqual([connector.id, expect.stringMatching(/shield/)]);
    }
  });
});
