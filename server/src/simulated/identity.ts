import type { Uncertainty } from '@gorvane/core/house/instrument.ts';
import type { ScpiCommands } from '../scpi/session.ts';

/** Who a simulated instrument says it is, when it was calibrated, and how far it may be off. */
export interface Identity {
  readonly model: string;
  readonly serial: string;
  readonly calibrated: string;
  readonly due: string;
  readonly accuracy: Readonly<Record<string, Uncertainty>>;
}

export const identityText = ({ model, serial }: Identity) => `Simulated,${model},${serial},1.0`;

/** Queries about the calibration and the accuracy of an instrument. */
export function identityCommands({ calibrated, due, accuracy }: Identity): ScpiCommands {
  return {
    'CALibration:DATE?': () => calibrated,
    'CALibration:DUE?': () => due,
    'CALibration:ACCuracy?': () =>
      Object.entries(accuracy)
        .map(([quantity, { relative, fixed }]) => `${quantity},${relative},${fixed}`)
        .join(','),
  };
}
