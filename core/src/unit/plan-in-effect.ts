import type { FrozenPlan } from '../plan/frozen-plan.ts';
import type { UnitHappening } from './unit.ts';

/** The plan that a unit is built to once its record has taken cards over: what was done stays as it was. */
export const planInEffect = (
  plan: FrozenPlan,
  used: readonly Extract<UnitHappening, { kind: 'card used' }>[],
): FrozenPlan =>
  used.reduce<FrozenPlan>(
    (now, { card, strips, steps, cuts }) => ({
      ...now,
      cards: now.cards.map((each) => (each.id === card.id ? card : each)),
      strips: now.strips.map((strip) => strips.find(({ endId }) => endId === strip.endId) ?? strip),
      steps: now.steps.map((step) => steps.find(({ id }) => id === step.id) ?? step),
      cuts: cuts.length > 0 ? cuts : now.cuts,
    }),
    plan,
  );
