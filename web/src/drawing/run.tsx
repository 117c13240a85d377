import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import { featureValue } from '@gorvane/core/connector/gauge-card.ts';
import type { EndPlan, LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { LeadPart } from '@gorvane/core/thread/threaded-parts.ts';
import { useElementSize } from '@mantine/hooks';
import { useLengthTexts } from '../controls/length.tsx';
import './drawing.css';
import type { EndState } from './end-shape.tsx';
import { EndShape, endLength } from './end-shape.tsx';
import { pickable } from './pickable.ts';
import { isStepDone, StrippedEnd } from './stripped-end.tsx';
import type { PartPlace } from './run-layout.ts';
import { runLayout } from './run-layout.ts';
import { PartShape } from './part-shape.tsx';

/** What was picked on the run. */
export type RunPick =
  | { readonly kind: 'end'; readonly endId: string }
  | { readonly kind: 'part'; readonly partId: string }
  | { readonly kind: 'cable' };

interface RunProps {
  readonly plan: LeadPlan;
  /** The unit whose state is shown; none shows the finished design. */
  readonly progress?: UnitProgress;
  readonly onPick?: (pick: RunPick) => void;
  /** Place of a fault. */
  readonly faultEndIds?: readonly string[];
  readonly small?: boolean;
  /** The order in which parts go on, shown with their names. */
  readonly numbers?: ReadonlyMap<string, number>;
}

/** Across the run: pixels per metre. Along it nothing is to scale; a break mark stands for the metres. */
const across = 4300;

/** Largest height and length of an end on the run, pixels. */
const room = { height: 84, length: 190 };

/** Pixels per metre, the same for both ends: smaller where a feeder's connector would not find room. */
function scaleFor({ ends }: LeadPlan, small: boolean): number {
  const tallest = Math.max(...ends.map(({ card }) => featureValue(card, 'bodyOutside')));
  const longest = Math.max(...ends.map(({ card }) => featureValue(card, 'lipToTip')));
  return Math.min(across, room.height / tallest, room.length / longest) * (small ? 0.55 : 1);
}

/** The lead lying on the bench, end A to end B, every part threaded on it in its place. */
export function Run({ plan, progress, onPick, faultEndIds = [], small = false, numbers }: RunProps) {
  const { ref, width: measured } = useElementSize();
  const width = measured || 1060;
  const height = small ? 64 : 196;
  const middle = small ? 32 : 102;
  const [near, far] = [plan.ends[0]!, plan.ends[1]!];
  const scale = scaleFor(plan, small);
  const cable = near.cable.jacket.diameter * scale;
  const sides = [
    { end: near, origin: endLength(near, scale) + 14, direction: 1 },
    { end: far, origin: width - endLength(far, scale) - 14, direction: -1 },
  ] as const;
  const places = runLayout(
    sides.map(({ end, ...side }) => ({
      ...side,
      parts: plan.parts.filter(({ endId }) => endId === end.end.id),
      closed: endState(end, progress) !== 'open',
    })),
    width,
    small ? 0.55 : 1,
    (partId) =>
      nameOf(
        plan.parts.find(({ id }) => id === partId)!,
        progress,
        numbers,
      ),
  );
  const texts = useLengthTexts();
  const finished = texts({ metres: plan.lead.legs[0]!.finishedLength, digits: 0 });
  return (
    <div ref={ref}>
      <svg
        className="drawing"
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        role="group"
        aria-label={`Run of ${plan.lead.name}, end ${near.end.name} to end ${far.end.name}`}
      >
        <Cable
          from={sides[0].origin}
          to={sides[1].origin}
          middle={middle}
          thickness={cable}
          bare={near.strip.datum === 'tube end'}
          onPick={onPick}
        />
        {sides.map(({ end, origin, direction }) => (
          <g key={end.end.id} transform={`translate(${origin} ${middle}) scale(${direction} 1)`}>
            <Parts
              plan={plan}
              end={end}
              progress={progress}
              scale={scale}
              direction={direction}
              small={small}
              numbers={numbers}
              places={places}
              onPick={onPick}
            />
            <EndShape
              plan={end}
              scale={scale}
              state={endState(end, progress)}
              onPick={onPick && (() => onPick({ kind: 'end', endId: end.end.id }))}
            />
            <StrippedEnd end={end} progress={progress} scale={scale} />
            {faultEndIds.includes(end.end.id) && (
              <circle className="halo" cx={-20} cy={0} r={38} style={{ stroke: 'var(--out)' }} />
            )}
          </g>
        ))}
        {!small && (
          <>
            <text
              className="figures"
              x={width / 2}
              y={middle - Math.max(28, cable / 2 + 20)}
              textAnchor="middle"
              fontSize={17}
            >
              {finished.first}
            </text>
            <text
              className="soft"
              x={width / 2}
              y={middle + Math.max(48, cable / 2 + 28)}
              textAnchor="middle"
              fontSize={14}
            >
              {finished.second}, {near.end.referencePlane} to {far.end.referencePlane}; cut{' '}
              {texts({ metres: plan.cuts[0]!.cut.value }).first}
            </text>
            {sides.map(({ end, direction }) => (
              <EndLabel
                key={end.end.id}
                end={end}
                progress={progress}
                x={direction > 0 ? 16 : width - 16}
                y={height - 24}
                anchor={direction > 0 ? 'start' : 'end'}
              />
            ))}
          </>
        )}
      </svg>
    </div>
  );
}

function Cable({
  from,
  to,
  middle,
  thickness,
  bare,
  onPick,
}: {
  /** A tube without a jacket. */
  bare: boolean;
  from: number;
  to: number;
  middle: number;
  thickness: number;
  onPick: RunProps['onPick'];
}) {
  const half = (from + to) / 2;
  const layer = bare ? 'copper' : 'jacket';
  const gap = 17;
  const y = middle - thickness / 2;
  const pick = onPick && pickable('cable, opens Choose', () => onPick({ kind: 'cable' }));
  const mark = (x: number, turn: number) =>
    `M ${x} ${middle - thickness} l ${9 * turn} ${thickness * 0.66} l ${-9 * turn} ${thickness * 0.66} l ${9 * turn} ${thickness * 0.68}`;
  return (
    <g {...pick}>
      <rect className={layer} x={from} y={y} width={half - gap - from} height={thickness} />
      <rect className={layer} x={half + gap} y={y} width={to - half - gap} height={thickness} />
      <path className="dimension" strokeWidth={2} d={mark(half - gap - 3, 1)} />
      <path className="dimension" strokeWidth={2} d={mark(half + gap - 6, 1)} />
    </g>
  );
}

function endState({ end }: EndPlan, progress: UnitProgress | undefined): EndState {
  if (!progress) return 'planned';
  return isStepDone(progress, end.id, 'insert') ? 'closed' : 'open';
}

interface PartsProps extends Pick<RunProps, 'plan' | 'progress' | 'onPick' | 'numbers'> {
  readonly end: EndPlan;
  readonly scale: number;
  readonly direction: 1 | -1;
  readonly small: boolean;
  readonly places: ReadonlyMap<string, PartPlace>;
}

/** The parts near one end, from the end inward. */
function Parts({ plan, end, progress, scale, direction, small, numbers, places, onPick }: PartsProps) {
  const mine = plan.parts.filter(({ endId }) => endId === end.end.id);
  return mine.map((part) => {
    const state = progress ? (progress.on.has(part.id) ? 'on' : 'missing') : 'on';
    const { x, length, row } = places.get(part.id)!;
    return (
      <g
        key={part.id}
        {...(onPick &&
          pickable(`${part.label}, opens Thread`, () => onPick({ kind: 'part', partId: part.id })))}
      >
        <PartShape part={part} x={x} length={length} scale={scale} ghost={state === 'missing'} />
        {!small && (
          <g transform={`translate(${x + length / 2} 0) scale(${direction} 1)`}>
            <path className="leader" d={`M 0 ${-14} V ${-46 - row * 15}`} />
            <text
              fontSize={13}
              fontWeight={600}
              textAnchor="middle"
              y={-50 - row * 15}
              className={state === 'missing' ? 'out' : undefined}
            >
              {nameOf(part, progress, numbers)}
            </text>
          </g>
        )}
      </g>
    );
  });
}

/** What stands over a part: its place in the order, its name, and whether it is missing. */
function nameOf(
  part: LeadPart,
  progress: UnitProgress | undefined,
  numbers: ReadonlyMap<string, number> | undefined,
): string {
  const number = numbers?.get(part.id);
  const missing = progress && !progress.on.has(part.id);
  return `${number === undefined ? '' : `${number}. `}${shortName(part)}${missing ? ', not on' : ''}`;
}

/** A shrink by its size; that it is lined stands in Thread. */
const shortName = ({ kind, label }: LeadPart) =>
  kind === 'shrink' ? label.split(',')[0]!.replace('adhesive ', '') : kind;

function EndLabel({
  end,
  progress,
  x,
  y,
  anchor,
}: {
  end: EndPlan;
  progress: UnitProgress | undefined;
  x: number;
  y: number;
  anchor: 'start' | 'end';
}) {
  const state = endState(end, progress);
  const words = { planned: end.connector.name, open: 'not closed yet', closed: 'contact seated' }[state];
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={15} fontWeight={700}>
      End {end.end.name}
      <tspan x={x} dy={18} fontSize={14} fontWeight={400} className={state === 'closed' ? 'good' : 'soft'}>
        {words}
      </tspan>
    </text>
  );
}
