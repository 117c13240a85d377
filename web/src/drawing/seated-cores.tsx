import type { CoreRoute } from '@gorvane/core/strip/strip-plan.ts';
import type { SectionRing } from '@gorvane/core/strip/section.ts';
import type { LeftOut } from './long-way.ts';
import { BareEnd, WireBreak, Wires, wireThickness } from './wires.tsx';

interface SeatedCoresProps {
  readonly routes: readonly CoreRoute[];
  /** What each has a plug of its own in, where it is so: diameters that its wall is drawn between, metres. */
  readonly plugs: SectionRing | undefined;
  readonly leftOut: LeftOut | null;
  readonly x: (metres: number) => number;
  /** Height of the axis, pixels. */
  readonly middle: number;
  readonly scale: number;
  /** Over the largest part of the connector, metres. */
  readonly largest: number;
}

/** Share of the connector within which its contacts lie across. */
const within = 0.62;

/**
 * Cores and shield tail of a seated end, each from the jacket to its contact. Along the axis they are to scale; across they lie
 * side by side, so that each can be seen.
 */
export function SeatedCores({ routes, plugs, leftOut, x, middle, scale, largest }: SeatedCoresProps) {
  const pitch = plugs
    ? ((plugs.inside[0] + plugs.outside[0]) * scale) / 2
    : (largest * scale * within) / Math.max(1, routes.length);
  return routes.map((route, index) => {
    const y = middle + (index - (routes.length - 1) / 2) * pitch;
    const most = plugs ? ((plugs.outside[0] - plugs.inside[0]) / 2) * scale : pitch * 0.66;
    const { each, all } = wireThickness(route, scale, 2, most);
    // The core lies with its slack and fan-out in the connector: it ends in its contact as deep as it was cut.
    const shift = route.seatedAt! - route.mouth;
    const seated = { ...route, insulationEnd: route.insulationEnd + shift, end: route.end + shift };
    const bend = x(Math.min(seated.insulationEnd, leftOut?.from ?? Infinity) * 0.6);
    const start = middle + (y - middle) * 0.45;
    const way = (off: number) =>
      `M ${x(0)} ${start + off} C ${bend} ${start + off}, ${(x(0) + bend) / 2} ${y + off}, ${bend} ${y + off} H ${x(seated.insulationEnd)}`;
    return (
      <g key={`${route.label} ${route.contact}`}>
        <title>{`${route.label} in ${route.contact}`}</title>
        <BareEnd route={seated} y={y} x={x} scale={scale} all={all} />
        <Wires route={route} each={each} way={way} />
        {leftOut && <WireBreak x={x(leftOut.from)} y={y} half={all / 2 + 3} />}
        {!plugs && (
          <path
            d={`M ${x(route.seatedAt!)} ${y - all * 0.7} H ${x(seated.end) + 4} V ${y + all * 0.7} H ${x(route.seatedAt!)}`}
            fill="none"
            stroke="var(--brass)"
            strokeWidth={3}
          />
        )}
        <text x={x(seated.end) + 10} y={y + 5} fontSize={13} fontWeight={700}>
          {route.contact}
        </text>
      </g>
    );
  });
}
