import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import type { Tolerance } from '@gorvane/core/strip/joint-window.ts';

/** `± 0.4`, `+0.4 −1.0`, or `+0.2 to +0.9` where not even the planned place will do; millimetres. */
export function toleranceText({ plus, minus }: Tolerance): string {
  const [up, down] = [formatMillimetres(Math.abs(plus)), formatMillimetres(Math.abs(minus))];
  if (minus < 0) return `+${down} to +${up}`;
  if (plus < 0) return `−${down} to −${up}`;
  return up === down ? `± ${up}` : `+${up} −${down}`;
}
