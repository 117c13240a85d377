import type { StageState, Stage } from '@gorvane/core/recipe/stage.ts';
import { stageStates, unitReasons } from '@gorvane/core/unit/stage-states.ts';
import { designReasons, designStates } from '@gorvane/core/plan/design-states.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import {
  IconAlertTriangle,
  IconCircleCheckFilled,
  IconCircleDashed,
  IconProgress,
} from '@tabler/icons-react';
import { Tooltip } from '@mantine/core';
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

/** Why stages want a look, as they are shown: of the unit that is looked at, else of the design. */
const stageReasons = (plan: LeadPlan, view: UnitView | undefined) =>
  view?.progress.started ? unitReasons(view.progress) : designReasons(plan);

/** The seven stages as one notched rule. Stages are places, not a wizard. */
export function BenchEdge({ plan, view, current, slugs, onOpen }: BenchEdgeProps) {
  const states = view?.progress.started ? stageStates(view.progress) : designStates(plan);
  const reasons = stageReasons(plan, view);
  return (
    <nav className="bench-edge" aria-label="Stages">
      {slugs.map(({ stage, slug }) => {
        const { icon: Icon, word, tone } = marks[states[stage]];
        const why = reasons[stage].join(' ');
        return (
          <Tooltip
            key={slug}
            label={why}
            disabled={why === ''}
            events={{ hover: true, focus: true, touch: true }}
            withinPortal={false}
            multiline
            maw={360}
          >
            <button
              type="button"
              aria-current={slug === current ? 'page' : undefined}
              onClick={() => onOpen(slug)}
            >
              <Icon className={tone} size={20} aria-hidden="true" />
              {stage}
              <span className="visually-hidden">, {word}</span>
            </button>
          </Tooltip>
        );
      })}
    </nav>
  );
}

interface StageReasonsProps extends Pick<BenchEdgeProps, 'plan' | 'view'> {
  readonly stage: Stage | undefined;
}

/** In the stage itself: why it wants a look. */
export function StageReasons({ plan, view, stage = 'Choose' }: StageReasonsProps) {
  const why = stageReasons(plan, view)[stage];
  if (why.length === 0) return null;
  return <p className="last-good not-yet">▲ {why.join(' ')}</p>;
}
