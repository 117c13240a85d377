import type { ProofCheck } from '@gorvane/core/prove/checks.ts';

/** Checks that were not asked, those of one reason together. */
export interface UnaskedGroup {
  readonly why: string;
  readonly labels: readonly string[];
}

/** What a proof did not ask, by its reason; looks that nobody asks for go without saying. */
export function unaskedGroups(checks: readonly ProofCheck[]): UnaskedGroup[] {
  const groups = new Map<string, string[]>();
  for (const { leftOut, notAsked, key, label } of checks)
    if (leftOut && key.kind !== 'look') groups.set(notAsked!, [...(groups.get(notAsked!) ?? []), label]);
  return [...groups].map(([why, labels]) => ({ why, labels }));
}
