import { z } from 'zod';
import type { Fault } from './fault.ts';

const index = z.number().int().min(0).max(1023);
const ohms = z.number().min(0).max(1e12);
/** Place along a piece: its part from the first node of the piece, 0 to 1. */
const along = z.number().min(0).max(1);

/** The mistakes of the diagnosis, as they come from outside. */
export const faultSchema: z.ZodType<Fault> = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('open'), terminal: index }),
  z.object({ kind: z.literal('short'), points: z.tuple([index, index]) }),
  z.object({ kind: z.literal('swap'), terminals: z.tuple([index, index]) }),
  z.object({ kind: z.literal('wrong contact'), terminal: index, point: index }),
  z.object({ kind: z.literal('rotated'), endId: z.string(), by: index }),
  z.object({ kind: z.literal('mirrored'), endId: z.string() }),
]);

const cableFaultSchema = z.discriminatedUnion('kind', [
  /** A conductor broken inside the cable. */
  z.object({ kind: z.literal('cable open'), pieceId: z.string(), conductor: z.string(), at: along }),
  /** Two conductors that touch inside the cable. */
  z.object({
    kind: z.literal('cable short'),
    pieceId: z.string(),
    conductors: z.tuple([z.string(), z.string()]),
    at: along,
  }),
  /** A stretch pressed flat: its impedance is low. Metres. */
  z.object({ kind: z.literal('crush'), pieceId: z.string(), at: along, length: z.number().min(0).max(100) }),
  /** A stretch with water in its dielectric: lossy, slow, low. Metres. */
  z.object({ kind: z.literal('water'), pieceId: z.string(), at: along, length: z.number().min(0).max(1000) }),
  /** The piece was cut from a reel of another cable. */
  z.object({ kind: z.literal('wrong cable'), pieceId: z.string(), cableId: z.string() }),
]);

/** A fault that can be set on a virtual lead: one of the diagnosis, a joint that conducts badly or now and then, a film that leaks, the cable itself, or a choke. */
export const injectedFaultSchema = z.union([
  faultSchema,
  z.object({ kind: z.literal('high resistance'), terminal: index, ohms }),
  z.object({ kind: z.literal('intermittent'), terminal: index }),
  z.object({ kind: z.literal('leak'), points: z.tuple([index, index]), ohms }),
  cableFaultSchema,
  /** Beads of another material than the plan's: they look alike. */
  z.object({ kind: z.literal('wrong beads'), chokeId: z.string() }),
]);

export type InjectedFault = z.infer<typeof injectedFaultSchema>;
export type CableFault = z.infer<typeof cableFaultSchema>;

const topological: readonly string[] = ['open', 'short', 'swap', 'wrong contact', 'rotated', 'mirrored'];

/** Whether a fault is one that the diagnosis of the matrix can name as it is. */
export const isFault = (fault: InjectedFault): fault is Fault => topological.includes(fault.kind);

export const isCableFault = (fault: InjectedFault): fault is CableFault => 'pieceId' in fault;
