import type { Lead } from './lead.ts';

/** How far a finished length may be off where nothing else is asked: the larger of both. House defaults. */
const usual = { least: 10e-3, part: 0.005 } as const;

/** Plus or minus on a finished length, metres: what the lead says, else the larger of 10 mm and half a percent. */
export const lengthTolerance = (lead: Pick<Lead, 'lengthTolerance'>, finishedLength: number): number =>
  lead.lengthTolerance ?? Math.max(usual.least, usual.part * finishedLength);
