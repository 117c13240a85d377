import { z } from 'zod';
import { usualPractice } from './usual-practice.ts';

/** What becomes of a core that goes nowhere. */
export const spareCores = ['fold back', 'cut flush'] as const;

/** How far a proof goes, each with what those before it ask. */
export const proofLevels = ['by look and meter', 'by meter and load', 'by sweep'] as const;
export type ProofLevel = (typeof proofLevels)[number];

/** The questions where good technicians disagree, and their schools. `schools.ts` has the reasons. */
const answersSchema = z.object({
  stripping: z.enum(['tool', 'blade']),
  threading: z.enum(['early', 'late']),
  outerSeal: z.enum(['after the full test', 'before, as strain relief']),
  solder: z.enum(['lead-free', 'leaded']),
  coilFrom: z.enum(['the plug', 'the socket']),
  centreContact: z.enum(['as it is made', 'solder']),
  secondCrimp: z.enum(['never', 'once more, turned, with an inexact die']),
  ferruleCrimp: z.enum(['bell at the cable end', 'over its whole length', 'a small gap at both ends']),
  bodyHoles: z.enum(['all', 'none']),
  braidTack: z.enum(['tack above the house power', 'comb and trim']),
  screwOnCore: z.enum(['twist and tin', 'leave bare']),
  tightening: z.enum(['torque', 'feel']),
  coring: z.enum(['hand', 'drill']),
  heatSource: z.enum(['hot air', 'open flame']),
  weatherSeal: z.enum([
    'adhesive shrink',
    'self-amalgamating tape',
    'both',
    'shrink, and both when buried or at sea',
  ]),
  cups: z.enum(['fill and reflow', 'seat and feed']),
  cupFill: z.enum(['one by one', 'all first']),
  lugOrder: z.enum(['what lies underneath first', 'the tip first']),
  lugJoint: z.enum(['tin both, then reflow', 'hold, heat and feed']),
  pushOn: z.enum(['straight', 'with a slight twist']),
  contactHeight: z.enum(['by gauge', 'by look', 'by a mating trial']),
  tinning: z.enum(['tin', 'leave bare']),
  spareCore: z.enum(spareCores),
  shieldTail: z.enum(['shorter than the cores', 'longer than the cores']),
  lightingTail: z.enum(['twist the braid', 'solder a stranded link']),
  secondPair: z.enum(['wire', 'leave empty']),
  innerShrink: z.enum(['clear', 'coloured']),
  sleeveCut: z.enum(['measure first', 'fit over-long, then cut']),
  sleeveHold: z.enum(['shrink', 'shrink and adhesive']),
  shieldFixing: z.enum(['what the job asks', 'crimp', 'clamp gland', 'solder', 'screw-on']),
  contactSolder: z.enum(['through the hole where there is one', 'a bead round the edge']),
  tipOrder: z.enum(['ferrule first, then the tip', 'tip first, then the ferrule']),
  braidAtFerrule: z.enum(['trim to the shoulder', 'leave all of it under the ferrule']),
  shrinkFrom: z.enum([
    'as the part asks',
    'the connector outward',
    'the cable toward the connector',
    'the middle outward',
  ]),
  proofLevel: z.enum(['as far as the instruments reach', ...proofLevels]),
  stripLengths: z.enum(['measure and trial fit', 'measure to the drawing', 'the connector as the gauge']),
});

/** An answer to each, so that a question that is asked anew cannot be forgotten among the usual ones. */
const usual: z.infer<typeof answersSchema> = usualPractice;

/** The practice of a house. What was stored before a question was asked gets its default. */
export const practiceSchema = z.preprocess(
  (stored) => ({ ...usual, ...(stored as object) }),
  answersSchema.extend({
    /** Checks that this house does not ask for; the certificate says so. */
    leaveOut: z.array(z.enum(['resistance', 'insulation', 'family'])),
    /** Checks that this house asks for beside the usual ones. */
    alsoAsk: z.array(z.enum(['looks', 'wiggle'])).default([]),
  }),
);

export type Practice = z.infer<typeof practiceSchema>;

/** What a lead does otherwise than the house: the questions that it answers for itself. */
export const ownPracticeSchema = answersSchema.partial();

/** Every question with the schools that it may be answered by. */
export const practiceChoices: Readonly<Record<string, readonly string[]>> = Object.fromEntries(
  Object.entries(answersSchema.shape).map(([question, schools]) => [question, schools.options]),
);
