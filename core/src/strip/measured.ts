import type { MeasuredStrip, StripCut, StripPlan } from './strip-plan.ts';
import { cutKey, cutOf } from './cut-of.ts';
import { closedWindow, toleranceNow } from './joint-window.ts';

export type Verdict = 'Good' | 'Out' | 'Not yet';

/** The lengths with one of them read, or its reading taken back. Metres. */
export function withCut(
  measured: MeasuredStrip,
  key: string,
  length: number | undefined,
): Record<string, number> {
  const others = Object.entries(measured).filter(([name, value]) => name !== key && value !== undefined);
  return Object.fromEntries([...others, ...(length === undefined ? [] : [[key, length]])]) as Record<
    string,
    number
  >;
}

export interface JudgedCut {
  readonly cut: StripCut;
  readonly measured: number | undefined;
  readonly verdict: Verdict;
  /** Measured less wanted, metres; the conductor is wanted relative to where the dielectric really ends. */
  readonly deviation: number | undefined;
  readonly reason: string;
}

/** What to do to a strip that is out, in the order of doing: the datum goes back, or a layer is trimmed. Metres. */
export type Recut =
  | { readonly action: 'take back'; readonly by: number }
  | { readonly action: 'trim'; readonly cut: string; readonly by: number };

export interface JudgedStrip {
  readonly verdict: Verdict;
  readonly cuts: readonly JudgedCut[];
  readonly recuts: readonly Recut[];
  /** Length of cable that the recuts use up at this end, metres. */
  readonly uses: number;
  /** How far to set the stop or blade nearer (negative) or farther for the next, by layer. */
  readonly offsets: readonly { readonly cut: string; readonly by: number }[];
}

/** Half the last digit of a caliper: at the limit is still within it. */
const reading = 0.005e-3;

function judgeCut(plan: StripPlan, cut: StripCut, measured: MeasuredStrip): JudgedCut {
  const value = measured[cutKey(cut)];
  if (value === undefined)
    return { cut, measured: undefined, verdict: 'Not yet', deviation: undefined, reason: 'not measured' };
  const deviation = value - cut.position.value - shiftOf(plan, cut, measured);
  const { plus, minus } = toleranceNow(plan, cut, measured);
  const good = deviation <= plus + reading && deviation >= -minus - reading;
  const outReason =
    deviation < 0 && deviation < -minus
      ? cut.tooShort
      : (closedWindow(plan, cut, measured)?.tooClose ?? cut.tooLong);
  return {
    cut,
    measured: value,
    verdict: good ? 'Good' : 'Out',
    deviation,
    reason: good ? 'within tolerance' : outReason,
  };
}

/**
 * A loose contact rides on the dielectric: the conductor counts from where that really ends, as does what is cut in one
 * stroke with another layer.
 */
function shiftOf(plan: StripPlan, cut: StripCut, measured: MeasuredStrip): number {
  const leader = cut.layer === 'conductor' && plan.contactRides ? 'dielectric' : cut.strokeOf;
  if (!leader) return 0;
  const planned = cutOf(plan, leader).position.value;
  return (measured[leader] ?? planned) - planned;
}

/**
 * Judges the lengths actually cut. Nothing can be lengthened, so a layer that is short asks for the jacket edge to go
 * back by the shortage (which lengthens every position by as much), after which what is then too long is trimmed.
 */
export function judgeStrip(plan: StripPlan, measured: MeasuredStrip): JudgedStrip {
  const cuts = plan.cuts.map((cut) => judgeCut(plan, cut, measured));
  const out = cuts.filter(({ verdict }) => verdict === 'Out');
  const short = out
    .filter(({ deviation }) => deviation! < 0)
    .map(({ cut, measured: value }) => Math.max(0, cut.position.value - value!));
  const uses = Math.max(0, ...short);
  const trims: Recut[] = out.length === 0 ? [] : trimsAfter(plan, measured, uses);
  return {
    verdict: out.length > 0 ? 'Out' : cuts.some(({ verdict }) => verdict === 'Not yet') ? 'Not yet' : 'Good',
    cuts,
    recuts: uses > 0 ? [{ action: 'take back', by: uses }, ...trims] : trims,
    uses,
    offsets: out.map(({ cut, deviation }) => ({ cut: cutKey(cut), by: -deviation! })),
  };
}

function trimsAfter(plan: StripPlan, measured: MeasuredStrip, jacketBack: number): Recut[] {
  const after: Record<string, number | undefined> = Object.fromEntries(
    Object.entries(measured).map(([key, value]) => [
      key,
      value === undefined ? undefined : value + jacketBack,
    ]),
  );
  const trims = new Map<string, Recut>();
  for (const cut of leadersFirst(plan.cuts)) {
    const key = cutKey(cut);
    const value = after[key];
    if (value === undefined) continue;
    const { deviation } = judgeCut(plan, cut, after);
    const { plus } = toleranceNow(plan, cut, after);
    if (deviation! <= plus + reading) continue;
    const by = deviation! - Math.min(0, plus);
    trims.set(key, { action: 'trim', cut: key, by });
    after[key] = value - by;
  }
  return plan.cuts.flatMap((cut) => trims.get(cutKey(cut)) ?? []);
}

/** The dielectric before what counts from it or stays behind it. */
const leadersFirst = (cuts: readonly StripCut[]) => [
  ...cuts.filter(({ layer }) => layer === 'dielectric'),
  ...cuts.filter(({ layer }) => layer !== 'dielectric'),
];
