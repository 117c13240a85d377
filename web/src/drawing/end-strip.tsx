import type { LayeredCable } from '@gorvane/core/cable/cable.ts';
import type { JudgedStrip } from '@gorvane/core/strip/measured.ts';
import type { CutLayer, StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import { CoreDrawing } from './core-drawing.tsx';
import { StripDrawing } from './strip-drawing.tsx';

interface EndStripProps {
  readonly plan: StripPlan;
  readonly cable: LayeredCable;
  readonly judged?: JudgedStrip | undefined;
  readonly layers?: readonly CutLayer[] | undefined;
  /** Cuts from the cut end, drawn in place of those from the datum. */
  readonly toolCuts?: StripPlan['prepTool'];
  readonly tallest?: number | undefined;
  readonly contact?: string | undefined;
  readonly title: string;
}

/** The strip of an end as its cable is made: layers round one axis, or cores side by side. */
export function EndStrip({
  plan,
  cable,
  judged,
  layers,
  toolCuts = [],
  tallest,
  contact,
  title,
}: EndStripProps) {
  if (plan.routes.length > 0)
    return (
      <CoreDrawing
        plan={plan}
        jacket={cable.jacket.diameter}
        judged={judged}
        contact={contact}
        title={title}
      />
    );
  if (cable.structure !== 'coax') return null;
  return (
    <StripDrawing
      plan={plan}
      cable={cable}
      title={title}
      toolCuts={toolCuts}
      {...(tallest ? { tallest } : {})}
      {...(judged ? { judged } : {})}
      {...(layers ? { layers } : {})}
    />
  );
}
