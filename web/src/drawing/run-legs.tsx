import type { ShownEnd, ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { useLengthTexts } from '../controls/length.tsx';
import { pickable } from './pickable.ts';
import type { RunProps, Side } from './run-side.ts';
import { nameOf } from './run-side.ts';

/** The length of trunk and legs, each over its own. */
export function LegLengths({ plan, sides }: { readonly plan: ShownPlan; readonly sides: readonly Side[] }) {
  const texts = useLengthTexts();
  return plan.lead.legs.map((leg) => {
    const side = sides.find(
      ({ end }) => leg.toNodeId === end.end.nodeId || leg.fromNodeId === end.end.nodeId,
    )!;
    const x = (side.origin + side.meets) / 2 + (side.direction < 0 ? 20 : 0);
    return (
      <text key={leg.id} className="figures" x={x} y={side.y + 34} textAnchor="middle" fontSize={16}>
        {texts({ metres: leg.finishedLength, cable: true }).first}
      </text>
    );
  });
}

/** Trunk, split and legs: cables run on through the split, or are joined there. */
export function Legs({
  plan,
  sides,
  scale,
  small,
  progress,
  numbers,
  onPick,
}: {
  readonly sides: readonly Side[];
  readonly scale: number;
  readonly small: boolean;
} & Pick<RunProps, 'plan' | 'progress' | 'numbers' | 'onPick'>) {
  const [near, ...far] = sides;
  const pick = onPick && pickable('cable, opens Choose', () => onPick({ kind: 'cable' }));
  const thickness = (end: ShownEnd) => Math.max(4, end.cable.jacket.diameter * scale);
  const [x, y] = [near!.meets, near!.y];
  const across = near!.end.input.cables.length > 1;
  const trunk = thickness(near!.end);
  const offsets = across ? far.map((_, index) => (index - (far.length - 1) / 2) * trunk * 1.1) : [0];
  return (
    <g>
      <g {...pick}>
        {offsets.map((offset) => (
          <path
            key={offset}
            d={`M ${near!.origin} ${y + offset} H ${x}`}
            stroke="var(--jacket)"
            strokeWidth={trunk}
          />
        ))}
        {far.map(({ end, origin, y: to }, index) => {
          const start = y + (across ? offsets[index]! : 0);
          return (
            <path
              key={end.end.id}
              d={`M ${x} ${start} C ${x + 50} ${start}, ${x + 30} ${to}, ${x + 90} ${to} H ${origin}`}
              fill="none"
              stroke="var(--jacket)"
              strokeWidth={thickness(end)}
            />
          );
        })}
        <path className="dimension" strokeWidth={2} d={breakMark((near!.origin + x) / 2, y, trunk * 1.2)} />
        {far.map(({ end, origin, y: to }) => (
          <path
            key={end.end.id}
            className="dimension"
            strokeWidth={2}
            d={breakMark((origin + x + 90) / 2, to, thickness(end))}
          />
        ))}
      </g>
      <SplitShrink
        plan={plan}
        progress={progress}
        numbers={numbers}
        at={{ x, y }}
        height={across ? trunk * 2.8 : trunk * 2}
        small={small}
        onPick={onPick}
      />
    </g>
  );
}

/** The shrink over the crotch, at its place, with its name and how the cables go on. */
function SplitShrink({
  plan,
  progress,
  numbers,
  at: { x, y },
  height,
  small,
  onPick,
}: Pick<RunProps, 'plan' | 'progress' | 'numbers' | 'onPick'> & {
  readonly at: { readonly x: number; readonly y: number };
  readonly height: number;
  readonly small: boolean;
}) {
  const part = plan.parts.find(({ nodeId }) => nodeId !== undefined);
  if (!part) return null;
  const missing = progress !== undefined && !progress.on.has(part.id);
  const joined = plan.lead.joins.length > 0;
  return (
    <g
      {...(onPick &&
        pickable(`${part.label}, opens Thread`, () => onPick({ kind: 'part', partId: part.id })))}
    >
      <rect
        className={missing ? 'shrink ghost' : 'shrink'}
        x={x - 30}
        y={y - height / 2}
        width={small ? 30 : 52}
        height={height}
        rx={4}
      />
      {!small && (
        <text x={x - 38} y={y + height / 2 + 26} textAnchor="middle" fontSize={13} fontWeight={600}>
          {nameOf(plan, part, progress, numbers)}
          <tspan className="soft" fontWeight={400} x={x - 38} dy={16}>
            {joined ? 'joined here' : 'cables run through'}
          </tspan>
        </text>
      )}
    </g>
  );
}

/** A break mark stands for the metres. */
const breakMark = (x: number, y: number, thickness: number) =>
  `M ${x - 9} ${y - thickness} l 9 ${thickness * 0.66} l -9 ${thickness * 0.66} l 9 ${thickness * 0.68} M ${x + 7} ${y - thickness} l 9 ${thickness * 0.66} l -9 ${thickness * 0.66} l 9 ${thickness * 0.68}`;
