import { cutKey } from './cut-of.ts';
import type { MeasuredStrip } from './strip-plan.ts';
import type { CutLayer, JointWindow, StripCut, StripPlan } from './strip-plan.ts';

/** A layer that is cut in one stroke with another may stand this far beyond it, metres. Engineering value. */
export const flush = 0.1e-3;

/** How far a cut may be off, metres, both counted positive. */
export interface Tolerance {
  readonly plus: number;
  readonly minus: number;
}

interface PlacedCut extends Tolerance {
  readonly layer: CutLayer;
  readonly of?: string;
  readonly position: { readonly value: number };
}

const keyOf = ({ layer, of = '' }: PlacedCut) => cutKey({ layer, of });

/**
 * Cuts whose tolerances leave every window open whatever is cut within them: where both together would close it, each gives
 * up the same part of its own. What the connector alone would allow is kept beside it. Metres; derived from the geometry.
 */
export function keptApart<C extends PlacedCut>(
  cuts: readonly C[],
  windows: readonly JointWindow[],
): (C & { alone?: Tolerance })[] {
  return windows.reduce<(C & { alone?: Tolerance })[]>(
    (now, { behind, before, least }) => {
      const rear = now.find((cut) => keyOf(cut) === behind);
      const front = now.find((cut) => keyOf(cut) === before);
      if (!rear || !front) return now;
      const room = Math.max(0, front.position.value - rear.position.value - least);
      const wanted = rear.plus + front.minus;
      if (wanted <= room) return now;
      const part = room / wanted;
      return now.map((cut) => {
        const alone = cut.alone ?? { plus: cut.plus, minus: cut.minus };
        if (cut === rear) return { ...cut, alone, plus: rear.plus * part };
        return cut === front ? { ...cut, alone, minus: front.minus * part } : cut;
      });
    },
    [...cuts],
  );
}

/**
 * How far a cut may be off now: as planned, or by what was really cut beside it. A layer that lies behind another may reach
 * up to the least distance from where that one ends; one that is still to be cut keeps that distance. Metres; `plus` or
 * `minus` below 0 means that not even the planned place will do.
 */
export function toleranceNow(plan: StripPlan, cut: StripCut, measured: MeasuredStrip): Tolerance {
  const key = cutKey(cut);
  const { plus, minus } = cut.alone ?? cut;
  const at = cut.position.value;
  const front = closest(
    plan,
    ({ behind }) => behind === key,
    measured,
    ({ before }) => before,
  );
  const rear = closest(
    plan,
    ({ before }) => before === key,
    measured,
    ({ behind }) => behind,
  );
  const isCut = measured[key] !== undefined;
  return {
    plus: front ? Math.min(plus, front.end - front.window.least - at) : cut.plus,
    minus: rear ? (isCut ? minus : Math.min(minus, at - rear.end - rear.window.least)) : cut.minus,
  };
}

/** The window of a cut whose other side was measured, where there is one. */
function closest(
  { windows }: StripPlan,
  isMine: (window: JointWindow) => boolean,
  measured: MeasuredStrip,
  other: (window: JointWindow) => string,
): { window: JointWindow; end: number } | undefined {
  for (const window of windows?.filter(isMine) ?? []) {
    const end = measured[other(window)];
    if (end !== undefined) return { window, end };
  }
  return undefined;
}

/** The window that a cut closes with what was measured beside it; undefined where it closes none. */
export function closedWindow(
  plan: StripPlan,
  cut: StripCut,
  measured: MeasuredStrip,
): JointWindow | undefined {
  const key = cutKey(cut);
  const mine = measured[key];
  return plan.windows?.find(({ behind, before, least }) => {
    const [rear, front] = [measured[behind], measured[before]];
    if (behind !== key || mine === undefined || rear === undefined || front === undefined) return false;
    return front - rear < least;
  });
}
