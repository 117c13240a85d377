import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { liesThere } from '@gorvane/core/lead/lying.ts';
import type { ShownEnd, ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { useElementSize } from '@mantine/hooks';
import { useLengthTexts } from '../controls/length.tsx';
import './drawing.css';
import type { EndState } from './end-shape.tsx';
import { EndShape } from './end-shape.tsx';
import { pickable } from './pickable.ts';
import { isStepDone, StrippedEnd } from './stripped-end.tsx';
import type { LeadPart } from '@gorvane/core/thread/lead-part.ts';
import type { PartPlace } from './run-layout.ts';
import { nameRise, namesAbove, runLayout } from './run-layout.ts';
import { PartShape } from './part-shape.tsx';
import { LegLengths, Legs } from './run-legs.tsx';
import type { RunProps, Side } from './run-side.ts';
import { isOn, legRow, nameOf, leastWidth, scaleFor, sidesOf, tall } from './run-side.ts';
import { wirePaint } from './wire-colour.ts';

/** The lead lying on the bench, the first end at the left, every part threaded on it in its place, legs branching. */
export function Run({ plan, progress, onPick, faults, small = false, numbers }: RunProps) {
  const { ref, width: measured } = useElementSize();
  const scale = scaleFor(plan, small);
  const width = Math.max(measured || 1060, leastWidth(plan, scale, small));
  const size = small ? 'small' : 'full';
  const legs = plan.ends.length - 1;
  const height = legs > 1 ? Math.max(tall[size], legs * legRow[size]) : tall[size];
  const sides = sidesOf(plan, width, height, scale);
  const lines = legs > 1 ? sides.map((side) => [side]) : [sides];
  const places = new Map(
    lines.flatMap((line) => [
      ...runLayout(
        line.map(({ end, ...side }) => ({
          ...side,
          parts: partsAt(plan, end),
          closed: endState(plan, end, progress) !== 'open',
        })),
        line[0]!.meets,
        small ? 0.55 : 1,
        (partId) =>
          nameOf(
            plan,
            plan.parts.find(({ id }) => id === partId)!,
            progress,
            numbers,
          ),
      ),
    ]),
  );
  const names = sides.map(({ end }) => end.end.name);
  const above = small
    ? 0
    : namesAbove(
        sides.map(({ end, y }) => ({ y, parts: partsAt(plan, end) })),
        places,
      );
  return (
    <div ref={ref}>
      <svg
        className="drawing run-drawing"
        viewBox={`0 ${-above} ${width} ${above + height}`}
        height={above + height}
        role="group"
        aria-label={`Run of ${plan.lead.name}, end ${names[0]!} to end ${names.slice(1).join(' and ')}`}
      >
        {legs > 1 ? (
          <Legs
            plan={plan}
            sides={sides}
            scale={scale}
            small={small}
            progress={progress}
            numbers={numbers}
            onPick={onPick}
          />
        ) : (
          <Cable
            from={sides[0]!.origin}
            to={sides[1]!.origin}
            middle={sides[0]!.y}
            thickness={sides[0]!.end.cable.jacket.diameter * scale}
            bare={sides[0]!.end.strip.datum === 'tube end'}
            onPick={onPick}
          />
        )}
        {sides.map(({ end, origin, direction, y }) => (
          <g key={end.end.id} transform={`translate(${origin} ${y}) scale(${direction} 1)`}>
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
              state={endState(plan, end, progress)}
              onPick={onPick && (() => onPick({ kind: 'end', endId: end.end.id }))}
            />
            {end.end.marker && (
              <rect
                x={small ? 70 : 132}
                y={-9}
                width={7}
                height={18}
                fill={wirePaint(end.end.marker)}
                stroke="#22272a"
              />
            )}
            <StrippedEnd end={end} progress={progress} scale={scale} />
            {faults?.endIds.includes(end.end.id) && (
              <circle className="halo" cx={-20} cy={0} r={38} style={{ stroke: 'var(--out)' }} />
            )}
          </g>
        ))}
        {legs === 1 &&
          faults?.parts.map((part) => (
            <circle
              key={part}
              className="halo"
              cx={sides[0]!.origin + part * (sides[1]!.origin - sides[0]!.origin)}
              cy={sides[0]!.y}
              r={24}
              style={{ stroke: 'var(--out)' }}
            />
          ))}
        {!small && (
          <>
            {legs > 1 ? <LegLengths plan={plan} sides={sides} /> : <WholeLength plan={plan} sides={sides} />}
            {sides.map(({ end, direction, y }) => (
              <EndLabel
                key={end.end.id}
                plan={plan}
                end={end}
                progress={progress}
                x={direction > 0 ? 16 : width - 16}
                y={legs > 1 ? y + 44 : height - 24}
                anchor={direction > 0 ? 'start' : 'end'}
              />
            ))}
          </>
        )}
      </svg>
    </div>
  );
}

/** Finished and cut length over the middle of a lead with two ends. */
function WholeLength({ plan, sides }: { readonly plan: ShownPlan; readonly sides: readonly Side[] }) {
  const texts = useLengthTexts();
  const [near, far] = [sides[0]!, sides[1]!];
  const cable = near.end.cable.jacket.diameter * scaleFor(plan, false);
  const x = near.meets;
  const finished = texts({ metres: plan.lead.legs[0]!.finishedLength, cable: true });
  return (
    <>
      <text
        className="figures name"
        x={x}
        y={near.y - Math.max(28, cable / 2 + 20)}
        textAnchor="middle"
        fontSize={17}
      >
        {finished.first}
      </text>
      <text
        className="soft name"
        x={x}
        y={near.y + Math.max(48, cable / 2 + 28)}
        textAnchor="middle"
        fontSize={14}
      >
        {finished.second}
        {liesThere(plan.lead)
          ? ', lies there'
          : `, ${near.end.end.referencePlane} to ${far.end.end.referencePlane}; cut ${texts({ metres: plan.cuts[0]!.cut.value, cable: true }).first}`}
      </text>
    </>
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

function endState(
  { lead }: Pick<ShownPlan, 'lead'>,
  { end }: ShownEnd,
  progress: UnitProgress | undefined,
): EndState {
  if (!progress) return 'planned';
  const fitted = lead.fittedEndIds.includes(end.id);
  return fitted || isStepDone(progress, end.id, 'insert') ? 'closed' : 'open';
}

/** The parts that are drawn at an end; those of a split are drawn there. */
const partsAt = ({ parts }: ShownPlan, { end }: ShownEnd) =>
  parts.filter(({ ends, nodeId }) => nodeId === undefined && ends.includes(end.id));

interface PartsProps extends Pick<RunProps, 'plan' | 'progress' | 'onPick' | 'numbers'> {
  readonly end: ShownEnd;
  readonly scale: number;
  readonly direction: 1 | -1;
  readonly small: boolean;
  readonly places: ReadonlyMap<string, PartPlace>;
}

/** The parts near one end, from the end inward. */
function Parts({ plan, end, progress, scale, direction, small, numbers, places, onPick }: PartsProps) {
  const parts = partsAt(plan, end);
  const middleOf = ({ id }: LeadPart) => places.get(id)!.x + places.get(id)!.length / 2;
  // Under all names, so that none is crossed out.
  const leaders = parts.map((part) => (
    <path
      key={`to ${part.id}`}
      className="leader"
      d={`M ${middleOf(part)} -14 V ${-nameRise(places.get(part.id)!.row)}`}
    />
  ));
  const shapes = parts.map((part) => {
    const state = isOn(plan.lead, part, progress) ? 'on' : 'missing';
    const { x, length, row } = places.get(part.id)!;
    return (
      <g
        key={part.id}
        {...(onPick &&
          pickable(`${part.label}, opens Thread`, () => onPick({ kind: 'part', partId: part.id })))}
      >
        <PartShape part={part} x={x} length={length} scale={scale} ghost={state === 'missing'} />
        {!small && (
          <text
            transform={`translate(${middleOf(part)} 0) scale(${direction} 1)`}
            fontSize={13}
            fontWeight={600}
            textAnchor="middle"
            y={-nameRise(row) - 4}
            className={state === 'missing' ? 'name out' : 'name'}
          >
            {nameOf(plan, part, progress, numbers)}
          </text>
        )}
      </g>
    );
  });
  return [...(small ? [] : leaders), ...shapes];
}

function EndLabel({
  plan,
  end,
  progress,
  x,
  y,
  anchor,
}: {
  plan: ShownPlan;
  end: ShownEnd;
  progress: UnitProgress | undefined;
  x: number;
  y: number;
  anchor: 'start' | 'end';
}) {
  const state = endState(plan, end, progress);
  const made = { planned: end.connector.name, open: 'not closed yet', closed: 'contact seated' }[state];
  const { lies } = end.end;
  const words = lies ? `lies in a ${lies} already` : made;
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={15} fontWeight={700}>
      End {end.end.name}
      {end.end.called && `, ${end.end.called}`}
      <tspan x={x} dy={18} fontSize={14} fontWeight={400} className={state === 'closed' ? 'good' : 'soft'}>
        {words}
      </tspan>
    </text>
  );
}
