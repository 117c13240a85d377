import type { BudgetReason } from '../line/budget.ts';
import { formatDecibels } from '../quantity/decibel.ts';
import { formatFrequency } from '../quantity/frequency.ts';
import { formatPower } from '../quantity/power.ts';

/** Why a cable does not do for a run, after its name. */
export function budgetReasonWords(reason: BudgetReason): string {
  switch (reason.code) {
    case 'loss':
      return `loses ${formatDecibels(reason.lossDb)}`;
    case 'impedance':
      return `is of ${reason.impedance} ohm`;
    case 'power':
      return `stands ${formatPower(reason.power)}: ${reason.part}, ${reason.kind}`;
    case 'frequency':
      return `${reason.part} ends at ${formatFrequency(Number(reason.limit.toPrecision(3)))}`;
    case 'environment':
      return 'its jacket is not for this place';
    case 'temperature':
      return `its jacket is for ${reason.minimum} to ${reason.maximum} C`;
  }
}

/** What a cable is called that does not do, by the first thing against it. */
export const budgetVerdictWords: Readonly<Record<BudgetReason['code'], string>> = {
  loss: 'loses too much',
  impedance: 'another impedance',
  power: 'too much power for it',
  frequency: 'too high for it',
  environment: 'not for this place',
  temperature: 'not for this heat or cold',
};
