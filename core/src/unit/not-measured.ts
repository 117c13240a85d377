import type { FrozenPlan } from '../plan/frozen-plan.ts';
import type { Step } from '../recipe/step.ts';
import { stripIdOf } from '../recipe/strip-id.ts';
import { cutKey } from '../strip/cut-of.ts';
import type { MeasuredStrip } from '../strip/strip-plan.ts';

/** What of a unit was measured. */
interface Measured {
  readonly strips: ReadonlyMap<string, MeasuredStrip>;
  readonly lengths: ReadonlyMap<string, number>;
}

/** What a first article still has to be measured for at a step. */
export const notMeasured = (progress: Measured, step: Step, plan?: FrozenPlan | null): string[] =>
  plan?.firstArticle
    ? [...cutsNotMeasured(progress, step, plan), ...lengthsNotMeasured(progress, step, plan)]
    : [];

/** The first of a batch is measured whole: what of its strip nobody has read yet. */
function cutsNotMeasured(progress: Measured, step: Step, plan: FrozenPlan): string[] {
  const id = stripIdOf(step);
  if (!step.recordsStrip || !id) return [];
  const measured = progress.strips.get(id) ?? {};
  const strip = plan.strips.find(({ endId }) => endId === id);
  return (strip?.cuts ?? []).filter((cut) => measured[cutKey(cut)] === undefined).map(({ label }) => label);
}

/** Its finished lengths are read before it is proved: after that nothing can be learned for the rest. */
function lengthsNotMeasured({ lengths }: Measured, { work }: Step, { lead }: FrozenPlan): string[] {
  if (work !== 'prove') return [];
  const open = lead.legs.filter(({ id }) => !lengths.has(id));
  return open.map(({ id }) => (lead.legs.length === 1 ? 'finished length' : `finished length of ${id}`));
}
