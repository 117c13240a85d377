import type { House } from '../house/house.ts';
import { practiceChoices, practiceSchema } from '../house/practice.ts';
import { bagsOf, everyEnd, houseOfEachTool, onePerKey, planBothEnds } from '../plan/every-end.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { looksOf } from '../recipe/trouble.ts';
import type { Step } from '../recipe/step.ts';

/** A plan with what it was made for, in words. */
export interface MadePlan {
  readonly of: string;
  readonly method: string;
  readonly plan: LeadPlan;
}

/** Houses that answer one question otherwise than usual. */
function housesOtherwise(house: House): { readonly school: string; readonly house: House }[] {
  const usual = house.practice as unknown as Readonly<Record<string, unknown>>;
  return Object.entries(practiceChoices).flatMap(([question, answers]) =>
    answers
      .filter((answer) => answer !== usual[question])
      .map((answer) => ({
        school: `${question}: ${answer}`,
        house: { ...house, practice: practiceSchema.parse({ ...house.practice, [question]: answer }) },
      })),
  );
}

/** Every connector on every cable as usual, with every bag, and every method with every bag in every school. */
function* everyPlan(house: House): Generator<MadePlan> {
  const all = everyEnd(house);
  for (const pair of all) yield made(pair, house, {}, '');
  for (const pair of onePerKey(all, ({ id }) => id))
    for (const contents of bagsOf(pair[1])) yield made(pair, house, contents, '');
  const tools = houseOfEachTool(house).map((only) => ({
    school: `stripped with a ${only.strippers[0]!.kind}`,
    house: only,
  }));
  for (const { school, house: other } of [...housesOtherwise(house), ...tools])
    for (const pair of onePerKey(all, ({ method }) => method))
      for (const contents of bagsOf(pair[1])) yield made(pair, other, contents, school);
}

function made(
  pair: Parameters<typeof planBothEnds>[0],
  house: House,
  contents: Parameters<typeof planBothEnds>[2],
  school: string,
): MadePlan {
  const [cable, connector] = pair;
  const bag = Object.entries(contents ?? {}).map(([name, answer]) => `${name}: ${answer}`);
  return {
    of: [`${connector.id} on ${cable.id}`, ...bag, ...(school === '' ? [] : [school])].join(', '),
    method: connector.method,
    plan: planBothEnds(pair, house, contents),
  };
}

/** Everything that a step says and shows, in the order in which it is read. */
function saidBy(step: Step): string[] {
  const looks = looksOf(step);
  const line = (name: string, text: string | null | undefined) => (text ? [`  ${name}: ${text}`] : []);
  return [
    `${step.title}  [${step.stage}, ${step.role}, ${step.work}]`,
    ...line('first time', step.text.firstTime),
    ...line('experienced', step.text.experienced),
    ...line('why', step.why),
    ...line('caution', step.caution),
    ...line('held', step.held),
    ...line('seen', step.cues.join('; ')),
    ...line('tip', step.tipCare),
    ...line('good', step.good.join('; ')),
    ...line('out', step.bad.join('; ')),
    ...line('drawn', looks && `${looks.subject}: good, ${looks.bad.join(', ')}`),
    ...line('figures', step.figures.map(({ label }) => label).join('; ')),
    ...line('cut', step.cuts.map(({ label }) => label).join('; ')),
    ...line('tools', step.tools.map(({ label, setting }) => `${label} (${setting})`).join('; ')),
    ...line('hold', step.hold?.label),
    ...line('way back', step.hold?.rework.advice),
  ];
}

/** A figure is another one at every connector: texts that differ in figures only are one. */
const withoutFigures = (text: string) => text.replace(/\d+(?:[.,\s]\d+)*/g, '#');

/**
 * Every distinct text of the steps of some plans, for a person to read: each once, with the methods that say it, what it was
 * first seen at and how many plans say it. What is said of end B is what is said of end A.
 */
export function textsOf(plans: Iterable<MadePlan>): string[] {
  const texts = new Map<string, { lines: string[]; of: string; times: number; methods: Set<string> }>();
  for (const { of, method, plan } of plans)
    for (const step of plan.steps.filter(({ endId }) => endId !== 'B')) {
      const lines = saidBy(step);
      const key = withoutFigures(lines.join('\n'));
      const known = texts.get(key) ?? { lines, of, times: 0, methods: new Set() };
      known.methods.add(step.endId === null ? 'the whole lead' : method);
      texts.set(key, { ...known, times: known.times + 1 });
    }
  return [...texts.values()]
    .map(({ lines, of, times, methods }) => ({
      by: [...methods].sort().join(', '),
      text: [`first: ${of}; ${times} times`, ...lines].join('\n'),
    }))
    .sort((a, b) => a.by.localeCompare(b.by))
    .map(({ by, text }) => `# ${by}\n# ${text}`);
}

/** The same of every plan that this house can make. */
export const planTexts = (house: House): string[] => textsOf(everyPlan(house));
