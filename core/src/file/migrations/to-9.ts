import type { Raw } from './raw.ts';
import { each, filled, inFrozen, inPlan } from './raw.ts';

/** Coiling was begun from an end by its letter, and is by what the end is. */
const coiledFrom = { 'end A': 'the plug', 'end B': 'the socket' } as const;

/** Schools as units were built by that were frozen before they were asked for. */
const builtBy = {
  cupFill: 'one by one',
  lugOrder: 'the tip first',
  lugJoint: 'hold, heat and feed',
  pushOn: 'straight',
  contactHeight: 'by gauge',
} as const;

/** What a shop works by from now on where it has not said otherwise. */
const usual = {
  ...builtBy,
  lugOrder: 'what lies underneath first',
  lugJoint: 'tin both, then reflow',
} as const;

function byWhatItIs(record: Raw): Raw {
  const { coilFrom, ...practice } = (record.practice ?? {}) as Raw;
  return {
    ...record,
    practice: {
      ...practice,
      ...(coilFrom === undefined
        ? {}
        : { coilFrom: coiledFrom[coilFrom as keyof typeof coiledFrom] ?? coilFrom }),
    },
  };
}

const houseWith =
  (schools: Raw) =>
  (house: Raw): Raw => {
    const coiled = byWhatItIs(house);
    return { storeCoil: null, ...coiled, practice: filled(coiled.practice, schools) };
  };

/** To version 9: small pieces are ticked as they are cut, a step says of what kind of joint it is, and more schools are asked. */
export const piecesAndJoints = {
  leads: byWhatItIs,
  house: houseWith(usual),
  units: (unit: Raw): Raw =>
    inPlan(inFrozen(unit, byWhatItIs, houseWith(builtBy)), (plan) => ({
      ...plan,
      steps: each(plan.steps, (step) => filled(step, { cuts: [], joint: null })),
    })),
};
