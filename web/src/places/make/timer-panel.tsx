import { minute } from './span-text.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { stepTimers } from '@gorvane/core/recipe/step.ts';
import { Button } from '@mantine/core';
import { Figure } from '../../controls/figure.tsx';
import type { Timer } from './use-timer.ts';

/** Seconds as they are read at arm's length: 2.4, 38, 1:20. */
export function clockText(seconds: number): string {
  if (seconds < 10) return seconds.toFixed(1);
  const whole = Math.ceil(seconds);
  return whole < minute
    ? String(whole)
    : `${Math.floor(whole / minute)}:${String(whole % minute).padStart(2, '0')}`;
}

/** The same with its unit of measure. */
export const clockWords = (seconds: number) => `${clockText(seconds)} ${seconds < 60 ? 's' : 'min'}`;

/** The times of this step: a ring that empties, and what follows it. */
export function TimerPanel({ step, timer }: { readonly step: Step; readonly timer: Timer }) {
  const timers = stepTimers(step);
  if (timers.length === 0) return null;
  const timeFigures = step.figures.filter(({ figure }) => figure.kind === 'seconds');
  const running = timer.isOfThisStep ? timer.running : undefined;
  const shown = running?.timer ?? timers[0]!;
  const isOver = timer.startedHere && !running;
  const left = running?.left ?? (isOver ? 0 : shown.seconds);
  return (
    <section className="timer" aria-label="Times of this step">
      <TimerRing share={left / shown.seconds} text={isOver ? 'over' : clockText(left)} />
      <div>
        <strong>{isOver ? 'The time is over' : shown.label}</strong>
        <ol>
          {timeFigures.map(({ label, figure }) => (
            <li key={label} aria-current={running?.timer.label === label}>
              {label}{' '}
              <Figure figure={figure} label={label}>
                <span className="reading">{clockWords(figure.value)}</span>
              </Figure>
            </li>
          ))}
        </ol>
        <Button size="md" variant="default" onClick={timer.next ? timer.start : timer.stop}>
          {timer.next ? (timer.startedHere ? `Start ${timer.next.label}` : 'Start') : 'Set back'}
        </Button>
      </div>
      <span className="visually-hidden" role="status">
        {running ? `${shown.label} runs` : isOver ? 'The time is over' : ''}
      </span>
    </section>
  );
}

const radius = 52;
const around = 2 * Math.PI * radius;

function TimerRing({ share, text }: { readonly share: number; readonly text: string }) {
  return (
    <svg className="timer-ring" viewBox="0 0 124 124" aria-hidden="true">
      <circle cx="62" cy="62" r={radius} fill="none" stroke="var(--edge)" strokeWidth="11" />
      <circle
        cx="62"
        cy="62"
        r={radius}
        fill="none"
        stroke="var(--copper)"
        strokeWidth="11"
        strokeDasharray={`${around * Math.max(0, Math.min(1, share))} ${around}`}
        transform="rotate(-90 62 62)"
      />
      <text
        x="62"
        y="72"
        textAnchor="middle"
        fontSize={text.length > 3 ? 26 : 32}
        fontWeight={700}
        fill="var(--ink)"
      >
        {text}
      </text>
    </svg>
  );
}
