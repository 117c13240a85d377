import type { FitVerdict } from '@gorvane/core/fit/clearance.ts';
import type { Verdict } from '@gorvane/core/strip/measured.ts';

const tones: Record<
  Verdict | FitVerdict | 'match' | 'mismatch' | 'assumed' | 'measured',
  { shape: string; tone: string }
> = {
  Good: { shape: '●', tone: 'good' },
  Out: { shape: '■', tone: 'out' },
  'Not yet': { shape: '◌', tone: 'not-yet' },
  fits: { shape: '●', tone: 'good' },
  tight: { shape: '▲', tone: 'not-yet' },
  'does not fit': { shape: '■', tone: 'out' },
  match: { shape: '●', tone: 'good' },
  mismatch: { shape: '▲', tone: 'not-yet' },
  assumed: { shape: '◌', tone: 'not-yet' },
  measured: { shape: '●', tone: 'good' },
};

/** A verdict: a word, a shape and a colour, never colour alone. */
export function VerdictMark({
  verdict,
  large = false,
  label = verdict,
}: {
  readonly verdict: keyof typeof tones;
  readonly large?: boolean;
  /** Another word for the same verdict. */
  readonly label?: string;
}) {
  const { shape, tone } = tones[verdict];
  return (
    <span className={large ? `verdict verdict-large ${tone}` : `verdict ${tone}`}>
      <span aria-hidden="true">{shape}</span> {label}
    </span>
  );
}
