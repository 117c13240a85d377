import { z } from 'zod';
import { pairFigures } from '../cable/pair.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import type { Role } from '../lead/signal.ts';
import { roleOf } from '../lead/signal.ts';
import type { House } from '../house/house.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import { lightingLimits } from '../bus/lighting-bus.ts';
import type { PieceLengths } from './resistance.ts';
import { conductorResistance } from './resistance.ts';

/** A reading that a family of leads is proved by, beside what every lead is: within limits, SI. */
export const familyCheckSchema = z.object({
  id: z.string(),
  label: z.string(),
  quantity: z.enum(['resistance', 'capacitance']),
  min: z.number(),
  max: z.number(),
  /** The two contacts of the near end that it is read between. */
  contacts: z.tuple([z.string(), z.string()]),
  how: z.string(),
});

export type FamilyCheck = z.infer<typeof familyCheckSchema>;

/** An ordinary terminator is within 5 % (house default). */
const terminatorTolerance = 0.05;
/** A pair is within a quarter of its class; cores of two pairs read about half. Engineering values. */
const pairSpread = 0.25;

const pairs: readonly (readonly [Role, Role])[] = [
  ['data 1-', 'data 1+'],
  ['data 2-', 'data 2+'],
];

/**
 * Lighting leads: a terminator at the far end is seen from the near one on every pair that is wired, and each pair runs
 * on cores that are twisted together, which only its capacitance tells.
 */
export function familyChecks(lead: Lead, lengths: PieceLengths, house: House): FamilyCheck[] {
  const [near] = lead.ends;
  if (lead.signal !== 'lighting' || !near) return [];
  const at = signalEnd(near, house.devices);
  const contactOf = (role: Role) =>
    connectorById(near.connectorId).contacts.find(({ id }) => roleOf(lead.signal, at, id) === role)?.id;
  return pairs.flatMap(([minus, plus], index): FamilyCheck[] => {
    const contacts = [contactOf(minus), contactOf(plus)];
    const wired = contacts.map((contact) =>
      lead.pinPlan.find((connection) => connection.endId === near.id && connection.contact === contact),
    );
    const [a, b] = wired;
    if (!a || !b || lead.ends.length !== 2) return [];
    const length = lengths.get(a.pieceId)!;
    const loop =
      conductorResistance(lead, a.pieceId, a.conductor, length, house.roomCelsius) +
      conductorResistance(lead, b.pieceId, b.conductor, length, house.roomCelsius);
    const pair: [string, string] = [a.contact, b.contact];
    const between = `${pair[0]} and ${pair[1]} at end ${near.name}`;
    const cable = leadCable(lead, lead.pieces.find(({ id }) => id === a.pieceId)!.cableId);
    const terminator: FamilyCheck = {
      id: `terminator ${index + 1}`,
      label: `Terminator seen on pair ${index + 1}`,
      quantity: 'resistance',
      min: lightingLimits.impedance * (1 - terminatorTolerance),
      max: lightingLimits.impedance * (1 + terminatorTolerance) + 1.1 * loop + 0.1,
      contacts: pair,
      how: `terminator at end ${endById(lead, lead.ends[1]!.id).name}, ohms between ${between}`,
    };
    if (cable.structure !== 'cores' || cable.lay === 'parallel') return [terminator];
    const whole = pairFigures(cable).coreToCore * length;
    return [
      terminator,
      {
        id: `pair ${index + 1}`,
        label: `Pair ${index + 1} is twisted together`,
        quantity: 'capacitance',
        min: whole * (1 - pairSpread),
        max: whole * (1 + pairSpread),
        contacts: pair,
        how: `nothing at the far end, capacitance between ${between}`,
      },
    ];
  });
}
