import { conductorsOf } from '../cable/conductors.ts';
import { leadCable } from './lead-cable.ts';
import type { Join, Lead } from './lead.ts';

/** Whether all conductors that a lead joins are still there: another cable has others. */
export const joinsStand = (lead: Lead): boolean =>
  lead.joins.every(({ conductors }) =>
    conductors.every(({ pieceId, conductor }) => {
      const piece = lead.pieces.find(({ id }) => id === pieceId);
      return (
        piece !== undefined && conductorsOf(leadCable(lead, piece.cableId)).some(({ id }) => id === conductor)
      );
    }),
  );

/** At a joined split every leg takes the conductors of the trunk in their order: cores in turn, the shield on the shield. */
export function joinsOf(lead: Lead): Join[] {
  const trunk = lead.pieces.find(({ legIds }) => legIds.length === 1 && legIds[0] === 'trunk');
  if (!trunk) return [];
  const ofKind = (cableId: string, kind: 'core' | 'shield') =>
    conductorsOf(leadCable(lead, cableId)).filter((conductor) => conductor.kind === kind);
  const legs = lead.pieces.filter((piece) => piece !== trunk);
  let used = 0;
  const stereo = lead.ends.some(({ channel }) => channel !== null);
  const cores = ofKind(trunk.cableId, 'core');
  const joins = new Map<string, Join['conductors']>();
  for (const leg of legs) {
    // A leg of a stereo split carries one channel: of a pair the second core has no use there yet.
    const mine = ofKind(leg.cableId, 'core').slice(0, stereo ? 1 : undefined);
    mine.forEach((core, index) => {
      const from = cores[stereo ? used + index : index];
      if (!from) return;
      joins.set(from.id, [
        ...(joins.get(from.id) ?? [{ pieceId: trunk.id, conductor: from.id }]),
        { pieceId: leg.id, conductor: core.id },
      ]);
    });
    if (stereo) used += mine.length;
  }
  const shields = [trunk, ...legs].flatMap((piece) =>
    ofKind(piece.cableId, 'shield').map(({ id }) => ({ pieceId: piece.id, conductor: id })),
  );
  return [...joins.values(), ...(shields.length > 1 ? [shields] : [])].map((conductors) => ({
    nodeId: 'split',
    conductors,
  }));
}
