import type { CableConductor } from '../cable/conductors.ts';
import { conductorsOf } from '../cable/conductors.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, Piece } from '../lead/lead.ts';
import { nodesOfPiece, piecesAtEnd } from '../lead/lead.ts';
import { joinAt } from './lead-wiring.ts';

/** One conductor of one cable of a lead, from contact to contact. */
export interface WireRow {
  readonly pieceId: string;
  readonly conductor: CableConductor;
  /** By end, in the order of the lead: its contact, null where it is left spare, undefined where its cable does not go. */
  readonly at: readonly (string | null | undefined)[];
  /** What it is joined to at a split or in a splice, one text each: black of cable C. */
  readonly joined: readonly string[];
  /** Others that are on one of its contacts with it. */
  readonly shares: readonly string[];
}

/** Every conductor of a lead, cable by cable as it lies in them, with where each of its ends goes. */
export function wireList(lead: Lead): WireRow[] {
  return lead.pieces.flatMap((piece) =>
    conductorsOf(leadCable(lead, piece.cableId)).map((conductor): WireRow => ({
      pieceId: piece.id,
      conductor,
      at: lead.ends.map((end) =>
        piecesAtEnd(lead, end).some(({ id }) => id === piece.id)
          ? contactOf(lead, end.id, piece.id, conductor.id)
          : undefined,
      ),
      joined: joinedTo(lead, piece, conductor.id),
      shares: sharing(lead, piece.id, conductor.id),
    })),
  );
}

const contactOf = ({ pinPlan }: Lead, endId: string, pieceId: string, conductor: string) =>
  pinPlan.find((each) => each.endId === endId && each.pieceId === pieceId && each.conductor === conductor)
    ?.contact ?? null;

/** A conductor in words, with its cable where the lead has several. */
function nameOf(lead: Lead, pieceId: string, conductorId: string): string {
  const piece = lead.pieces.find(({ id }) => id === pieceId)!;
  const { label } = conductorsOf(leadCable(lead, piece.cableId)).find(({ id }) => id === conductorId)!;
  return lead.pieces.length > 1 ? `${label} of ${pieceId}` : label;
}

function joinedTo(lead: Lead, piece: Piece, conductor: string): string[] {
  return nodesOfPiece(lead, piece).flatMap((nodeId) => {
    const join = lead.joins[joinAt(lead, { pieceId: piece.id, conductor }, nodeId)];
    return (join?.conductors ?? [])
      .filter((other) => other.pieceId !== piece.id || other.conductor !== conductor)
      .map((other) => nameOf(lead, other.pieceId, other.conductor));
  });
}

function sharing(lead: Lead, pieceId: string, conductor: string): string[] {
  const mine = lead.pinPlan.filter((each) => each.pieceId === pieceId && each.conductor === conductor);
  const names = mine.flatMap(({ endId, contact }) =>
    lead.pinPlan
      .filter((each) => each.endId === endId && each.contact === contact && !mine.includes(each))
      .map((each) => nameOf(lead, each.pieceId, each.conductor)),
  );
  return [...new Set(names)];
}
