import { describe, expect, test } from '@jest/globals';
import { house } from '../testing/example.ts';
import { inWords, signalLead } from '../testing/signal-lead.ts';
import { PinPlanError } from './connect.ts';
import { planLead } from './lead-plan.ts';
import { secondCoreOf, withSecondCore } from './second-core.ts';

const made = signalLead('unbalanced', 'mic-pair', ['jack-6-ts', 'jack-6-ts']);
const end = (index: number) => made.lead.ends[index]!;
const planOf = (lead = made.lead) => planLead(lead, made.cards, house);
const with_ = (choice: Parameters<typeof withSecondCore>[4], lead = made.lead, index = 1) =>
  withSecondCore(lead, end(index), made.cards[0]!, house, choice);

describe('the second core of a pair', () => {
  test('is folded back under a shrink as the house does it, until it is said otherwise for one end', () => {
    expect(planOf().ends.map(({ input }) => secondCoreOf(input))).toEqual(['fold back', 'fold back']);
    const plan = planOf(with_('cut flush'));
    expect(plan.ends.map(({ input }) => secondCoreOf(input))).toEqual(['fold back', 'cut flush']);
    expect(plan.parts.filter(({ kind }) => kind === 'core shrink').map(({ ends }) => ends)).toEqual([['A']]);
    const spare = plan.steps.filter(({ role }) => role === 'spare').map(({ title }) => title);
    expect(spare).toEqual(['Fold back the spare core, end A', 'Cut off the spare core, end B']);
  });

  test('twisted in at both ends it is one conductor with the first, and its resistance is halved', () => {
    const both = with_('twisted in', with_('twisted in'), 0);
    expect(inWords(both).filter((each) => each.endsWith(' tip'))).toHaveLength(4);
    const plan = planOf(both);
    expect(plan.ends.map(({ input }) => secondCoreOf(input))).toEqual(['twisted in', 'twisted in']);
    expect(plan.steps.filter(({ role }) => role === 'spare')).toEqual([]);
    const joint = plan.steps.find(({ role, about }) => role === 'joint' && about === 'tip')!;
    expect(joint.text.firstTime).not.toMatch(/Twist/);
    expect(plan.steps.find(({ role }) => role === 'tin')!.text.firstTime).toMatch(/^Twist into one/);
    const bare = planLead(both, made.cards, {
      ...house,
      practice: { ...house.practice, tinning: 'leave bare' },
    });
    const atBare = bare.steps.find(({ role, about }) => role === 'joint' && about === 'tip')!;
    expect(atBare.text.firstTime).toMatch(/Twist them into one first\. Tin the lug and what goes on it/);
    const tip = plan.ends[0]!.strip.routes.find(({ contact }) => contact === 'tip')!;
    const single = planOf().ends[0]!.strip.routes.find(({ contact }) => contact === 'tip')!;
    expect(tip.bare).toBeGreaterThan(1.2 * single.bare);
  });

  test('is taken out again, and the plan is as before', () => {
    const back = with_('fold back', with_('twisted in'));
    expect(inWords(back)).toEqual(inWords(made.lead));
  });

  test('has nothing to ask where both cores have work, and is refused where the contact cannot hold both', () => {
    const balanced = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
    const plan = planLead(balanced.lead, balanced.cards, house);
    expect(plan.ends.map(({ input }) => secondCoreOf(input))).toEqual([null, null]);
    const small = {
      ...made.cards[0]!,
      features: { ...made.cards[0]!.features, contactBore: { value: 0.8e-3, state: 'measured' as const } },
    };
    expect(() => withSecondCore(made.lead, end(1), small, house, 'twisted in')).toThrow(PinPlanError);
  });
});
