import { braidThickness } from '@gorvane/core/cable/braid.ts';
import type { Cable, CoaxCable, CoreCable, SheetCable } from '@gorvane/core/cable/cable.ts';
import { useId } from 'react';

const metalFill: Readonly<Record<string, string>> = {
  copper: 'var(--copper-metal)',
  silver: 'var(--silver)',
  tin: 'var(--silver)',
  steel: '#8d9396',
  aluminium: '#d3d7d9',
};

/** Outline to the eye of the drawing's box, which is 100 across. */
const box = 100;

/** A cable cut across, to scale, from its construction. */
export function CableSection({ cable, size = 220 }: { readonly cable: Cable; readonly size?: number }) {
  return (
    <svg
      className="drawing"
      width={size}
      height={size}
      viewBox={`${-box / 2} ${-box / 2} ${box} ${box}`}
      role="img"
      aria-label={`${cable.name}, cut across`}
    >
      {cable.structure === 'coax' ? (
        <CoaxRings cable={cable} />
      ) : cable.structure === 'cores' ? (
        <Cores cable={cable} />
      ) : (
        <Unknown cable={cable} />
      )}
    </svg>
  );
}

function Ring({
  radius,
  fill,
  stroke = '#22272a',
}: {
  readonly radius: number;
  readonly fill: string;
  readonly stroke?: string;
}) {
  return <circle r={radius} fill={fill} stroke={stroke} strokeWidth="0.4" />;
}

const jacketFill = (colour: string) =>
  colour === 'brown' ? '#7a5236' : colour === 'black' ? 'var(--jacket)' : 'var(--copper-metal)';
const dielectricFill = (material: string) => (material === 'PTFE' ? '#f7f7f2' : 'var(--milk)');

function CoaxRings({ cable }: { readonly cable: CoaxCable }) {
  const pattern = useId();
  const scale = (box * 0.48) / (cable.jacket.diameter / 2);
  const { conductor, dielectric, braids, tube, foil, conductiveLayer } = cable;
  const inner = dielectric.diameter / 2;
  const underBraid = inner + conductiveLayer + (foil?.thickness ?? 0);
  const braidRadii = braids.map((_braid, n) =>
    braids.slice(0, n + 1).reduce((sum, braid) => sum + braidThickness(braid), underBraid),
  );
  const strand = conductor.diameter / 2;
  const outermost = conductor.strandLayers.at(-1)!.metal;
  const core = conductor.strandLayers[0]!.metal;
  return (
    <>
      <defs>
        <pattern id={pattern} width="3" height="3" patternUnits="userSpaceOnUse">
          <rect width="3" height="3" fill="#c4c8c5" />
          <circle cx="1.5" cy="1.5" r="0.9" fill="#8d9396" />
        </pattern>
      </defs>
      {cable.jacket.material !== 'none' && (
        <Ring radius={(cable.jacket.diameter / 2) * scale} fill={jacketFill(cable.jacket.colour)} />
      )}
      {[...braidRadii].reverse().map((outer) => (
        <Ring key={outer} radius={outer * scale} fill={`url(#${pattern})`} />
      ))}
      {tube && <Ring radius={(tube.outside / 2) * scale} fill={metalFill[tube.metal]!} />}
      {tube?.corrugated && (
        <circle
          r={((tube.outside / 2 + inner) / 2) * scale}
          fill="none"
          stroke="#22272a"
          strokeWidth="0.5"
          strokeDasharray="2 2"
        />
      )}
      {foil && (
        <Ring radius={(inner + conductiveLayer + foil.thickness) * scale} fill={metalFill[foil.metal]!} />
      )}
      {conductiveLayer > 0 && <Ring radius={(inner + conductiveLayer) * scale} fill="#3a3f42" />}
      <Ring radius={inner * scale} fill={dielectricFill(dielectric.material)} />
      {conductor.strands === 1 ? (
        <>
          <Ring radius={strand * scale} fill={metalFill[outermost === 'silver' ? 'silver' : 'copper']!} />
          {core !== outermost && (
            <Ring radius={conductor.strandLayers[0]!.thickness * scale} fill={metalFill[core]!} />
          )}
          {conductor.bore > 0 && <Ring radius={(conductor.bore / 2) * scale} fill="var(--paper)" />}
        </>
      ) : (
        <Strands count={conductor.strands} radius={strand * scale} fill={metalFill[outermost]!} />
      )}
    </>
  );
}

/** 7 or 19 round wires laid in rings. */
function Strands({
  count,
  radius,
  fill,
}: {
  readonly count: 7 | 19;
  readonly radius: number;
  readonly fill: string;
}) {
  const wire = radius / (count === 7 ? 3 : 5);
  const rings = count === 7 ? [6] : [6, 12];
  const places = [
    [0, 0],
    ...rings.flatMap((many, ring) =>
      Array.from({ length: many }, (_, n) => {
        const angle = (2 * Math.PI * n) / many;
        return [2 * wire * (ring + 1) * Math.cos(angle), 2 * wire * (ring + 1) * Math.sin(angle)];
      }),
    ),
  ];
  return places.map(([cx, cy]) => (
    <circle key={`${cx} ${cy}`} cx={cx} cy={cy} r={wire} fill={fill} stroke="#22272a" strokeWidth="0.3" />
  ));
}

const coreColours = ['#3f6fb5', '#f0ede3', '#b5413f', '#3f8f57', '#d9b13b', '#8a5fa8', '#d9803b', '#9aa0a3'];

function Cores({ cable }: { readonly cable: CoreCable }) {
  const scale = (box * 0.48) / (cable.jacket.diameter / 2);
  const { insulation, conductor, cores, shield } = cable;
  const radius = (insulation.diameter / 2) * scale;
  const away = cores === 1 ? 0 : cores === 2 ? radius : radius / Math.sin(Math.PI / cores);
  const inside = Math.min(
    box * 0.44,
    shield ? Math.max((shield.inside / 2) * scale, away + radius) : away + radius,
  );
  return (
    <>
      <Ring radius={box * 0.48} fill={jacketFill(cable.jacket.colour)} />
      {shield && <Ring radius={Math.min(box * 0.46, inside + 1.5)} fill="#aeb4b1" />}
      <Ring radius={inside} fill="#efe9dc" />
      {Array.from({ length: cores }, (_, n) => {
        const angle = (2 * Math.PI * n) / cores;
        return (
          <g key={n} transform={`translate(${away * Math.cos(angle)} ${away * Math.sin(angle)})`}>
            <circle
              r={radius}
              fill={coreColours[n % coreColours.length]}
              stroke="#22272a"
              strokeWidth="0.4"
            />
            <circle
              r={(conductor.diameter / 2) * scale}
              fill={metalFill[conductor.metal === 'copper' ? 'copper' : 'tin']}
              stroke="#22272a"
              strokeWidth="0.3"
            />
          </g>
        );
      })}
    </>
  );
}

function Unknown({ cable }: { readonly cable: SheetCable }) {
  return (
    <>
      <circle r={box * 0.46} fill="none" stroke="var(--soft)" strokeDasharray="3 3" />
      <text textAnchor="middle" y="-2" fontSize="7" fill="var(--soft)">
        layers not known
      </text>
      {cable.jacketDiameter && (
        <text textAnchor="middle" y="9" fontSize="7" fill="var(--soft)">
          {(cable.jacketDiameter * 1e3).toPrecision(3)} mm
        </text>
      )}
    </>
  );
}
