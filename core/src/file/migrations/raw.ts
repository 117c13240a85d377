/** A record as it was stored, of whatever version. */
export type Raw = Readonly<Record<string, unknown>>;

/** What is missing is filled in; what is there stays. */
export const filled = (record: unknown, defaults: Raw): Raw => ({ ...defaults, ...(record as Raw) });

/** Each entry of a list changed; no list is an empty one. */
export const each = (list: unknown, change: (entry: Raw) => Raw): Raw[] =>
  Array.isArray(list) ? list.map((entry) => change(entry as Raw)) : [];

/** The plan of a unit changed, where it has one. */
export const inPlan = (unit: Raw, change: (plan: Raw) => Raw): Raw =>
  unit.plan ? { ...unit, plan: change(unit.plan as Raw) } : unit;

/** The lead and the house that are frozen with a unit changed as those that stand alone. */
export const inFrozen = (unit: Raw, lead: (lead: Raw) => Raw, house: (house: Raw) => Raw): Raw =>
  inPlan(unit, (plan) => ({ ...plan, lead: lead(plan.lead as Raw), house: house(plan.house as Raw) }));
