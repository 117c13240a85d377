import { conductorsOf } from '../cable/conductors.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import { nodesOfPiece, piecesAtEnd } from '../lead/lead.ts';
import type { Terminal, Wiring, WiringConductor, WiringPoint } from './wiring.ts';

/** One conductor of one piece. */
export interface PieceStrand {
  readonly pieceId: string;
  readonly conductor: string;
}

const strandId = ({ pieceId, conductor }: PieceStrand) => `${pieceId}.${conductor}`;

/** The join that a conductor of a piece is part of at a node, if any. */
export function joinAt(lead: Lead, strand: PieceStrand, nodeId: string): number {
  return lead.joins.findIndex(
    (join) =>
      join.nodeId === nodeId && join.conductors.some((joined) => strandId(joined) === strandId(strand)),
  );
}

/**
 * Every contact of every end of a lead, and every conductor where it meets an end. Conductors that are joined at a split
 * or splice count as one; a spare core meets its ends at no point.
 */
export function leadWiring(lead: Lead): Wiring {
  const points: WiringPoint[] = lead.ends.flatMap((end) =>
    leadConnector(lead, end.connectorId).contacts.map(({ id, isShell }) => ({
      id: `${end.id}.${id}`,
      endId: end.id,
      contact: id,
      label: `end ${end.name} ${id}`,
      shortLabel: `${end.name} ${id}`,
      isShell,
    })),
  );
  const indexOfPoint = new Map(points.map(({ id }, index) => [id, index]));
  const { conductors, indexOf } = leadConductors(lead);
  const terminals = lead.ends.flatMap((end) =>
    piecesAtEnd(lead, end).flatMap((piece) =>
      conductorsOf(leadCable(lead, piece.cableId)).map(({ id }): Terminal => {
        const strand = { pieceId: piece.id, conductor: id };
        const connection = lead.pinPlan.find(
          (candidate) =>
            candidate.endId === end.id && candidate.pieceId === piece.id && candidate.conductor === id,
        );
        const point = connection && indexOfPoint.get(`${end.id}.${connection.contact}`);
        return { conductor: indexOf(strand), strand, endId: end.id, point: point ?? null };
      }),
    ),
  );
  return { points, conductors, terminals };
}

/** The conductors of a lead as a tester can tell them apart: those that are joined are one. */
function leadConductors(lead: Lead): {
  conductors: WiringConductor[];
  indexOf: (strand: PieceStrand) => number;
} {
  const conductors: WiringConductor[] = [];
  const index = new Map<string, number>();
  const ofJoin = new Map<number, number>();
  for (const piece of lead.pieces)
    for (const { id, label, pair } of conductorsOf(leadCable(lead, piece.cableId))) {
      const strand = { pieceId: piece.id, conductor: id };
      const join = nodesOfPiece(lead, piece)
        .map((nodeId) => joinAt(lead, strand, nodeId))
        .find((found) => found >= 0);
      const known = join === undefined ? undefined : ofJoin.get(join);
      if (known === undefined)
        conductors.push({
          id: strandId(strand),
          pieceId: piece.id,
          label: lead.pieces.length > 1 ? `${label} of ${piece.id}` : label,
          ...(pair === null ? {} : { pair: `${piece.id} pair ${pair}` }),
        });
      const here = known ?? conductors.length - 1;
      if (join !== undefined) ofJoin.set(join, here);
      index.set(strandId(strand), here);
    }
  return { conductors, indexOf: (strand) => index.get(strandId(strand))! };
}
