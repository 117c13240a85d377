import { toleranceText } from '../controls/tolerance-text.ts';
import { madeAt, tighterTolerance } from '@gorvane/core/strip/strip-plan.ts';
import { cutKey, cutOf } from '@gorvane/core/strip/cut-of.ts';
import type { CutLayer, StripCut, StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import type { CoaxCable } from '@gorvane/core/cable/cable.ts';
import type { JudgedStrip } from '@gorvane/core/strip/measured.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { useElementSize } from '@mantine/hooks';
import { useLengthTexts } from '../controls/length.tsx';
import { behind, foldedOutside, StripLayers } from './strip-layers.tsx';
import './drawing.css';

interface StripDrawingProps {
  readonly plan: StripPlan;
  readonly cable: CoaxCable;
  readonly judged?: JudgedStrip;
  /** The layers whose figures matter now; all when left out. */
  readonly layers?: readonly CutLayer[];
  /** Cuts that are measured from the cut end, in place of those from the datum. */
  readonly toolCuts?: StripPlan['prepTool'];
  /** Tallest that the cable may be drawn, pixels. */
  readonly tallest?: number;
  readonly title: string;
}

/** The stripped end to scale, jacket at the left, with every cut, its tolerance and both figures. */
export function StripDrawing({
  plan,
  cable,
  judged,
  layers,
  toolCuts = [],
  tallest = 220,
  title,
}: StripDrawingProps) {
  const { ref, width: measured } = useElementSize();
  const width = measured || 700;
  const end = cutOf(plan, 'conductor').position.value;
  const outside = Math.max(cable.jacket.diameter, plan.shield === 'folded back' ? foldedOutside(cable) : 0);
  const ends = plan.cuts.map(({ position }) => position.value);
  const front = Math.max(end, ...ends);
  const scale = Math.min(30_000, (width - roomAtRight(width)) / (behind + front + 4e-3), tallest / outside);
  const middle = 44 + (outside * scale) / 2;
  const x = (metres: number) => 8 + (metres + behind) * scale;
  const bottom = middle + (outside * scale) / 2;
  const top = middle - (outside * scale) / 2 - 12;
  const fromEnd = toolCuts.length > 0;
  const shown = fromEnd ? [] : plan.cuts.filter(({ layer }) => !layers || layers.includes(layer));
  const rows = atOnePlaceOnce(shown);
  const lines = rows.length + toolCuts.length;
  const pitch = lines > 3 ? 30 : 40;
  const height = bottom + 24 + lines * pitch;
  const hatch = `braid-${plan.endId}`;
  return (
    <div ref={ref}>
      <svg
        className="drawing"
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        role="img"
        aria-label={describe(plan, title)}
      >
        <defs>
          <pattern id={hatch} width="8" height="8" patternUnits="userSpaceOnUse">
            <rect width="8" height="8" fill="#c4c8c5" />
            <path d="M0 0 L8 8 M8 0 L0 8" stroke="#6d7471" strokeWidth="1.2" />
          </pattern>
        </defs>
        <StripLayers plan={plan} cable={cable} x={x} middle={middle} scale={scale} hatch={hatch} />
        <text x={width - 4} y={16} textAnchor="end" fontSize={13} className="soft">
          <tspan className="on-screen">{`${Math.round(scale / 3780)} : 1 on a usual screen`}</tspan>
          <tspan className="on-paper">not to scale</tspan>
          {`, positions from the ${fromEnd ? 'cut end' : plan.datum}`}
        </text>
        <path className="dimension" d={`M ${x(fromEnd ? front : 0)} ${top} V ${height - 8}`} />
        <JointWindows plan={plan} x={x} top={middle - (outside * scale) / 2} bottom={bottom} />
        {toolCuts.map((cut, index) => (
          <ToolCut key={cut.label} cut={cut} end={front} x={x} y={bottom + 34 + index * pitch} top={top} />
        ))}
        {rows.map((cut, index) => (
          <CutLine key={cut.layer} cut={cut} x={x} y={bottom + 34 + index * pitch} top={top} />
        ))}
        {/* Figures come last: no line and no tolerance lies over one. */}
        {rows.map((cut, index) => (
          <CutFigure
            key={cut.layer}
            plan={plan}
            cut={cut}
            x={x}
            y={bottom + 34 + index * pitch}
            width={width}
          />
        ))}
        {shown.map((cut) => (
          <WhereItWasCut key={cut.layer} cut={cut} x={x} top={top} judged={judged} />
        ))}
      </svg>
    </div>
  );
}

interface JointWindowsProps {
  readonly plan: StripPlan;
  readonly x: (metres: number) => number;
  readonly top: number;
  readonly bottom: number;
}

/** What stays free between two cuts though each is as far off as it may be. */
function JointWindows({ plan, x, top, bottom }: JointWindowsProps) {
  return (plan.windows ?? []).map(({ behind, before, least }) => {
    const rear = plan.cuts.find((cut) => cutKey(cut) === behind);
    const front = plan.cuts.find((cut) => cutKey(cut) === before);
    if (!rear || !front) return null;
    const from = x(rear.position.value + rear.plus);
    const to = x(front.position.value - front.minus);
    return (
      <g key={behind} className="joint-window">
        <title>{`At least ${formatMillimetres(least)} mm stay free between the ${behind} and the end of the ${before}.`}</title>
        <rect x={from} y={top - 6} width={Math.max(2, to - from)} height={bottom - top + 12} />
        <path d={`M ${from} ${top - 10} v 8 M ${to} ${top - 10} v 8 M ${from} ${top - 6} H ${to}`} />
      </g>
    );
  });
}

interface CutFigureProps {
  readonly plan: StripPlan;
  readonly cut: StripCut;
  readonly x: (metres: number) => number;
  readonly y: number;
  readonly width: number;
}

interface ToolCutProps {
  readonly cut: StripPlan['prepTool'][number];
  readonly end: number;
  readonly x: (metres: number) => number;
  readonly y: number;
  readonly top: number;
}

/** Where a tool cuts, measured from the cut end at the right. */
function ToolCut({ cut: { label, at }, end, x, y, top }: ToolCutProps) {
  const { first } = useLengthTexts()({ metres: at.value });
  const [from, to] = [x(end), x(end - at.value)];
  return (
    <g>
      <path className="cut" d={`M ${to} ${top} V ${y + 6}`} />
      <path
        className="dimension"
        d={`M ${to} ${y} H ${from} M ${to + 8} ${y - 4} L ${to} ${y} l 8 4 M ${from - 8} ${y - 4} L ${from} ${y} l -8 4`}
      />
      <text
        x={from - 12}
        y={y - 6}
        textAnchor="end"
        fontSize={19}
        fontWeight={700}
        className="figures"
        style={{ paintOrder: 'stroke', stroke: 'var(--paper)', strokeWidth: 5 }}
      >
        {first}
        <tspan fontSize={13} fontWeight={400} className="soft">{` ${label}`}</tspan>
      </text>
    </g>
  );
}

/** What a drawing leaves at its right: in a small one the figures stand there. Pixels. */
const roomAtRight = (width: number) => (width < 500 ? 100 : 40);

/** A dimension narrower than this has its figures beside it, pixels. */
const roomForFigures = 230;

/** Cuts that lie at one place share a line: that of the tighter tolerance. */
function atOnePlaceOnce(cuts: readonly StripCut[]): StripCut[] {
  const same = (a: StripCut, b: StripCut) => Math.abs(a.position.value - b.position.value) < onePlace;
  const width = ({ plus, minus }: StripCut) => plus + minus;
  return cuts.filter(
    (cut, n) =>
      !cuts.some(
        (other, k) =>
          k !== n &&
          same(cut, other) &&
          (width(other) < width(cut) || (width(other) === width(cut) && k < n)),
      ),
  );
}

/** Two cuts nearer than this are made with one, metres. */
const onePlace = 0.05e-3;

type CutLineProps = Pick<CutFigureProps, 'cut' | 'x' | 'y'> & { readonly top: number };

/** The dimension of one cut, without its figures: line and tolerance band. */
function CutLine({ cut, x, y, top }: CutLineProps) {
  const at = x(cut.position.value);
  const band = { from: x(cut.position.value - cut.minus), to: x(cut.position.value + cut.plus) };
  return (
    <g>
      <rect className="tolerance" x={band.from} y={top} width={band.to - band.from} height={y - top - 12} />
      <path className="cut" d={`M ${at} ${top} V ${y + 6}`} />
      <path
        className="dimension"
        d={`M ${x(0)} ${y} H ${at} M ${x(0) + 8} ${y - 4} L ${x(0)} ${y} l 8 4 M ${at - 8} ${y - 4} L ${at} ${y} l -8 4`}
      />
    </g>
  );
}

/** Both figures of one cut. */
function CutFigure({ plan, cut, x, y, width }: CutFigureProps) {
  const texts = useLengthTexts()({ metres: madeAt(plan, cut), tolerance: tighterTolerance(cut) });
  const at = x(cut.position.value);
  const beside = Math.max(at, x(0)) + 12;
  // Beside the dimension, or at the edge of a drawing that is too small for it: then the figure alone.
  const narrow = Math.abs(at - x(0)) < roomForFigures;
  const tight = narrow && beside + roomForFigures > width;
  const place = tight
    ? { x: width - 2, y: y + 6, textAnchor: 'end' as const }
    : narrow
      ? { x: beside, y: y + 6, textAnchor: 'start' as const }
      : { x: (x(0) + at) / 2, y: y - 6, textAnchor: 'middle' as const };
  return (
    <text
      {...place}
      fontSize={19}
      fontWeight={700}
      className="figures"
      style={{ paintOrder: 'stroke', stroke: 'var(--paper)', strokeWidth: 8 }}
    >
      {texts.first}
      {!tight && (
        <tspan
          fontSize={13}
          fontWeight={400}
          className="soft"
        >{` ${toleranceText(cut)}  ${texts.second}`}</tspan>
      )}
    </text>
  );
}

type WhereItWasCutProps = Pick<CutLineProps, 'cut' | 'x' | 'top'> & {
  readonly judged: JudgedStrip | undefined;
};

/** Where a cut was really made, if it is out. */
function WhereItWasCut({ cut, x, top, judged }: WhereItWasCutProps) {
  const made = judged?.cuts.find(({ cut: { layer } }) => layer === cut.layer);
  if (made?.measured === undefined || made.verdict !== 'Out') return null;
  return (
    <g className="out">
      <path className="out" d={`M ${x(made.measured)} ${top + 2} l -7 -12 h 14 z`} />
      <text x={x(made.measured) + 10} y={top - 2} fontSize={13} fontWeight={700} className="out">
        {`you cut ${formatMillimetres(made.measured, 2)}`}
      </text>
    </g>
  );
}

function describe(plan: StripPlan, title: string): string {
  const cuts = plan.cuts.map(
    (cut) => `${cut.label} at ${formatMillimetres(cut.position.value)} mm, tolerance ${toleranceText(cut)}`,
  );
  const windows = (plan.windows ?? []).map(
    ({ behind, before, least }) =>
      `At least ${formatMillimetres(least)} mm stay free between the ${behind} and the end of the ${before}.`,
  );
  return [`${title}. From the ${plan.datum}: ${cuts.join('; ')}.`, ...windows].join(' ');
}
