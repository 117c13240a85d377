import { wholeMeasureWords } from '../words/strip.ts';
import { cutLengthSchema } from '../cut/cut-length.ts';
import { carryEntries } from '../lead/carry-entries.ts';
import { insulationWantedSchema } from '../prove/checks.ts';
import { derivedLimitSchema } from '../prove/derived-checks.ts';
import { plannedLookSchema } from '../prove/looks.ts';
import { leadPartSchema } from '../thread/lead-part.ts';
import { z } from 'zod';
import { stepSchema } from '../recipe/step.ts';
import { programVersion } from '../record/program-version.ts';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { houseSchema } from '../house/house.ts';
import { leadSchema } from '../lead/lead.ts';
import { familyCheckSchema } from '../prove/family-checks.ts';
import { expectedPathSchema } from '../prove/resistance.ts';
import { stripPlanSchema } from '../strip/strip-plan.ts';
import type { LeadPlan } from './lead-plan.ts';
import type { House } from '../house/house.ts';

/** What a unit is built to: the design, the steps and the limits as they were when it was started. */
export const frozenPlanSchema = z.object({
  programVersion: z.string(),
  lead: leadSchema,
  cards: z.array(gaugeCardSchema),
  house: houseSchema,
  steps: z.array(stepSchema),
  strips: z.array(stripPlanSchema),
  limits: z.array(expectedPathSchema),
  /** What its family is proved by beside that. */
  family: z.array(familyCheckSchema),
  /** Limits on two paths together, least insulation, and the looks that a proof asks for. */
  derived: z.array(derivedLimitSchema),
  insulation: insulationWantedSchema,
  looks: z.array(plannedLookSchema),
  cuts: z.array(cutLengthSchema),
  parts: z.array(leadPartSchema),
  /** The first of a batch: every dimension is measured, and what it teaches is offered for the rest. */
  firstArticle: z.boolean(),
  /** Cable in the finished lead, metres, by piece id. */
  lengths: z.record(z.string(), z.number()),
});

export type FrozenPlan = z.infer<typeof frozenPlanSchema>;

/** Freezes a plan for a unit. @throws RangeError when the plan has no steps: there is nothing to build to. */
export function freezePlan(plan: LeadPlan, house: House, firstArticle = false): FrozenPlan {
  const [reason] = plan.withheld;
  if (reason) throw new RangeError(`There is no plan to build to. ${reason.message}`);
  if (plan.steps.length === 0)
    throw new RangeError('This lead cannot be threaded as it stands: there is no plan to build to.');
  return {
    programVersion,
    lead: carryEntries(plan.lead),
    cards: [...plan.cards],
    house,
    steps: plan.steps.map((step) =>
      firstArticle && step.recordsStrip ? { ...step, text: wholeMeasureWords } : step,
    ),
    strips: [...plan.ends, ...plan.sides].map(({ strip }) => strip),
    limits: [...plan.paths],
    family: [...plan.family],
    derived: [...plan.derived],
    insulation: plan.insulation,
    looks: [...plan.looks],
    cuts: [...plan.cuts],
    parts: [...plan.parts],
    firstArticle,
    lengths: Object.fromEntries(plan.lengths),
  };
}
