import { describe, expect, test } from '@jest/globals';
import type { House } from '../house/house.ts';
import { practiceChoices, practiceSchema } from '../house/practice.ts';
import { jointKinds, joints, faultSeen } from '../recipe/joint.ts';
import type { Step } from '../recipe/step.ts';
import { looksOf } from '../recipe/trouble.ts';
import { house } from '../testing/example.ts';
import { jointWords } from '../words/joint.ts';
import { bagsOf, everyEnd, houseOfEachTool, onePerKey, planBothEnds } from './every-end.ts';
import type { LeadPlan } from './lead-plan.ts';

const all = everyEnd(house);
const perMethod = onePerKey(all, ({ method }) => method);

/** Houses that differ in one answer. */
const otherHouses = (): House[] =>
  Object.entries(practiceChoices).flatMap(([question, answers]) =>
    answers.map((answer) => ({
      ...house,
      practice: practiceSchema.parse({ ...house.practice, [question]: answer }),
    })),
  );

/** Every plan whose texts are read: each connector with each bag, each cable, each method in each school. */
function* plans(): Generator<LeadPlan> {
  for (const pair of onePerKey(all, ({ id }) => id))
    for (const contents of bagsOf(pair[1])) yield planBothEnds(pair, house, contents);
  for (const pair of onePerKey(all, ({ method, series }) => `${method} ${series.id}`))
    yield planBothEnds(pair, house);
  for (const as of [...otherHouses(), ...houseOfEachTool(house)])
    for (const pair of perMethod) yield planBothEnds(pair, as);
}

/** Everything that is said at a step. */
const saidAt = ({ title, text, why, held, cues, good, bad, tipCare, hold, caution }: Step): string =>
  [title, text.firstTime, text.experienced, why, held, ...cues, ...good, ...bad]
    .concat(tipCare ?? '', hold?.label ?? '', hold?.rework.advice ?? '', caution ?? '')
    .join(' | ');

/** Every distinct step, with one plan that has it: gone through once, read by every rule. */
const steps = ((): readonly (readonly [Step, LeadPlan])[] => {
  const found = new Map<string, readonly [Step, LeadPlan]>();
  for (const plan of plans())
    for (const step of plan.steps.filter(({ endId }) => endId !== 'B')) {
      const method = step.endId === null ? '' : plan.ends[0]!.connector.method;
      found.set([method, step.role, step.joint, saidAt(step)].join('\n'), [step, plan]);
    }
  return [...found.values()];
})();

/** What a rule is broken by, once for each text. */
const broken = (rule: (step: Step, plan: LeadPlan) => boolean): string[] => [
  ...new Set(
    steps
      .filter(([step, plan]) => rule(step, plan))
      .map(([{ role, title, text }]) => `${role}: ${title} | ${text.firstTime}`),
  ),
];

const hasSolder = (plan: LeadPlan, endId: string | null) =>
  plan.steps.some((step) => step.endId === endId && (step.work === 'solder' || step.work === 'tin'));
const solderWords = /\bflux|\bwick\b|reflow|\biron\b|cold joint|cold or dry|feed|fillet|until it dulls/i;

describe('kinds of joint', () => {
  test.each(jointKinds)('%s: a good one and at least two faults, each in words of its own', (kind) => {
    const { faults } = joints[kind];
    expect(faults.length).toBeGreaterThanOrEqual(2);
    expect(Object.keys(jointWords[kind].faults).sort()).toEqual([...faults].sort());
    expect(new Set(faults.map((fault) => faultSeen(kind, fault))).size).toBe(faults.length);
    expect(jointWords[kind].cues.length).toBeGreaterThan(1);
  });

  test('every kind is made by some step of some lead', () => {
    const made = new Set(steps.map(([{ joint }]) => joint));
    // Cores are joined at a split: a lead of two ends has none.
    expect(jointKinds.filter((kind) => !made.has(kind) && kind !== 'joined cores')).toEqual([]);
  });
});

