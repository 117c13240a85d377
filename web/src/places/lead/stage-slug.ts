import { stages } from '@gorvane/core/recipe/stage.ts';
import type { Stage } from '@gorvane/core/recipe/stage.ts';

/** Stages as they stand in addresses. */
export const stageSlugs = stages.map((stage): { stage: Stage; slug: Lowercase<Stage> } => ({
  stage,
  slug: stage.toLowerCase() as Lowercase<Stage>,
}));
