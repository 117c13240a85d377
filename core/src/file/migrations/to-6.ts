import type { Raw } from './raw.ts';
import { each, filled, inFrozen, inPlan } from './raw.ts';

const schoolsOfLead = (record: Raw): Raw => filled(record, { cutCorrection: 0, practice: {} });

const schoolsOfHouse = (record: Raw): Raw => ({
  ...record,
  practice: filled(record.practice, {
    shieldFixing: 'what the job asks',
    contactSolder: 'through the hole where there is one',
    tipOrder: 'ferrule first, then the tip',
    braidAtFerrule: 'trim to the shoulder',
    shrinkFrom: 'as the part asks',
    stripLengths: 'measure and trial fit',
  }),
});

/** To version 5: steps say what work they are, houses and leads have more schools, a unit may be a first article. */
export const workAndSchools = {
  leads: schoolsOfLead,
  house: schoolsOfHouse,
  units: (unit: Raw): Raw =>
    inPlan(inFrozen(unit, schoolsOfLead, schoolsOfHouse), (plan) => ({
      ...filled(plan, { firstArticle: false }),
      steps: each(plan.steps, (step) =>
        filled(step, { work: 'look', held: '', cues: [], tipCare: null, trialFit: false }),
      ),
    })),
};

const limitsOfHouse = (record: Raw): Raw => ({
  ...filled(record, {
    limits: { cableAllowance: 1.1, insulation: null, lossTolerance: 0.1, returnLossExtra: 0 },
  }),
  practice: filled(record.practice, { alsoAsk: [] }),
});

/** A terminator was the only thing that ever stood at a far end. */
const farEnd = (check: Raw): Raw =>
  filled(check, { farEnd: String(check.id).startsWith('terminator') ? 120 : null });

/** To version 6: houses have limits and ask for more; a check of a family says what stands at the far end. */
export const limitsAndFarEnds = {
  house: limitsOfHouse,
  units: (unit: Raw): Raw =>
    inPlan(
      inFrozen(unit, (lead) => lead, limitsOfHouse),
      (plan) => ({
        ...plan,
        family: each(plan.family, (check) => ('choke' in check ? check : farEnd(check))),
      }),
    ),
};
