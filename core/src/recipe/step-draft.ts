import type { HoldPoint, Step } from './step.ts';
import { flowCues, heldHow, tipCare } from './work.ts';

/** A step as a recipe writes it: what is empty is left out, and it follows on the one before it. */
export type StepDraft = Pick<Step, 'role' | 'work' | 'stage' | 'title' | 'text' | 'why'> &
  Partial<Omit<Step, 'id' | 'endId'>>;

/** Fills in what a recipe leaves out, and chains each step to the one before it. */
export function completeSteps(
  prefix: string,
  endId: string | null,
  drafts: readonly StepDraft[],
  firstNeeds: readonly string[] = [],
): Step[] {
  const idOf = ({ role, about }: StepDraft) => `${prefix}/${role}${about ? ` ${about}` : ''}`;
  return drafts.map((draft, index) => ({
    id: idOf(draft),
    endId,
    about: null,
    cuts: [],
    threads: [],
    requires: [],
    tools: [],
    figures: [],
    held: heldHow[draft.work],
    cues: [...flowCues[draft.work]],
    tipCare: tipCare[draft.work] ?? null,
    caution: null,
    good: [],
    bad: [],
    recordsStrip: false,
    trialFit: false,
    hold: null,
    ...draft,
    needs: [...(index === 0 ? firstNeeds : [idOf(drafts[index - 1]!)]), ...(draft.needs ?? [])],
  }));
}

/** A look or a tug that is answered Good or Out. */
export function lookHold(label: string, rework: HoldPoint['rework']): HoldPoint {
  return { label, kind: 'look', reading: null, safety: false, safetyReason: '', rework };
}
