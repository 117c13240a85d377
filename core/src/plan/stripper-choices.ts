import { stripperKindsFor } from '../end/end-stripper.ts';
import type { FitVerdict } from '../fit/clearance.ts';
import { stripperFindings } from '../fit/stripper-fit.ts';
import type { Stripper } from '../house/stripper.ts';
import type { EndPlan } from './lead-plan.ts';

/** A tool of the house for one end: whether it makes its strip, and what not. */
export interface StripperChoice {
  readonly stripper: Stripper;
  readonly verdict: FitVerdict;
  readonly text: string;
}

/** The tools of the house that are of a kind for an end, each judged against its strip. */
export function stripperChoices({ input, strip }: EndPlan): StripperChoice[] {
  const kinds = stripperKindsFor(input);
  return input.house.strippers
    .filter(({ kind }) => kinds.includes(kind))
    .map((stripper) => {
      const findings = stripperFindings(stripper, strip, input.cable);
      const out = findings.some(({ verdict }) => verdict === 'does not fit');
      return {
        stripper,
        verdict: findings.length === 0 ? 'fits' : out ? 'does not fit' : 'tight',
        text: findings.map(({ text }) => text).join(' '),
      };
    });
}
