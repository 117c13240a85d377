import { toleranceText } from '../controls/tolerance-text.ts';
import type { JudgedStrip } from '@gorvane/core/strip/measured.ts';
import type { CoreRoute, StripCut, StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import { tighterTolerance } from '@gorvane/core/strip/strip-plan.ts';
import { useElementSize } from '@mantine/hooks';
import { useLengthTexts } from '../controls/length.tsx';
import type { LeftOut } from './long-way.ts';
import { drawnAt, leftOutOf } from './long-way.ts';
import { BareEnd, WireBreak, Wires, wireThickness } from './wires.tsx';
import './drawing.css';

interface CoreDrawingProps {
  readonly plan: StripPlan;
  readonly jacket: number;
  readonly judged?: JudgedStrip | undefined;
  /** The contact that this step is about; all when left out. */
  readonly contact?: string | undefined;
  readonly title: string;
}

/** The jacket is named where so many pixels of it are drawn. */
const nameRoom = 68;
/** Cable shown behind the jacket edge, metres. */
const behind = 9e-3;
/** From core to core, pixels: closer where there are many. */
const rowHeightFor = (routes: StripPlan['routes']) => (routes.length > 3 ? 54 : 62);
/** Room for the words at the right, pixels: more where several cables make the names long. */
const wordsFor = (routes: StripPlan['routes']) => (routes.some(({ label }) => label.length > 18) ? 270 : 210);

/**
 * Cores and shield tail from the jacket edge to their contacts, to scale along the cable, fanned out so that each can be read:
 * where the insulation ends, where the metal ends, and the contact that takes it.
 */
export function CoreDrawing({ plan, jacket, judged, contact, title }: CoreDrawingProps) {
  const { ref, width: measured } = useElementSize();
  const width = measured || 700;
  const { routes } = plan;
  const words = wordsFor(routes);
  const rowHeight = rowHeightFor(routes);
  const leftOut = leftOutOf(firstJointOf(routes));
  const front = Math.max(...routes.map(({ end }) => drawnAt(end, leftOut)));
  const scale = Math.min(26_000, (width - words - 24) / (behind + front + 2e-3));
  const height = 40 + routes.length * rowHeight;
  const middle = 20 + (routes.length * rowHeight) / 2;
  const x = (metres: number) => 8 + (drawnAt(metres, leftOut) + behind) * scale;
  const half = Math.min((jacket * scale) / 2, middle - 8);
  return (
    <div ref={ref}>
      <svg
        className="drawing"
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        role="img"
        aria-label={describe(plan, title)}
      >
        {routes.map((route, index) => (
          <Core
            key={`${route.label} ${route.contact}`}
            route={route}
            y={20 + (index + 0.5) * rowHeight}
            from={{ x: x(0), y: middle + ((index + 0.5) / routes.length - 0.5) * half * 1.5 }}
            x={x}
            scale={scale}
            leftOut={leftOut}
            faint={contact !== undefined && route.contact !== contact}
          />
        ))}
        <rect className="jacket" x={8} y={middle - half} width={x(0) - 8} height={2 * half} rx={3} />
        {x(0) > nameRoom && (
          <text x={18} y={middle + 5} fontSize={14} fontWeight={600} style={{ fill: '#fff' }}>
            jacket
          </text>
        )}
        <path
          className="dimension"
          d={`M ${x(0)} ${middle - half - 8} V ${height - 4}`}
          strokeDasharray="2 3"
        />
        {routes.map((route, index) => (
          <CoreWords
            key={`${route.label} ${route.contact}`}
            route={route}
            cuts={plan.cuts.filter((cut) => belongs(cut, route))}
            judged={judged}
            x={width - words}
            y={20 + (index + 0.5) * rowHeight}
            strong={contact === undefined || route.contact === contact}
          />
        ))}
      </svg>
    </div>
  );
}

/** The way to the contact that is nearest, metres; where nothing is joined, no way. */
function firstJointOf(routes: StripPlan['routes']): number {
  const joined = routes.filter(({ contact }) => contact !== null);
  return joined.length === 0 ? 0 : Math.min(...joined.map(({ insulationEnd }) => insulationEnd));
}

const belongs = (cut: StripCut, route: CoreRoute) =>
  route.kind === 'shield' ? cut.layer === 'tail' : cut.of === route.label;

interface CoreProps {
  readonly route: CoreRoute;
  readonly y: number;
  readonly from: { readonly x: number; readonly y: number };
  readonly x: (metres: number) => number;
  readonly scale: number;
  readonly leftOut: LeftOut | null;
  readonly faint: boolean;
}

/** One core, or both wires of one: out of the jacket, over to its row, insulation, bare metal, and the contact round it. */
function Core({ route, y, from, x, scale, leftOut, faint }: CoreProps) {
  const { each, all } = wireThickness(route, scale, 5, 22);
  if (route.contact === null) {
    const tip = x(route.end);
    const loop = (off: number) =>
      `M ${from.x} ${from.y + off} C ${tip} ${from.y + off}, ${tip + 26} ${y + off}, ${tip} ${y + off} H ${Math.max(from.x - 30, 20)}`;
    return (
      <g opacity={faint ? 0.3 : 1}>
        <Wires route={route} each={each} way={loop} />
        <rect className="shrink" x={from.x - 24} y={y - all / 2 - 3} width={20} height={all + 6} rx={2} />
      </g>
    );
  }
  const straightFrom = Math.min(route.insulationEnd, route.mouth, leftOut?.from ?? Infinity) * 0.6;
  const bend = x(straightFrom);
  const way = (off: number) =>
    `M ${from.x} ${from.y + off} C ${bend} ${from.y + off}, ${(from.x + bend) / 2} ${y + off}, ${bend} ${y + off} H ${x(route.insulationEnd)}`;
  return (
    <g opacity={faint ? 0.3 : 1}>
      <BareEnd route={route} y={y} x={x} scale={scale} all={all} />
      <Wires route={route} each={each} way={way} />
      {leftOut && <WireBreak x={x(leftOut.from)} y={y} half={all / 2 + 3} />}
      <path
        d={`M ${x(route.mouth)} ${y - all * 0.75} H ${x(route.end) + 10} V ${y + all * 0.75} H ${x(route.mouth)}`}
        fill="none"
        stroke="var(--brass)"
        strokeWidth={4}
      />
    </g>
  );
}

function CoreWords({
  route,
  cuts,
  judged,
  x,
  y,
  strong,
}: {
  readonly route: CoreRoute;
  readonly cuts: readonly StripCut[];
  readonly judged: JudgedStrip | undefined;
  readonly x: number;
  readonly y: number;
  readonly strong: boolean;
}) {
  const texts = useLengthTexts();
  const isOut = judged?.cuts.some(({ cut, verdict }) => cuts.includes(cut) && verdict === 'Out');
  return (
    <g opacity={strong ? 1 : 0.45}>
      <text x={x} y={y - 12} fontSize={15} fontWeight={700} className={isOut ? 'out' : undefined}>
        {route.contact === null ? `${route.label}, spare` : `${route.contact}  ←  ${route.label}`}
      </text>
      {cuts.map((cut, index) => {
        const { first } = texts({ metres: cut.position.value, tolerance: tighterTolerance(cut) });
        return (
          <text key={cut.label} x={x} y={y + 6 + index * 17} fontSize={14}>
            <tspan className="soft">{wordOf[cut.layer] ?? cut.layer} </tspan>
            <tspan className="figures" fontWeight={600}>
              {first}
            </tspan>
            <tspan className="soft" fontSize={12}>{` ${toleranceText(cut)}`}</tspan>
          </text>
        );
      })}
      {route.contact === null && (
        <text x={x} y={y + 6} fontSize={14} className="soft">
          {route.end > 0 ? 'folded back under shrink' : 'cut flush'}
        </text>
      )}
    </g>
  );
}

const wordOf: Partial<Record<StripCut['layer'], string>> = {
  insulation: 'insulation to',
  core: 'metal to',
  tail: 'tail to',
};

function describe(plan: StripPlan, title: string): string {
  const cores = plan.routes.map(({ label, contact, insulationEnd, end }) =>
    contact === null
      ? `${label} spare`
      : `${label} to ${contact}, insulation to ${(insulationEnd * 1e3).toFixed(1)} mm, metal to ${(end * 1e3).toFixed(1)} mm`,
  );
  return `${title}. From the jacket edge: ${cores.join('; ')}.`;
}
