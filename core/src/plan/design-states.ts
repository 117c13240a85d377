import type { StageState, Stage } from '../recipe/stage.ts';
import type { LeadPlan } from './lead-plan.ts';
import { preparedEnds } from './shown-plan.ts';

/** How far a design is in each stage when no unit is looked at: open, or with a warning that wants a look. */
export function designStates(plan: LeadPlan): Record<Stage, StageState> {
  const prepared = preparedEnds(plan);
  const misfit = prepared.some(
    ({ refusal, fit }) => refusal !== null || fit.some(({ verdict }) => verdict === 'does not fit'),
  );
  const beyond = plan.frequencies.some(({ verdict }) => verdict === 'does not fit');
  const mismatch = plan.joints.some(({ verdict }) => verdict === 'mismatch');
  const badCard = prepared.some(({ cardProblems }) => cardProblems.length > 0);
  const tooFine = prepared.some(({ strip }) => strip.cuts.some(({ beyondMethod }) => beyondMethod));
  const noDie = prepared.some(({ fit }) =>
    fit.some(({ about, verdict }) => about === 'tool' && verdict === 'does not fit'),
  );
  const overPower = (plan.power[0]?.power ?? Infinity) < plan.lead.requirement.inputPower.value;
  const warn = (warning: boolean): StageState => (warning ? 'warning' : 'open');
  return {
    Choose: warn(misfit || beyond || mismatch || overPower),
    Cut: warn(plan.bendProblems.length > 0),
    Thread: warn(!plan.thread.possible || plan.parts.some(({ missing }) => missing)),
    Strip: warn(badCard || tooFine),
    Join: warn(noDie),
    Prove: 'open',
    Finish: 'open',
  };
}
