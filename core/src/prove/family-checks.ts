import { rejectionFixture } from '../words/choke.ts';
import { capacitanceWords, loadWords, rejectionWords, terminatorWords } from '../words/proof-check.ts';
import { writeCheckKey } from '../reading/check-key.ts';
import { z } from 'zod';
import { leadConnector } from '../lead/lead-connector.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import type { Role } from '../connector/signal.ts';
import { roleOf } from '../connector/signal.ts';
import type { House } from '../house/house.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import { lightingLimits } from '../bus/lighting-bus.ts';
import { commonModeImpedance } from '../line/choke.ts';
import type { Choke } from '../fit/choke-rejection.ts';
import { chokesOf, promisedRejection, rejectionSpread } from '../fit/choke-rejection.ts';
import { leadNetwork, networkCapacitance } from './lead-network.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import type { PieceLengths } from './resistance.ts';
import { contactAllowance, mostCopper } from './resistance.ts';

const checkSchema = z.object({
  id: z.string(),
  label: z.string(),
  min: z.number(),
  how: z.string(),
  /** Where its limits come from, in words. */
  why: z.string().optional(),
});

/** Read between two contacts of the near end. */
const acrossContactsSchema = checkSchema.extend({
  quantity: z.enum(['resistance', 'capacitance']),
  max: z.number(),
  contacts: z.tuple([z.string(), z.string()]),
  /** Ohm across the same two at the far end while it is read; null for nothing. */
  farEnd: z.number().positive().nullable(),
});

/** Read across a choke on the run, at a frequency in hertz. */
const acrossChokeSchema = checkSchema.extend({
  quantity: z.literal('decibel'),
  choke: z.object({ id: z.string(), frequency: z.number().positive() }),
});

export const familyCheckSchema = z.union([acrossContactsSchema, acrossChokeSchema]);

/** A reading that a family of leads is proved by, beside what every lead is: within limits, SI. */
export type FamilyCheck = z.infer<typeof familyCheckSchema>;
export type ContactCheck = z.infer<typeof acrossContactsSchema>;
export type ChokeCheck = z.infer<typeof acrossChokeSchema>;

/** An ordinary terminator is within 5 % (house default); a load to test with within 3 %. */
const terminatorTolerance = 0.05;
const loadTolerance = 0.03;
/** A pair is within a quarter of its class; cores of two pairs read about half. A coax is within a tenth. Engineering values. */
const pairSpread = 0.25;
const coaxSpread = 0.1;
/** Connectors add so much that no class figure has, farads. Engineering value. */
const connectorFarads = 8e-12;

const lightingPairs: readonly (readonly [Role, Role])[] = [
  ['data 1-', 'data 1+'],
  ['data 2-', 'data 2+'],
];

/** A lead with two ends, read between two contacts of the first. */
interface Reach {
  readonly lead: Lead;
  readonly lengths: PieceLengths;
  readonly house: House;
  readonly near: LeadEnd;
  readonly far: LeadEnd;
}

/**
 * What its family is proved by: coax by a load seen through it and its capacitance; lighting by the terminator on every
 * pair that is wired, and each pair on cores twisted together, which only its capacitance tells; audio by its capacitance; and
 * every choke by its rejection.
 */
export function familyChecks(lead: Lead, lengths: PieceLengths, house: House): FamilyCheck[] {
  return [
    ...signalChecks(lead, lengths, house),
    ...chokesOf(lead).flatMap((choke) => chokeCheck(lead, choke)),
  ];
}

/** A choke rejects what the class of its beads promises, in the system that this is stated for. */
function chokeCheck(lead: Lead, choke: Choke): ChokeCheck[] {
  const promised = promisedRejection(lead, choke);
  if (!promised) return [];
  const { frequency, db } = promised;
  return [
    {
      id: writeCheckKey({ kind: 'rejection', partId: choke.id }),
      label: rejectionWords.label(endById(lead, choke.nearEndId).name, frequency, commonModeImpedance),
      quantity: 'decibel',
      min: Math.max(0, db - rejectionSpread),
      choke: { id: choke.id, frequency },
      how: rejectionWords.how(rejectionFixture, frequency),
      why: rejectionWords.why(db, rejectionSpread),
    },
  ];
}

function signalChecks(lead: Lead, lengths: PieceLengths, house: House): ContactCheck[] {
  const [near, far] = lead.ends;
  if (lead.ends.length !== 2 || !near || !far) return [];
  const reach: Reach = { lead, lengths, house, near, far };
  switch (lead.signal) {
    case 'radio':
      return radioChecks(reach);
    case 'lighting':
      return lightingPairs.flatMap((roles, index) => lightingChecks(reach, roles, index + 1));
    case 'balanced':
    case 'unbalanced':
    case 'stereo':
      return audioChecks(reach);
    default:
      return [];
  }
}

