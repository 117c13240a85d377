import type { StageState, Stage } from '@gorvane/core/recipe/stage.ts';
import { stageStates } from '@gorvane/core/unit/stage-states.ts';
import { designStates } from '@gorvane/core/plan/design-states.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import {
  IconAlertTriangle,
  IconCircleCheckFilled,
  IconCircleDashed,
  IconProgress,
} from '@tabler/icons-react';
import type { UnitView } from '../../data/live.ts';

const marks: Record<StageState, { icon: typeof IconProgress; word: string; tone: string }> = {
  open: { icon: IconCircleDashed, word: 'open', tone: 'soft' },
  'under way': { icon: IconProgress, word: 'under way', tone: 'not-yet' },
  warning: { icon: IconAlertTriangle, word: 'has a warning', tone: 'out' },
  done: { icon: IconCircleCheckFilled, word: 'done', tone: 'good' },
};

interface BenchEdgeProps {
  readonly plan: LeadPlan;
  readonly view: UnitView | undefined;
  readonly current: string;
  readonly slugs: readonly { stage: Stage; slug: string }[];
  readonly onOpen: (slug: string) => void;
}

/** The seven stages as one notched rule. Stages are places, not a wizard. */
export function BenchEdge({ plan, view, current, slugs, onOpen }: BenchEdgeProps) {
  const states = view?.progress.started ? stageStates(view.progress) : designStates(plan);
  return (
    <nav className="bench-edge" aria-label="Stages">
      {slugs.map(({ stage, slug }) => {
        const { icon: Icon, word, tone } = marks[states[stage]];
        return (
          <button
            key={slug}
            type="button"
            aria-current={slug === current ? 'page' : undefined}
            onClick={() => onOpen(slug)}
          >
            <Icon className={tone} size={20} aria-hidden="true" />
            {stage}
            <span className="visually-hidden">, {word}</span>
          </button>
        );
      })}
    </nav>
  );
}
