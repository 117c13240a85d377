import type { Lead } from './lead.ts';
import type { House } from '../house/house.ts';

/** The house as a lead has it: where the lead differs, its own practice stands. */
export function houseFor({ practice }: Pick<Lead, 'practice'>, house: House): House {
  return Object.keys(practice).length === 0
    ? house
    : { ...house, practice: { ...house.practice, ...practice } };
}
