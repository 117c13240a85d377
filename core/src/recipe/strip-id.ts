import { otherSideId } from '../lead/other-side-id.ts';
import type { Step } from './step.ts';

/** What the strip of a step is kept under; null where the step concerns no end. */
export const stripIdOf = ({ endId, side }: Pick<Step, 'endId' | 'side'>) =>
  endId !== null && side === 'other' ? otherSideId(endId) : endId;
