import { jointKindSchema } from './joint.ts';
import { stages } from './stage.ts';
import { partKindSchema } from '../thread/part-kind.ts';
import { scrapSchema } from './scrap.ts';
import { z } from 'zod';
import { explainedSchema } from '../quantity/explained.ts';
import { stepRoleSchema } from './role.ts';
import { workSchema } from './work.ts';

export const stageSchema = z.enum(stages);

/** A number asked for at the bench, SI, with the limits it is judged by. */
const askedReadingSchema = z.object({
  label: z.string(),
  quantity: z.enum(['length', 'resistance', 'force', 'decibel']),
  min: z.number().nullable(),
  max: z.number().nullable(),
});

/** A place where the work stops until it is shown to be right. */
const holdPointSchema = z.object({
  label: z.string(),
  /** A look (or a tug) answered Good or Out, a number, or the proof of the unit. */
  kind: z.enum(['look', 'reading', 'proof']),
  reading: askedReadingSchema.nullable(),
  /** Cannot be waived: someone could be hurt. */
  safety: z.boolean(),
  safetyReason: z.string(),
  /** What to do when it is Out: the step to go back to, what is scrap then, and cable used up, metres. */
  rework: z.object({
    backTo: stepRoleSchema.nullable(),
    advice: z.string(),
    scrap: z.array(scrapSchema),
    partsOff: z.array(z.string()),
    uses: z.number(),
  }),
});

const figureSchema = z.object({
  label: z.string(),
  figure: explainedSchema,
  plus: z.number().nullable(),
  minus: z.number().nullable(),
  /** A time that is started by a press of its own, not by the end of the one before it. */
  apart: z.boolean().optional(),
});

const stepPartSchema = z.object({
  partId: z.string(),
  kind: partKindSchema,
  /** What it is kept and asked for as. */
  name: z.string(),
  /** The ends that it belongs to. */
  ends: z.array(z.string()),
  label: z.string(),
  how: z.string(),
});

/** A tube, sleeve or slip that is cut before anything goes on: one, or several alike. */
const pieceToCutSchema = z.object({
  partIds: z.array(z.string()).min(1),
  label: z.string(),
  /** Where its label does not say it. */
  colour: z.string().nullable(),
  length: explainedSchema,
});

/** One thing to do, frozen with the plan that a unit is built to. */
export const stepSchema = z.object({
  /** Made from lead, end, method, role and what it is about: the same step of every unit has the same id. */
  id: z.string(),
  role: stepRoleSchema,
  /** What it is about besides its end, where the role alone does not say: a contact, a split, an event of the threading plan. */
  about: z.string().nullable().default(null),
  /** The kind of work: decides what can go wrong, and what is drawn. */
  work: workSchema.default('look'),
  /** The kind of joint that it makes, tests or looks at. */
  joint: jointKindSchema.nullable().default(null),
  stage: stageSchema,
  endId: z.string().nullable(),
  /** At a splice: it is done to the cable on the other side. */
  side: z.literal('other').optional(),
  title: z.string(),
  text: z.object({ firstTime: z.string(), experienced: z.string() }),
  why: z.string(),
  /** Small pieces cut in this step, each ticked as it lies there. */
  cuts: z.array(pieceToCutSchema).default([]),
  /** Parts put on in this step. */
  threads: z.array(stepPartSchema),
  /** Parts for which this step is too late: all are on the cable before it is done. */
  requires: z.array(stepPartSchema),
  /** `stripper` is the tool of the stores whose blades wear at it. */
  tools: z.array(z.object({ label: z.string(), setting: z.string(), stripper: z.string().optional() })),
  figures: z.array(figureSchema),
  /** How the work is held. */
  held: z.string().default(''),
  /** What is seen while it goes well, in order. */
  cues: z.array(z.string()).default([]),
  tipCare: z.string().nullable().default(null),
  caution: z.string().nullable(),
  good: z.array(z.string()),
  bad: z.array(z.string()),
  /** Lengths of the strip are recorded and judged in this step. */
  recordsStrip: z.boolean(),
  /** The connector is offered up and the strip trimmed until it seats. */
  trialFit: z.boolean().default(false),
  hold: holdPointSchema.nullable(),
  /** Steps that must be done before. */
  needs: z.array(z.string()),
});

export type Step = z.infer<typeof stepSchema>;
export type HoldPoint = z.infer<typeof holdPointSchema>;
export type AskedReading = z.infer<typeof askedReadingSchema>;
export type PieceToCut = z.infer<typeof pieceToCutSchema>;
export type StepPart = z.infer<typeof stepPartSchema>;

/** The tool of the stores whose blades a step wears, by its id. */
export const stripperOf = ({ tools }: Pick<Step, 'tools'>): string | undefined =>
  tools.find(({ stripper }) => stripper !== undefined)?.stripper;

/** A time to keep: dwell of the iron, cooling, glue that sets. Seconds. */
export interface StepTimer {
  readonly label: string;
  readonly seconds: number;
}

/** The times of a step, in the order in which they run: its figures in seconds. */
export const stepTimers = (step: Pick<Step, 'figures'>): StepTimer[] => stepRuns(step).flat();

/** The same by what one press starts: a time, and those that follow by themselves. */
export function stepRuns({ figures }: Pick<Step, 'figures'>): StepTimer[][] {
  const runs: StepTimer[][] = [];
  for (const { label, figure, apart } of figures) {
    if (figure.kind !== 'seconds') continue;
    const timer = { label, seconds: figure.value };
    if (apart === true || runs.length === 0) runs.push([timer]);
    else runs.at(-1)!.push(timer);
  }
  return runs;
}

/** Whether a reading lies within what a hold point asks. Written so that NaN fails. */
export function readingPasses(asked: AskedReading, value: number): boolean {
  return (asked.min === null || value >= asked.min) && (asked.max === null || value <= asked.max);
}

/** The step that a hold point which was Out goes back to: of its role at the same end, about the same thing where there are several. */
export function stepBackTo(steps: readonly Step[], step: Step): Step | undefined {
  const candidates = steps.filter(
    ({ role, endId }) => role === step.hold?.rework.backTo && endId === step.endId,
  );
  return candidates.find(({ about }) => about === step.about) ?? candidates[0];
}
