import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { Drift } from '@gorvane/core/strip/drift.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';

/** What the tool has been doing over the batch, and how to set it. */
export function DriftAdvice({ drift }: { readonly drift: readonly Drift[] }) {
  const mm = (metres: number) => formatMillimetres(Math.abs(metres), 2);
  return drift
    .filter(({ offset, perUnit }) => offset !== 0 || perUnit !== 0)
    .map(({ cut, count, mean, offset, perUnit }) => (
      <p key={cutKey(cut)} className="advice" role="status">
        {cut.label}: over the last {count} cut {mm(mean)} mm {mean > 0 ? 'long' : 'short'} on average.{' '}
        {offset !== 0 && `Set the stop or blade ${mm(offset)} mm ${offset > 0 ? 'farther' : 'nearer'}. `}
        {perUnit !== 0 &&
          `It creeps by ${mm(perUnit)} mm from one to the next: look at the blade and its screw.`}
      </p>
    ));
}
