import type { Stage, StageState } from '../recipe/stage.ts';
import { stages } from '../recipe/stage.ts';
import type { HoldAnswer, UnitProgress } from './progress.ts';

/** How far a unit is in each stage. Choose is done by starting it. */
export function stageStates(progress: UnitProgress): Record<Stage, StageState> {
  const states = stages.map((stage): [Stage, StageState] => {
    const steps = progress.steps.filter((step) => step.stage === stage);
    const done = steps.filter(({ id }) => progress.done.has(id)).length;
    const isOut = outSteps(progress, stage).length > 0;
    if (stage === 'Choose') return [stage, progress.started ? 'done' : 'open'];
    if (isOut) return [stage, 'warning'];
    if (steps.length > 0 && done === steps.length) return [stage, 'done'];
    return [stage, done > 0 ? 'under way' : 'open'];
  });
  return Object.fromEntries(states) as Record<Stage, StageState>;
}

/** Why stages of a unit want a look: steps whose hold point is Out as it was last answered, or was waived. */
export function unitReasons(progress: UnitProgress): Record<Stage, string[]> {
  const reasons = stages.map((stage): [Stage, string[]] => [
    stage,
    outSteps(progress, stage).map(
      ({ id, title }) => `${title}: ${progress.holds.get(id)?.how === 'waived' ? 'waived' : 'Out'}.`,
    ),
  ]);
  return Object.fromEntries(reasons) as Record<Stage, string[]>;
}

const outSteps = ({ steps, holds }: UnitProgress, stage: Stage) =>
  steps.filter((step) => step.stage === stage && isWarning(holds.get(step.id)));

function isWarning(answer: HoldAnswer | undefined): boolean {
  return answer !== undefined && (answer.how === 'waived' || !answer.good);
}