describe('every step of every method, as it is read', () => {
  test('no word of solder where nothing is soldered', () =>
    expect(
      broken(
        (step, plan) => step.endId !== null && !hasSolder(plan, step.endId) && solderWords.test(saidAt(step)),
      ),
    ).toEqual([]));

  test('a joint that is not soldered says nothing of solder, one that is not crimped nothing of crimping', () =>
    expect(
      broken((step) => {
        if (!step.joint) return false;
        const { family } = joints[step.joint];
        const said = saidAt(step);
        return (
          (family !== 'soldered' && /until it dulls|\bwick\b/.test(said)) ||
          (family !== 'crimped' && /ratchet|crimp once/i.test(said))
        );
      }),
    ).toEqual([]));

  test('what is drawn is the joint at hand with its own faults', () =>
    expect(
      broken((step) => {
        const looks = looksOf(step);
        return (
          step.joint !== null &&
          looks !== null &&
          (looks.subject !== step.joint ||
            looks.bad.some((fault) => !joints[step.joint!].faults.includes(fault)))
        );
      }),
    ).toEqual([]));

  test('a step that makes or tests a joint knows of what kind it is', () =>
    expect(
      broken(
        ({ stage, work, joint, role }) =>
          stage === 'Join' &&
          joint === null &&
          (['solder', 'crimp', 'screw', 'tug'].includes(work) || role === 'joints-look') &&
          role !== 'braid',
      ),
    ).toEqual([]));

  test('nothing is held by a body before there is one', () =>
    expect(
      broken((step, plan) => {
        const closes = plan.steps.find(({ role, endId }) => role === 'insert' && endId === step.endId);
        const isBefore = closes !== undefined && plan.steps.indexOf(step) < plan.steps.indexOf(closes);
        const offered = step.role === 'dry-fit' || step.role === 'trial-fit' || step.endId === null;
        const isCoax =
          plan.ends[0]!.cable.structure === 'coax' && plan.ends[0]!.connector.series.kind === 'coaxial';
        return isCoax && isBefore && !offered && /^Body|^Plug/.test(step.held);
      }),
    ).toEqual([]));

  test('a thread that must bite is not told to go without force', () =>
    expect(
      broken(
        (step) =>
          (step.joint === 'screwed body' || step.role === 'trial-fit') &&
          /without force|not forced/.test(saidAt(step)),
      ),
    ).toEqual([]));

  test('a coupling is spoken of where there is one', () =>
    expect(
      broken((step, plan) => {
        const end = plan.ends.find(({ end: { id } }) => id === step.endId);
        return end?.connector.series.coupling === 'none' && /coupling/i.test(saidAt(step));
      }),
    ).toEqual([]));

  test('a figure that the text speaks of is in the step', () =>
    expect(
      broken(
        ({ text, figures, cuts }) =>
          /\bbelow\b/.test(text.firstTime.replace('below the rim', '')) && figures.length + cuts.length === 0,
      ),
    ).toEqual([]));

  test('sentences are whole, say it plainly, and the short form is the shorter one', () => {
    const sentences = /^[A-Z0-9+(-]/;
    expect(
      broken(({ title, text, why, held, good, bad, hold }) => {
        const whole = [
          title,
          text.firstTime,
          text.experienced,
          held,
          hold?.label ?? 'A',
          hold?.rework.advice || 'A',
        ];
        const lines = [...whole, why, ...good, ...bad].join(' | ');
        return (
          / {2}|undefined|NaN|null|\.\.|\s[.,;:]|\bthe the\b|look (that|whether)|as the part asks|: look\b/.test(
            lines,
          ) ||
          !/[.!]$/.test(text.firstTime.trim()) ||
          text.firstTime !== text.firstTime.trim() ||
          !sentences.test(text.firstTime) ||
          /[a-z]\. [a-z]/.test(lines) ||
          text.experienced.length > text.firstTime.length ||
          /\b(tabs|shells|screws|nuts) holds\b/i.test(lines)
        );
      }),
    ).toEqual([]);
  });
});
