import { z } from 'zod';
import { deviceSchema } from '../reading/reading.ts';
import { virtualSetupSchema } from './virtual-setup.ts';

/** Most points that a continuity tester has here. */
export const mostPoints = 128;

const pointSchema = z.number().int().min(1).max(mostPoints);
const pairSchema = z.tuple([pointSchema, pointSchema]);
const hertz = z.number().positive().max(100e9);

/** What can be asked of an instrument. Points count from 1, in the order of the lead's contacts. */
export const requestSchema = z.discriminatedUnion('kind', [
  /** Ohms between every two points. */
  z.object({ kind: z.literal('matrix'), points: z.number().int().min(2).max(mostPoints) }),
  /** The same few pairs again and again while the cable is moved. */
  z.object({
    kind: z.literal('wiggle'),
    pairs: z.array(pairSchema).min(1).max(mostPoints),
    seconds: z.number().min(1).max(120),
  }),
  z.object({ kind: z.literal('ohms'), pair: pairSchema, farEnd: z.number().positive().nullable() }),
  z.object({ kind: z.literal('farads'), pair: pairSchema }),
  z.object({ kind: z.literal('insulation'), volts: z.number().min(10).max(1000) }),
  z.object({
    kind: z.literal('sweep'),
    from: hertz,
    to: hertz,
    points: z.number().int().min(2).max(4001),
  }),
  /** Common-mode rejection of a choke, from port to port in its fixture. */
  z.object({ kind: z.literal('rejection'), chokeId: z.string().regex(/^[\w./-]{1,80}$/), frequency: hertz }),
  /** Reflection over time. */
  z.object({
    kind: z.literal('trace'),
    span: z.number().positive().max(1e-3),
    points: z.number().int().min(16).max(8001),
  }),
]);

export type InstrumentRequest = z.infer<typeof requestSchema>;

/** What the browser says. */
export const fromBrowserSchema = z.discriminatedUnion('say', [
  z.object({
    say: z.literal('read'),
    job: z.string().min(1).max(60),
    instrument: z.string().min(1).max(60),
    request: requestSchema,
    /** What lies on the bench of a simulated instrument; a real one has its own. */
    virtual: virtualSetupSchema.optional(),
  }),
  z.object({ say: z.literal('cancel'), job: z.string().max(60) }),
  /** Ask again who is there. */
  z.object({ say: z.literal('look') }),
]);

export type FromBrowser = z.infer<typeof fromBrowserSchema>;

const instrumentSchema = z.object({
  id: z.string(),
  label: z.string(),
  kind: deviceSchema.shape.kind,
  simulated: z.boolean(),
  /** Who it says it is; null while it does not answer. */
  device: deviceSchema.nullable(),
  /** Why it does not answer. */
  problem: z.string().nullable(),
});

export type InstrumentState = z.infer<typeof instrumentSchema>;

/** Ohms, farads or nothing: null is open, or more than the instrument shows. */
const figure = z.number().min(0).nullable();

/** What an instrument answered. Long series are little-endian 64-bit numbers in base 64. */
export const answerSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('matrix'), ohms: z.array(figure) }),
  z.object({
    kind: z.literal('wiggle'),
    seconds: z.number(),
    reads: z.number().int(),
    /** Drop-outs that came back, and whether it was open at the end, by pair. */
    drops: z.array(z.number().int()),
  }),
  z.object({ kind: z.literal('ohms'), ohms: figure }),
  z.object({ kind: z.literal('farads'), farads: figure }),
  z.object({ kind: z.literal('insulation'), ohms: figure }),
  z.object({
    kind: z.literal('sweep'),
    from: hertz,
    to: hertz,
    points: z.number().int(),
    reference: z.number().positive(),
    /** S11, S21, S12, S22, real and imaginary parts one after the other by frequency. */
    parameters: z.array(z.string()).length(4),
  }),
  z.object({ kind: z.literal('rejection'), decibels: z.number() }),
  z.object({
    kind: z.literal('trace'),
    span: z.number(),
    points: z.number().int(),
    emf: z.number(),
    sourceResistance: z.number(),
    riseTime: z.number(),
    volts: z.string(),
  }),
]);

export type InstrumentAnswer = z.infer<typeof answerSchema>;

/** What the bridge says. */
export const fromBridgeSchema = z.discriminatedUnion('say', [
  z.object({ say: z.literal('instruments'), instruments: z.array(instrumentSchema) }),
  z.object({ say: z.literal('progress'), job: z.string(), done: z.number(), of: z.number() }),
  z.object({ say: z.literal('answer'), job: z.string(), device: deviceSchema, answer: answerSchema }),
  z.object({ say: z.literal('refused'), job: z.string(), problem: z.string() }),
]);

export type FromBridge = z.infer<typeof fromBridgeSchema>;
