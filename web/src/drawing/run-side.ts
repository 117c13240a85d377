import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { featureValue } from '@gorvane/core/connector/gauge-card.ts';
import type { ShownEnd, ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { isFitted } from '@gorvane/core/thread/event-id.ts';
import type { LeadPart } from '@gorvane/core/thread/lead-part.ts';
import { endLength } from './end-shape.tsx';

/** What was picked on the run. */
export type RunPick =
  | { readonly kind: 'end'; readonly endId: string }
  | { readonly kind: 'part'; readonly partId: string }
  | { readonly kind: 'cable' };

export interface RunProps {
  readonly plan: ShownPlan;
  /** The unit whose state is shown; none shows the finished design. */
  readonly progress?: UnitProgress;
  readonly onPick?: (pick: RunPick) => void;
  /** Where a fault is placed: ends, and parts of the way from the first end of a lead with two. */
  readonly faults?: { readonly endIds: readonly string[]; readonly parts: readonly number[] };
  readonly small?: boolean;
  /** The order in which parts go on, shown with their names. */
  readonly numbers?: ReadonlyMap<string, number>;
}

/** Across the run: pixels per metre. Along it nothing is to scale; a break mark stands for the metres. */
const across = 4300;

/** Largest height and length of an end on the run, pixels. */
const room = { height: 84, length: 190 };

/** Pixels per metre, the same for both ends: smaller where a feeder's connector would not find room. */
export function scaleFor({ ends }: ShownPlan, small: boolean): number {
  const tallest = Math.max(...ends.map(({ card }) => featureValue(card, 'bodyOutside')));
  const longest = Math.max(...ends.map(({ card }) => featureValue(card, 'lipToTip')));
  return Math.min(across, room.height / tallest, room.length / longest) * (small ? 0.55 : 1);
}

/** An end with its place on the drawing, pixels: its rear lip, and where its line of cable meets the others. */
export interface Side {
  readonly end: ShownEnd;
  readonly origin: number;
  readonly direction: 1 | -1;
  readonly y: number;
  readonly meets: number;
}

/** Heights, pixels: of a run with two ends, and of each leg beyond a split. */
export const tall = { full: 196, small: 64 };
export const legRow = { full: 150, small: 46 };

/** Cable that is seen between both ends at least, pixels, and the margin beside each end. */
const leastCable = { full: 260, small: 110 };
const besideEnd = 14;
/** Room for the parts of an end between its rear lip and the middle, at least, pixels. */
const leastRoom = 64;

/** Where the split stands, as a share of the width. */
const splitAt = 0.44;

/** A run is never drawn narrower than its ends and some cable between them: in less room it is drawn smaller. */
export function leastWidth({ ends }: ShownPlan, scale: number, small: boolean): number {
  const lengths = ends.map((end) => endLength(end, scale) + besideEnd);
  const [near, ...far] = lengths;
  const longest = Math.max(...far);
  const meets = far.length > 1 ? splitAt : 0.5;
  return Math.max(
    near! + longest + leastCable[small ? 'small' : 'full'],
    // Where ends are unlike, the longer one leaves room for its parts before the middle, too.
    (near! + leastRoom) / meets,
    (longest + leastRoom) / (1 - meets),
  );
}

/** The first end at the left; the others at the right, one under the other where the lead has a split. */
export function sidesOf(plan: ShownPlan, width: number, height: number, scale: number): Side[] {
  const [near, ...far] = plan.ends;
  const many = far.length > 1;
  const middle = many ? height / 2 : height > 100 ? 102 : 32;
  const meets = many ? width * splitAt : width / 2;
  return [
    { end: near!, origin: endLength(near!, scale) + besideEnd, direction: 1, y: middle, meets },
    ...far.map((end, index): Side => ({
      end,
      origin: width - endLength(end, scale) - besideEnd,
      direction: -1,
      y: many ? ((index + 0.55) * height) / far.length : middle,
      meets,
    })),
  ];
}

/** What stands over a part: its place in the order, its name, and whether it is missing. */
export function nameOf(
  { lead }: Pick<ShownPlan, 'lead'>,
  part: LeadPart,
  progress: UnitProgress | undefined,
  numbers: ReadonlyMap<string, number> | undefined,
): string {
  const number = numbers?.get(part.id);
  const missing = !isOn(lead, part, progress);
  return `${number === undefined ? '' : `${number}. `}${shortName(part)}${missing ? ', not on' : ''}`;
}

/** Whether a part is on the cable: always in a design, and with an end that was fitted before. */
export const isOn = (
  { fittedEndIds }: Pick<Lead, 'fittedEndIds'>,
  part: LeadPart,
  progress: UnitProgress | undefined,
): boolean => !progress || progress.on.has(part.id) || isFitted(part, fittedEndIds);

/** A shrink by its size; that it is lined stands in Thread. */
const shortName = ({ kind, missing, opening }: LeadPart) =>
  kind === 'shrink' && !missing ? `shrink ${Number((opening * 1e3).toFixed(1))} mm` : kind;
