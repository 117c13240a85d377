import type { HoldPoint } from '@gorvane/core/recipe/step.ts';
import { useWriting } from './writing.ts';

/** How a hold point is passed: a look or a tug, or a number within its limits; and that a safety point takes no waiver. */
export function HoldLimits({ hold }: { readonly hold: HoldPoint }) {
  const write = useWriting();
  const { reading } = hold;
  const limit =
    reading &&
    [
      reading.min !== null && `at least ${write(reading.min, reading.quantity)}`,
      reading.max !== null && `at most ${write(reading.max, reading.quantity)}`,
    ]
      .filter(Boolean)
      .join(', ');
  return (
    <span>
      {hold.kind === 'proof'
        ? 'Answered by the proof of the unit.'
        : reading
          ? `${reading.label}: ${limit}.`
          : 'Answered Good or Out.'}
      {hold.safety && <strong> Safety: no waiver.</strong>}
    </span>
  );
}
