import { connectorEntrySchema } from '../connector/connector-entry.ts';
import { z } from 'zod';
import { coaxEntrySchema, coreEntrySchema } from '../cable/construction.ts';
import { addedKinds } from './added-part.ts';
import { beadMaterialIds } from '../line/choke.ts';
import { ownPracticeSchema, spareCores } from '../house/practice.ts';
import { envelopeSchema } from '../record/envelope.ts';
import { channelNames, signals } from '../connector/signal.ts';

export const environments = ['indoor', 'outdoor', 'buried', 'marine'] as const;
export const referencePlanes = ['tip', 'shoulder', 'mating plane', 'jacket'] as const;

/** Where an end may lie that is not made here. */
export const lyingPlaces = ['wall', 'trench'] as const;

/** Breakouts that can be made, metres. */
export const shortestBreakout = 15e-3;
export const longestBreakout = 2;

const endSchema = z.object({
  id: z.string(),
  /** The leaf of the tree that this end sits on. */
  nodeId: z.string(),
  name: z.string(),
  connectorId: z.string(),
  gaugeCardId: z.string(),
  referencePlane: z.enum(referencePlanes),
  /** Shrink or tape over the rear of the connector, as relief and seal. */
  shrink: z.boolean(),
  /** Which half of a stereo signal an end with one hot contact carries. */
  channel: z.enum(channelNames).nullable().default(null),
  /** The device that it goes to, where House has a profile with the device's own order of contacts. */
  deviceId: z.string().nullable().default(null),
  /** Colour of the ring that tells it from its likes. */
  marker: z.string().nullable().default(null),
  /** How far a right-angle body is turned against the first end, quarters clockwise seen along the cable. */
  quarterTurns: z.number().int().min(0).max(3).default(0),
  /** How long its cores are free of the jacket, metres, where it does not clamp the jacket; absent for the usual of its kind. */
  breakout: z.number().min(shortestBreakout).max(longestBreakout).optional(),
  /** The tool of the house that it is stripped with; absent: the first that takes its cable and can make its strip. */
  stripperId: z.string().optional(),
  /** What becomes of its spare cores, where that is not as the lead does it elsewhere. */
  spareCore: z.enum(spareCores).optional(),
  /** It lies there already, in a wall or a trench: it is not made here, and nothing goes on the cable from it. */
  lies: z.enum(lyingPlaces).optional(),
  /** The cable on the other side of its splice, where that is not the lead's own kind. */
  spliceTo: z.string().optional(),
  /** What it goes to: amplifier, loudspeaker. */
  called: z.string().min(1).max(40).optional(),
});

const legSchema = z.object({
  id: z.string(),
  fromNodeId: z.string(),
  toNodeId: z.string(),
  /** Metres, between the reference planes of a lead with two ends; a leg's own length elsewhere. */
  finishedLength: z.number().positive(),
});

/** One length of cable off a reel; it spans legs in order. */
const pieceSchema = z.object({ id: z.string(), cableId: z.string(), legIds: z.array(z.string()).min(1) });

/** One conductor of a piece on one contact of an end. */
const connectionSchema = z.object({
  pieceId: z.string(),
  conductor: z.string(),
  endId: z.string(),
  contact: z.string(),
});

/** A threaded part beyond those that the ends' methods bring. */
const extraPlaceSchema = z.object({
  id: z.string(),
  legId: z.string(),
  /** Which end it belongs near, and how far from that end's jacket edge, metres. */
  nearEndId: z.string(),
  distance: z.number().positive(),
});

const extraPartSchema = z.discriminatedUnion('kind', [
  extraPlaceSchema.extend({ kind: z.literal('label sleeve') }),
  extraPlaceSchema.extend({
    kind: z.literal('choke'),
    beads: z.number().int().min(1).max(200),
    /** Of one bead, metres. */
    bead: z.object({
      outside: z.number().positive(),
      bore: z.number().positive(),
      length: z.number().positive(),
    }),
    /** A material class of the Line lab; null where its maker's points were used. */
    material: z.enum(beadMaterialIds).nullable().default(null),
    /** Which end of the feeder it stands at decides what it keeps off. */
    at: z.enum(['feedpoint', 'radio end']).default('feedpoint'),
  }),
  extraPlaceSchema.extend({ kind: z.literal('braided sleeve'), size: z.string() }),
  extraPlaceSchema.extend({
    kind: z.literal('added'),
    what: z.enum(addedKinds),
    colour: z.string().min(1).nullable(),
    /** Metres; null for the usual length of its kind. */
    length: z.number().positive().nullable(),
  }),
]);

/** Conductors of pieces that are joined at a split or a splice. */
const joinSchema = z.object({
  nodeId: z.string(),
  conductors: z.array(z.object({ pieceId: z.string(), conductor: z.string() })).min(2),
});

const partOverrideSchema = z.object({
  opening: z.number().positive().optional(),
  outside: z.number().positive().optional(),
});

