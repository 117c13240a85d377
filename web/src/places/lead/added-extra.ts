import type { AddedKind } from '@gorvane/core/lead/added-part.ts';
import { addedKinds, addedPart } from '@gorvane/core/lead/added-part.ts';
import { legDiameter } from '@gorvane/core/lead/bundle.ts';
import type { ExtraPart, Lead } from '@gorvane/core/lead/lead.ts';
import { endById, legAtEnd } from '@gorvane/core/lead/lead.ts';
import { beadsFor } from '@gorvane/core/line/bead-sizes.ts';
import { newShortId } from '../../data/database.ts';

/** What can be added to a lead: a stack of beads, or one of the small parts. */
export const palette = [...addedKinds, 'choke'] as const;
export type PaletteKind = AddedKind | 'choke';

/** A hand's width from the end, metres, and a stack that does something. House defaults. */
const usualChoke = { distance: 0.1, beads: 6 } as const;

interface Asked {
  readonly what: PaletteKind;
  readonly endId: string;
  readonly distance?: number | undefined;
  readonly colour?: string | undefined;
  readonly length?: number | undefined;
}

/** A part as the lead keeps it; undefined where no bead that is sold goes over its cable. */
export function extraOf(lead: Lead, { what, endId, distance, colour, length }: Asked): ExtraPart | undefined {
  const leg = legAtEnd(lead, endById(lead, endId));
  const place = { id: `${what}-${newShortId()}`, legId: leg.id, nearEndId: endId };
  if (what === 'choke') {
    const [bead] = beadsFor(legDiameter(lead, leg.id));
    return (
      bead && {
        ...place,
        kind: 'choke',
        distance: distance ?? usualChoke.distance,
        beads: usualChoke.beads,
        bead,
        material: 'middle',
        at: 'feedpoint',
      }
    );
  }
  const facts = addedPart(what);
  return {
    ...place,
    kind: 'added',
    what,
    distance: distance ?? facts.distance,
    colour: facts.coloured ? (colour ?? 'white') : null,
    length: length ?? null,
  };
}

/** A lead with one part more. */
export const withExtra = (lead: Lead, extra: ExtraPart): Lead => ({
  ...lead,
  extraParts: [...lead.extraParts, extra],
});
