import { otherSideId } from './other-side-id.ts';
import { leadConnector } from './lead-connector.ts';
import { legAtEnd } from './lead.ts';
import type { Lead, LeadEnd } from './lead.ts';

/** The cable on the other side of a splice, prepared like the one that the lead has there. */
export interface OtherSide {
  /** Called apart from the end that it belongs to; it is no end of the lead. */
  readonly end: LeadEnd;
  /** The end whose splice it goes into. */
  readonly of: LeadEnd;
  readonly cableId: string;
}

/** Every cable that lies on the other side of a splice of a lead: the same as the lead's, where nobody says otherwise. */
export function otherSides(lead: Lead): OtherSide[] {
  return lead.ends
    .filter((end) => leadConnector(lead, end.connectorId).sex === 'splice')
    .map((of) => ({
      of,
      end: { ...of, id: otherSideId(of.id), name: `${of.name}, other side` },
      cableId:
        of.spliceTo ?? lead.pieces.find(({ legIds }) => legIds.includes(legAtEnd(lead, of).id))!.cableId,
    }));
}
