import type { CoaxCable } from '../cable/cable.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import { nodesOfPiece } from '../lead/lead.ts';
import type { PieceLengths } from './resistance.ts';

/** A lead that is one coaxial line, as an analyser meets it: port 1 at the first end. */
export interface SweepLine {
  readonly cable: CoaxCable;
  /** Between the jacket edges, metres. */
  readonly length: number;
  readonly near: CoaxConnector;
  readonly far: CoaxConnector;
  readonly reference: number;
  /** Whether the piece begins at the first end. */
  readonly forward: boolean;
}

/** The line of a lead; undefined where it is not one coaxial line between two coaxial ends. */
export function sweepLineOf(lead: Lead, lengths: PieceLengths): SweepLine | undefined {
  const [first, second] = lead.ends;
  const [piece] = lead.pieces;
  if (lead.ends.length !== 2 || lead.pieces.length !== 1 || !first || !second || !piece) return undefined;
  const cable = leadCable(lead, piece.cableId);
  const [near, far] = [first, second].map(({ connectorId }) => leadConnector(lead, connectorId));
  if (cable.structure !== 'coax' || !isCoaxial(near!) || !isCoaxial(far!)) return undefined;
  return {
    cable,
    length: lengths.get(piece.id)!,
    near,
    far,
    reference: lead.requirement.systemImpedance,
    forward: nodesOfPiece(lead, piece)[0] === first.nodeId,
  };
}
