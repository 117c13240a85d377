import type { Lead, LeadEnd } from '../lead/lead.ts';
import { legAtEnd } from '../lead/lead.ts';

/** Metres from the leg's first node for something at a distance from an end. */
export function placeOnLeg(lead: Lead, end: LeadEnd, distance: number): number {
  const leg = legAtEnd(lead, end);
  const place = Math.min(distance, 0.45 * leg.finishedLength);
  return leg.fromNodeId === end.nodeId ? place : leg.finishedLength - place;
}
