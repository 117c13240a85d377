import { z } from 'zod';
import { pathResistances } from '../cable/electrical.ts';
import { leadCable } from '../lead/lead-cable.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import type { Term } from '../quantity/explained.ts';
import { explainedSchema } from '../quantity/explained.ts';

/** What is allowed over the computed cable resistance: length, lay and copper are never quite nominal. House value. */
const cableAllowance = 1.1;

/** One planned path between contacts of two ends, with what it should read. */
export const expectedPathSchema = z.object({
  id: z.string(),
  label: z.string(),
  from: z.string(),
  to: z.string(),
  expected: z.number(),
  limit: explainedSchema,
});

export type ExpectedPath = z.infer<typeof expectedPathSchema>;

/** Length of cable that each piece has in the finished lead, metres, by piece id. */
export type PieceLengths = ReadonlyMap<string, number>;

/** Direct-current resistance of one conductor of a piece, ohm, at a temperature. */
export function conductorResistance(
  lead: Lead,
  pieceId: string,
  conductor: string,
  length: number,
  celsius: number,
): number {
  const cable = leadCable(lead, lead.pieces.find(({ id }) => id === pieceId)!.cableId);
  const { centre, shield } = pathResistances(cable, celsius);
  return (conductor === 'centre' ? centre : shield) * length;
}

/** Allowance for one contact of an end, ohm. */
export function contactAllowance(lead: Lead, endId: string, contact: string): number {
  return connectorById(endById(lead, endId).connectorId).series.contactAllowance[
    contact === 'centre' ? 'centre' : 'outer'
  ];
}

/** Every planned path between two ends, and its limit `1.1 R(T) + sum of contacts`. */
export function expectedPaths(lead: Lead, lengths: PieceLengths, celsius: number): ExpectedPath[] {
  return lead.pinPlan.flatMap((near, index) =>
    lead.pinPlan
      .slice(index + 1)
      .filter((far) => far.pieceId === near.pieceId && far.conductor === near.conductor)
      .map((far) => expectedPath(lead, near, far, lengths, celsius)),
  );
}

function expectedPath(
  lead: Lead,
  near: Lead['pinPlan'][number],
  far: Lead['pinPlan'][number],
  lengths: PieceLengths,
  celsius: number,
): ExpectedPath {
  const length = lengths.get(near.pieceId)!;
  const cable = conductorResistance(lead, near.pieceId, near.conductor, length, celsius);
  const contacts = [near, far].map(({ endId, contact }): Term => ({
    label: `Contact, end ${endById(lead, endId).name}`,
    value: contactAllowance(lead, endId, contact),
    kind: 'resistance',
    assumed: true,
  }));
  const contactSum = contacts.reduce((total, { value }) => total + value, 0);
  return {
    id: `${near.endId}.${near.contact}-${far.endId}.${far.contact}`,
    label: `${near.conductor}, end ${endById(lead, near.endId).name} to end ${endById(lead, far.endId).name}`,
    from: `${near.endId}.${near.contact}`,
    to: `${far.endId}.${far.contact}`,
    expected: cable + contactSum,
    limit: {
      value: cableAllowance * cable + contactSum,
      kind: 'resistance',
      formula: '1.1 R(T) + contacts',
      terms: [
        { label: 'Cable in the lead', value: length, kind: 'length' },
        { label: 'Temperature', value: celsius, kind: 'temperature', assumed: true },
        {
          label: `R of the ${near.conductor} conductor`,
          symbol: 'R',
          value: cable,
          kind: 'resistance',
          assumed: true,
        },
        ...contacts,
      ],
      source: 'direct-current resistance from construction; allowance and contacts: house values',
    },
  };
}
