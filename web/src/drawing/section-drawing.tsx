import type { SectionMaterial, SectionRing } from '@gorvane/core/strip/section.ts';
import type { StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import { useElementSize } from '@mantine/hooks';
import { useId } from 'react';
import { drawnAt, leftOutOf } from './long-way.ts';
import { SeatedCores } from './seated-cores.tsx';
import './drawing.css';

const classOf: Readonly<Record<SectionMaterial, string>> = {
  jacket: 'jacket',
  braid: 'braid-fill',
  foil: 'foil',
  copper: 'copper',
  dielectric: 'milk',
  metal: 'metal',
  brass: 'brass',
  pin: 'pin-metal',
  insulator: 'insulator',
  rubber: 'rubber',
  solder: 'solder',
};

/** The stripped cable seated in its connector, cut open: every part where it comes to lie. Same numbers as the strip. */
export function SectionDrawing({
  strip,
  title,
  tallest = 300,
}: {
  readonly strip: StripPlan;
  readonly title: string;
  /** Tallest that the drawing may be, pixels. */
  readonly tallest?: number;
}) {
  const { ref, width: measured } = useElementSize();
  const pattern = useId();
  const width = measured || 640;
  const { section, planes, routes } = strip;
  const joined = routes.filter(({ seatedAt }) => seatedAt !== undefined);
  const leftOut = leftOutOf(Math.min(...joined.map(({ seatedAt }) => seatedAt!), strip.rearLip));
  const from = Math.min(...section.map((ring) => ring.from));
  const to = drawnAt(Math.max(...section.map((ring) => ring.to)), leftOut);
  const largest = Math.max(...section.flatMap(({ outside }) => outside));
  const scale = Math.min((width - 16) / (to - from), tallest / largest);
  const height = largest * scale + 46;
  const middle = height / 2;
  const left = (width - (to - from) * scale) / 2;
  const x = (metres: number) => left + (drawnAt(metres, leftOut) - from) * scale;
  const named = [...planes].sort((a, b) => a.at - b.at);
  return (
    <div ref={ref}>
      <svg
        className="drawing"
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        role="img"
        aria-label={`Section of the seated joint, ${title}: ${[
          ...section.filter(({ group }) => group === 'connector').map(({ name }) => name),
          ...joined.map(({ label, contact }) => `${label} in ${contact}`),
        ].join(', ')}`}
      >
        <defs>
          <pattern id={pattern} width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="#c4c8c5" />
            <path d="M0 0 L6 6 M6 0 L0 6" stroke="#6d7471" />
          </pattern>
        </defs>
        {section.map((ring) => (
          <path
            key={`${ring.group} ${ring.name}`}
            className={classOf[ring.material]}
            fill={ring.material === 'braid' ? `url(#${pattern})` : undefined}
            d={outline(ring, x, middle, scale)}
          >
            <title>{ring.name}</title>
          </path>
        ))}
        <SeatedCores
          routes={joined}
          plugs={strip.rearLip > 0 ? section.find(({ material }) => material === 'brass') : undefined}
          leftOut={leftOut}
          x={x}
          middle={middle}
          scale={scale}
          largest={largest}
        />
        {named.map(({ label, at }, index) => (
          <g key={label}>
            <path className="cut" d={`M ${x(at)} 18 V ${height - 18}`} />
            <text
              x={Math.min(width - 4, Math.max(4, x(at)))}
              y={index % 2 === 0 ? height - 5 : 13}
              textAnchor={x(at) < 50 ? 'start' : x(at) > width - 50 ? 'end' : 'middle'}
              fontSize={13}
              className="soft"
            >
              {label}
            </text>
          </g>
        ))}
      </svg>
      <Legend section={section} />
    </div>
  );
}

/** Both walls of a ring, or the whole of a solid one. */
function outline(ring: SectionRing, x: (metres: number) => number, middle: number, scale: number): string {
  const half = (diameter: number) => (diameter * scale) / 2;
  const [outRear, outFront] = ring.outside.map(half) as [number, number];
  const [inRear, inFront] = ring.inside.map(half) as [number, number];
  const wall = (side: 1 | -1) =>
    `M ${x(ring.from)} ${middle + side * outRear} L ${x(ring.to)} ${middle + side * outFront} L ${x(ring.to)} ${middle + side * inFront} L ${x(ring.from)} ${middle + side * inRear} Z`;
  return `${wall(1)} ${wall(-1)}`;
}

function Legend({ section }: { readonly section: readonly SectionRing[] }) {
  const materials = [...new Set(section.map(({ material }) => material))];
  return (
    <ul className="section-legend soft">
      {materials.map((material) => (
        <li key={material}>
          <svg width="14" height="14" aria-hidden="true" className="drawing">
            <rect
              x="1"
              y="1"
              width="12"
              height="12"
              className={classOf[material]}
              fill={material === 'braid' ? '#c4c8c5' : undefined}
            />
          </svg>
          {[...new Set(section.filter((ring) => ring.material === material).map(({ name }) => name))].join(
            ', ',
          )}
        </li>
      ))}
    </ul>
  );
}
