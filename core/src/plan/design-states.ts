import type { StageState, Stage } from '../recipe/stage.ts';
import type { LeadPlan } from './lead-plan.ts';

/** How far a design is in each stage when no unit is looked at: open, or with a warning that wants a look. */
export function designStates(plan: LeadPlan): Record<Stage, StageState> {
  const misfit = plan.ends.some(
    ({ refusal, fit }) => refusal !== null || fit.some(({ verdict }) => verdict === 'does not fit'),
  );
  const beyond = plan.frequencies.some(({ verdict }) => verdict === 'does not fit');
  const mismatch = plan.joints.some(({ verdict }) => verdict === 'mismatch');
  const badCard = plan.ends.some(({ cardProblems }) => cardProblems.length > 0);
  const tooFine = plan.ends.some(({ strip }) => strip.cuts.some(({ beyondMethod }) => beyondMethod));
  const noDie = plan.ends.some(({ fit }) =>
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
