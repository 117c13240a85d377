import { dieWords } from '../words/die.ts';
import type { FitCheck } from './clearance.ts';

/** Part of the hexagon that metal fills when a crimp is sound. Source: crimp practice, 0.85 to 1. */
const sound = { least: 0.85, most: 1 } as const;
/** Beyond, a crimp still holds when it is looked at and tugged. Engineering values. */
const doubtful = { least: 0.75, most: 1.04 } as const;

/** Area of a hexagon by its width across flats, and of a ring by its diameters. */
export const hexagonArea = (acrossFlats: number) => (Math.sqrt(3) / 2) * acrossFlats ** 2;
export const ringArea = (outside: number, bore: number) => (Math.PI / 4) * (outside ** 2 - bore ** 2);

interface Crimp {
  readonly id: string;
  readonly label: string;
  /** Metal inside the die, square metres: what is crimped and all that it is crimped on. */
  readonly metal: number;
  /** Across flats, metres. */
  readonly die: number;
  /** What is crimped on, in the word of the bench. */
  readonly on: string;
}

/** Whether a die closes on what lies in it and presses it tight: metal does not shrink, it fills the hexagon or hinders it. */
export function judgeClosing({ id, label, metal, die, on }: Crimp): FitCheck {
  const filled = metal / hexagonArea(die);
  const isFull = filled > sound.most;
  const verdict =
    filled >= sound.least && filled <= sound.most
      ? 'fits'
      : filled >= doubtful.least && filled <= doubtful.most
        ? 'tight'
        : 'does not fit';
  return {
    id,
    label,
    about: 'tool',
    kind: 'yes or no',
    verdict,
    one: `metal fills ${filled.toFixed(2)} of the hexagon`,
    other: `${sound.least} to ${sound.most.toFixed(2)}`,
    consequence: verdict === 'fits' ? '' : isFull ? dieWords.full(on) : dieWords.loose(on),
  };
}
