import type { Lead } from '@gorvane/core/lead/lead.ts';

/** What a proof needs where an end lies in a wall or a trench: somebody there, or a load left on it. */
export function LyingEnds({ lead }: { readonly lead: Lead }) {
  return lead.ends.map(
    ({ id, name, lies }) =>
      lies && (
        <p key={id} className="advice">
          End {name} lies in a {lies}. Readings that name it need somebody there who puts on the load or the
          short and reads back, or a load that was left on it. Have the line powered off and proved dead
          before anything is connected.
        </p>
      ),
  );
}
