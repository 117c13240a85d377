import type { Step } from '@gorvane/core/recipe/step.ts';
import type { LengthProps } from './length.tsx';

/** How a length of a step is written: of cable as it can be cut, of a strip as finely as its tolerance asks. */
export const stepLength = (
  { role }: Pick<Step, 'role'>,
  { figure, plus, minus }: Step['figures'][number],
): LengthProps => ({
  metres: figure.value,
  cable: role === 'cut',
  tolerance: Math.min(plus ?? 1e-3, minus ?? 1e-3),
});
