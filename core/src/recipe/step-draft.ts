import type { HoldPoint, Step } from './step.ts';
import { jointWords } from '../words/joint.ts';
import type { Work } from './work.ts';
import { flowCues, heldHow, tipCare } from './work.ts';

/** A step as a recipe writes it: what is empty is left out, and it follows on the one before it. */
export type StepDraft = Pick<Step, 'role' | 'work' | 'stage' | 'title' | 'text' | 'why'> &
  Partial<Omit<Step, 'id' | 'endId'>>;

/** Kinds of work that make a joint; a look at it or a pull on it are work of their own kind. */
const makes: readonly Work[] = ['solder', 'screw', 'crimp', 'seat'];

/** How the work is held and what is seen as it goes well: by the kind of joint where one is made or pulled, else by the work. */
function doneBy({ work, joint }: StepDraft): Pick<Step, 'held' | 'cues'> {
  const usual = { held: heldHow[work], cues: [...flowCues[work]] };
  if (!joint) return usual;
  const words: { held: string; cues: readonly string[]; tug?: string } = jointWords[joint];
  if (makes.includes(work)) return { held: words.held, cues: [...words.cues] };
  return work === 'tug' ? { ...usual, held: words.tug ?? usual.held } : usual;
}

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
    joint: null,
    ...doneBy(draft),
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
