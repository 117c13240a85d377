import { bundleDiameter } from '../cable/bundle.ts';
import { leadCable } from './lead-cable.ts';
import type { Lead } from './lead.ts';

/** Diameter of everything that runs along a leg, side by side, metres. */
export function legDiameter(lead: Lead, legId: string): number {
  return bundleDiameter(
    lead.pieces
      .filter(({ legIds }) => legIds.includes(legId))
      .map(({ cableId }) => leadCable(lead, cableId).jacket.diameter),
  );
}

/** Diameter of all legs but one that leave a node, side by side, metres. */
export function branchesDiameter(lead: Lead, nodeId: string, besideLegId: string): number {
  return bundleDiameter(
    lead.legs
      .filter(
        ({ id, fromNodeId, toNodeId }) =>
          id !== besideLegId && (fromNodeId === nodeId || toNodeId === nodeId),
      )
      .map(({ id }) => legDiameter(lead, id)),
  );
}
