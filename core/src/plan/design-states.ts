import type { StageState, Stage } from '../recipe/stage.ts';
import { stages } from '../recipe/stage.ts';
import type { DesignWarning } from '../words/design-warning.ts';
import { designWarningWords } from '../words/design-warning.ts';
import type { LeadPlan } from './lead-plan.ts';
import { preparedEnds } from './shown-plan.ts';

/** What wants a look in each stage of a design; empty where nothing does. */
export function designWarnings(plan: LeadPlan): Record<Stage, DesignWarning[]> {
  const prepared = preparedEnds(plan);
  const misfit = prepared.some(
    ({ refusal, fit }) => refusal !== null || fit.some(({ verdict }) => verdict === 'does not fit'),
  );
  const noDie = prepared.some(({ fit }) =>
    fit.some(({ about, verdict }) => about === 'tool' && verdict === 'does not fit'),
  );
  const where = (isSo: boolean, warning: DesignWarning) => (isSo ? [warning] : []);
  return {
    Choose: [
      ...where(misfit, 'end does not fit'),
      ...where(
        plan.frequencies.some(({ verdict }) => verdict === 'does not fit'),
        'frequency too high',
      ),
      ...where(
        plan.joints.some(({ verdict }) => verdict === 'mismatch'),
        'impedances differ',
      ),
      ...where((plan.power[0]?.power ?? Infinity) < plan.lead.requirement.inputPower.value, 'too much power'),
    ],
    Cut: where(plan.bendProblems.length > 0, 'bend not taken'),
    Thread: [
      ...where(!plan.thread.possible, 'cannot be threaded'),
      ...where(
        plan.parts.some(({ missing }) => missing),
        'part is missing',
      ),
    ],
    Strip: [
      ...where(
        prepared.some(({ cardProblems }) => cardProblems.length > 0),
        'gauge card does not hold',
      ),
      ...where(
        prepared.some(({ strip }) => strip.cuts.some(({ beyondMethod }) => beyondMethod)),
        'cut too fine',
      ),
    ],
    Join: where(noDie, 'no die'),
    Prove: [],
    Finish: [],
  };
}

/** How far a design is in each stage when no unit is looked at: open, or with a warning that wants a look. */
export function designStates(plan: LeadPlan): Record<Stage, StageState> {
  const warnings = designWarnings(plan);
  const stateOf = (stage: Stage): StageState => (warnings[stage].length > 0 ? 'warning' : 'open');
  return Object.fromEntries(stages.map((stage) => [stage, stateOf(stage)])) as Record<Stage, StageState>;
}

/** Why stages of a design want a look, a sentence each. */
export function designReasons(plan: LeadPlan): Record<Stage, string[]> {
  const warnings = designWarnings(plan);
  return Object.fromEntries(
    stages.map((stage) => [stage, warnings[stage].map((warning) => designWarningWords[warning])]),
  ) as Record<Stage, string[]>;
}
