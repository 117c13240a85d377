import type { Stage, StageState } from '../recipe/stage.ts';
import { stages } from '../recipe/stage.ts';
import type { HoldAnswer, UnitProgress } from './progress.ts';

/** How far a unit is in each stage. Choose is done by starting it. */
export function stageStates(progress: UnitProgress): Record<Stage, StageState> {
  const states = stages.map((stage): [Stage, StageState] => {
    const steps = progress.steps.filter((step) => step.stage === stage);
    const done = steps.filter(({ id }) => progress.done.has(id)).length;
    const isOut = steps.some(({ id }) => isWarning(progress.holds.get(id)));
    if (stage === 'Choose') return [stage, progress.started ? 'done' : 'open'];
    if (isOut) return [stage, 'warning'];
    if (steps.length > 0 && done === steps.length) return [stage, 'done'];
    return [stage, done > 0 ? 'under way' : 'open'];
  });
  return Object.fromEntries(states) as Record<Stage, StageState>;
}

function isWarning(answer: HoldAnswer | undefined): boolean {
  return answer !== undefined && (answer.how === 'waived' || !answer.good);
}