function radioChecks(reach: Reach): ContactCheck[] {
  const { lead, near, far } = reach;
  const pair: [string, string] = ['centre', 'outer'];
  const wired = pair.map((contact) => onContact(reach, contact));
  if (wired.some((connection) => !connection)) return [];
  const load = lead.requirement.systemImpedance;
  const loop = loopOf(reach, pair);
  return [
    {
      id: writeCheckKey({ kind: 'load' }),
      label: loadWords.label(load),
      quantity: 'resistance',
      min: load * (1 - loadTolerance),
      max: load * (1 + loadTolerance) + loop,
      contacts: pair,
      farEnd: load,
      how: loadWords.how(load, far.name, near.name),
      why: loadWords.why(loadTolerance),
    },
    ...capacitanceCheck(reach, pair, capacitanceWords.coax, coaxSpread),
  ];
}

function audioChecks(reach: Reach): ContactCheck[] {
  const hot = contactOf(reach, 'hot') ?? contactOf(reach, 'left');
  const shield = contactOf(reach, 'shield');
  return hot && shield
    ? capacitanceCheck(reach, [hot, shield], capacitanceWords.cores(hot, shield), pairSpread)
    : [];
}

function lightingChecks(reach: Reach, [minus, plus]: readonly [Role, Role], number: number): ContactCheck[] {
  const { lead, near, far } = reach;
  const [a, b] = [contactOf(reach, minus), contactOf(reach, plus)];
  const wired = a && onContact(reach, a);
  if (!a || !b || !wired || !onContact(reach, b)) return [];
  const pair: [string, string] = [a, b];
  const terminator: ContactCheck = {
    id: writeCheckKey({ kind: 'terminator', pair: number }),
    label: terminatorWords.label(number),
    quantity: 'resistance',
    min: lightingLimits.impedance * (1 - terminatorTolerance),
    max: lightingLimits.impedance * (1 + terminatorTolerance) + loopOf(reach, pair),
    contacts: pair,
    farEnd: lightingLimits.impedance,
    how: terminatorWords.how(far.name, near.name, pair),
    why: terminatorWords.why(terminatorTolerance),
  };
  const cable = leadCable(lead, lead.pieces.find(({ id }) => id === wired.pieceId)!.cableId);
  if (cable.structure !== 'cores' || cable.lay === 'parallel') return [terminator];
  const [capacitance] = capacitanceCheck(reach, pair, capacitanceWords.pair(number), pairSpread);
  return capacitance
    ? [terminator, { ...capacitance, id: writeCheckKey({ kind: 'pair', pair: number }) }]
    : [terminator];
}

function capacitanceCheck(
  { lead, lengths, near }: Reach,
  contacts: [string, string],
  label: string,
  spread: number,
): ContactCheck[] {
  const wiring = leadWiring(lead);
  const [a, b] = contacts.map((contact) =>
    wiring.points.findIndex(({ id }) => id === `${near.id}.${contact}`),
  );
  const whole = networkCapacitance(leadNetwork({ lead, lengths, celsius: 20, faults: [] }, wiring), a!, b!);
  if (whole === undefined) return [];
  return [
    {
      id: writeCheckKey({ kind: 'capacitance' }),
      label,
      quantity: 'capacitance',
      min: Math.max(0, whole * (1 - spread) - connectorFarads / 2),
      max: whole * (1 + spread) + connectorFarads,
      contacts,
      farEnd: null,
      how: capacitanceWords.how(contacts, near.name),
      why: capacitanceWords.why(spread),
    },
  ];
}

/**
 * Length of the cable by the capacitance that a pair of it was read to have, metres, and how far that may be off: cable of a class
 * differs by so much. Undefined for checks of another kind.
 */
export function lengthByCapacitance(
  check: FamilyCheck,
  farads: number,
  planned: number,
): { readonly length: number; readonly uncertainty: number } | undefined {
  if (check.quantity !== 'capacitance') return undefined;
  const whole = (check.max - connectorFarads) / (1 + pairSpread);
  const length = (planned * Math.max(0, farads - connectorFarads / 2)) / whole;
  return { length, uncertainty: pairSpread * planned };
}

/** The contact of the near end that means something, if any does. */
function contactOf({ lead, house, near }: Reach, role: Role): string | undefined {
  const at = signalEnd(lead, near, house.devices);
  return leadConnector(lead, near.connectorId).contacts.find(({ id }) => roleOf(lead.signal, at, id) === role)
    ?.id;
}

const onContact = ({ lead, near }: Reach, contact: string) =>
  lead.pinPlan.find((connection) => connection.endId === near.id && connection.contact === contact);

/** Most that the two conductors and all four contacts add, ohm. */
function loopOf(reach: Reach, pair: readonly [string, string]): number {
  const { lead, lengths, house, near, far } = reach;
  const most = mostCopper(house.roomCelsius, house.limits.cableAllowance);
  return pair.reduce((sum, contact) => {
    const { pieceId, conductor } = onContact(reach, contact)!;
    const there = lead.pinPlan.find(
      (other) => other.endId === far.id && other.pieceId === pieceId && other.conductor === conductor,
    );
    const cable = leadCable(lead, lead.pieces.find(({ id }) => id === pieceId)!.cableId);
    const copper = most(cable, conductor) * lengths.get(pieceId)!;
    const contacts =
      contactAllowance(lead, near.id, contact) + (there ? contactAllowance(lead, far.id, there.contact) : 0);
    return sum + copper + contacts;
  }, 0);
}