/** A lead: the design only. What is cut, threaded, joined and proved belongs to its units. */
export const leadSchema = envelopeSchema.extend({
  name: z.string().min(1),
  purpose: z.string(),
  nodes: z.array(z.object({ id: z.string(), kind: z.enum(['end', 'split', 'splice']) })).min(2),
  legs: z.array(legSchema).min(1),
  ends: z.array(endSchema).min(2),
  pieces: z.array(pieceSchema).min(1),
  /** Cables of this lead that the catalogue does not have, as they were entered. */
  ownCables: z.array(z.discriminatedUnion('structure', [coaxEntrySchema, coreEntrySchema])).default([]),
  /** Connectors of this lead that the catalogue may not have: a frozen lead carries all of its own. */
  ownConnectors: z.array(connectorEntrySchema).default([]),
  /** What it carries: decides what its contacts mean and what is computed for it. */
  signal: z.enum(signals).default('radio'),
  pinPlan: z.array(connectionSchema),
  joins: z.array(joinSchema).default([]),
  extraParts: z.array(extraPartSchema),
  partOverrides: z.record(z.string(), partOverrideSchema),
  /** Where the lead lives: decides the seal. */
  environment: z.enum(environments).default('indoor'),
  /** Bends of a tube that is bent once: vertex along the run from its first node, metres, and the angle turned through, radians. */
  bends: z
    .array(
      z.object({
        at: z.number().positive(),
        angle: z.number().positive().max(Math.PI),
        radius: z.number().positive(),
      }),
    )
    .default([]),
  /** Units of one order line agree in phase: within this angle (radians) at this frequency. */
  phaseMatch: z
    .object({ frequency: z.number().positive(), within: z.number().positive() })
    .nullable()
    .default(null),
  requirement: z.object({
    /** Hertz. */
    frequencies: z.array(z.number().positive()).min(1),
    /** Watts into the near end; assumed until asked. */
    inputPower: z.object({ value: z.number().positive(), assumed: z.boolean() }),
    /** What stands at the far end, ohm. */
    load: z.object({ re: z.number(), im: z.number() }),
    /** What it is matched to: the system's impedance, ohm. */
    systemImpedance: z.number().positive(),
  }),
  /** How far the finished length may be off, metres, plus or minus; absent for what is usual. */
  lengthTolerance: z.number().positive().max(10).optional(),
  /** Further re-terminations of each end that the cut length allows for. */
  spareTerminations: z.number().int().min(0).max(5),
  /** Slack added to the cut length, metres. */
  slack: z.number().min(0).max(10),
  /** What the first article showed to be missing (or, negative, too much) in the finished length: cut so much more, metres. */
  cutCorrection: z.number().min(-0.2).max(0.2).default(0),
  /** Where this lead differs from house practice. */
  practice: ownPracticeSchema.default({}),
  /** The end closed first; null leaves it to the planner. */
  firstEndId: z.string().nullable(),
  /** Ends that were fitted before this work began: the leads that come back. */
  fittedEndIds: z.array(z.string()),
});

export type Lead = z.infer<typeof leadSchema>;
export type LeadEnd = z.infer<typeof endSchema>;
export type Leg = z.infer<typeof legSchema>;
export type Piece = z.infer<typeof pieceSchema>;
export type Connection = z.infer<typeof connectionSchema>;
export type ExtraPart = z.infer<typeof extraPartSchema>;
export type Join = z.infer<typeof joinSchema>;
export type ReferencePlane = (typeof referencePlanes)[number];

export function endById(lead: Lead, endId: string): LeadEnd {
  const end = lead.ends.find((candidate) => candidate.id === endId);
  if (!end) throw new RangeError(`lead "${lead.name}": there is no end "${endId}"`);
  return end;
}

/** The leg that ends at a leaf. */
export function legAtEnd(lead: Lead, end: LeadEnd): Leg {
  const leg = lead.legs.find(
    ({ fromNodeId, toNodeId }) => fromNodeId === end.nodeId || toNodeId === end.nodeId,
  );
  if (!leg) throw new RangeError(`lead "${lead.name}": end ${end.name} hangs on no leg`);
  return leg;
}

/** The nodes that a piece ends at, the one of its first leg first. */
export function nodesOfPiece(lead: Lead, piece: Piece): [string, string] {
  const legs = piece.legIds.map((legId) => lead.legs.find(({ id }) => id === legId)!);
  const [first, second] = legs;
  if (!second) return [first!.fromNodeId, first!.toNodeId];
  const shared = (a: Leg, b: Leg) =>
    [a.fromNodeId, a.toNodeId].find((node) => node === b.fromNodeId || node === b.toNodeId);
  const away = (leg: Leg, node: string | undefined) =>
    leg.fromNodeId === node ? leg.toNodeId : leg.fromNodeId;
  return [away(first!, shared(first!, second)), away(legs.at(-1)!, shared(legs.at(-1)!, legs.at(-2)!))];
}

/** The ends that a piece reaches: those on the leaves that it ends at. */
export function endsOfPiece(lead: Lead, piece: Piece): LeadEnd[] {
  return nodesOfPiece(lead, piece).flatMap((nodeId) => lead.ends.filter((end) => end.nodeId === nodeId));
}

/** The pieces that an end takes. */
export function piecesAtEnd(lead: Lead, end: LeadEnd): Piece[] {
  const leg = legAtEnd(lead, end);
  return lead.pieces.filter((piece) => piece.legIds.includes(leg.id));
}
