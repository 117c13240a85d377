import type { Step } from '../recipe/step.ts';
import type { LeadPlan } from './lead-plan.ts';

/** What another house practice makes of one lead: steps by their titles. */
export interface PracticeChange {
  readonly leadName: string;
  readonly added: readonly string[];
  readonly removed: readonly string[];
  /** Same step, other words, figures, tools or order of parts. */
  readonly changed: readonly string[];
}

/** What a person at the bench would notice of a step. */
function seen({ title, text, tools, figures, threads, requires, caution }: Step): string {
  return JSON.stringify({
    title,
    text,
    tools,
    figures: figures.map(({ label, figure, plus, minus }) => [label, figure.value, plus, minus]),
    threads,
    requires,
    caution,
  });
}

/** The difference between two plans of one lead; undefined when nobody at the bench would notice any. */
export function practiceChange(before: LeadPlan, after: LeadPlan): PracticeChange | undefined {
  const earlier = new Map(before.steps.map((step) => [step.id, step]));
  const later = new Map(after.steps.map((step) => [step.id, step]));
  const titles = (steps: readonly Step[]) => steps.map(({ title }) => title);
  const change = {
    leadName: after.lead.name,
    added: titles(after.steps.filter(({ id }) => !earlier.has(id))),
    removed: titles(before.steps.filter(({ id }) => !later.has(id))),
    changed: titles(
      after.steps.filter((step) => {
        const was = earlier.get(step.id);
        return was !== undefined && seen(was) !== seen(step);
      }),
    ),
  };
  const count = change.added.length + change.removed.length + change.changed.length;
  return count > 0 ? change : undefined;
}
