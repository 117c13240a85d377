import { overBraid, shieldThickness } from '@gorvane/core/cable/braid.ts';
import type { CoaxCable } from '@gorvane/core/cable/cable.ts';
import type { CutLayer, StripPlan } from '@gorvane/core/strip/strip-plan.ts';
import { findCut } from '@gorvane/core/strip/cut-of.ts';

interface StripLayersProps {
  readonly plan: StripPlan;
  readonly cable: CoaxCable;
  readonly x: (metres: number) => number;
  readonly middle: number;
  readonly scale: number;
  /** The pattern that braid is filled with. */
  readonly hatch: string;
}

/** Cable shown behind the datum, metres. */
export const behind = 9e-3;
/** A name stands on a layer that is at least this wide, pixels. */
const roomForName = 46;

/** A braid that is folded back lies on the jacket, metres. */
export const foldedOutside = (cable: CoaxCable) => cable.jacket.diameter + 2 * shieldThickness(cable);

/** One bared layer from the datum to its cut, with what it is called. */
interface Layer {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly diameter: number;
  readonly look: { className?: string; fill?: string; stroke?: string };
}

/** The bared layers from the inside out. */
function bared(plan: StripPlan, cable: CoaxCable, hatch: string): Layer[] {
  const at = (layer: CutLayer) => findCut(plan, layer)?.position.value;
  const braid = { fill: `url(#${hatch})`, stroke: '#33393b' };
  const layers: (Layer | undefined)[] = [
    {
      name: 'conductor',
      from: -behind,
      to: at('conductor')!,
      diameter: cable.conductor.diameter,
      look: { className: 'copper' },
    },
    layerTo(at('dielectric'), 'dielectric', cable.dielectric.diameter, { className: 'milk' }),
    layerTo(at('foil'), 'foil', cable.dielectric.diameter, { className: 'foil' }),
    cable.tube
      ? {
          ...layerTo(at('tube') ?? 0, 'outer', cable.tube.outside, {
            className: plan.datum === 'tube end' ? 'copper' : 'metal',
          })!,
          from: -behind,
        }
      : plan.shield === 'folded back'
        ? undefined
        : layerTo(at('braid'), 'braid', overBraid(cable), braid),
  ];
  return layers.filter((layer) => layer !== undefined);
}

function layerTo(
  to: number | undefined,
  name: string,
  diameter: number,
  look: Layer['look'],
): Layer | undefined {
  return to === undefined ? undefined : { name, from: 0, to, diameter, look };
}

/** The layers of a strip as they are bared, jacket at the left. */
export function StripLayers({ plan, cable, x, middle, scale, hatch }: StripLayersProps) {
  const layers = bared(plan, cable, hatch);
  const isBare = plan.datum === 'tube end';
  const folded = plan.shield === 'folded back' ? findCut(plan, 'braid')?.position.value : undefined;
  const box = ({ from, to, diameter, look }: Omit<Layer, 'name'>) => (
    <rect
      x={x(from)}
      y={middle - (diameter * scale) / 2}
      width={Math.max(0, x(to) - x(from))}
      height={diameter * scale}
      {...look}
    />
  );
  return (
    <>
      {layers.map((layer) => (
        <g key={layer.name}>{box(layer)}</g>
      ))}
      {folded !== undefined &&
        box({
          from: -Math.min(folded, behind),
          to: 0,
          diameter: foldedOutside(cable),
          look: { fill: `url(#${hatch})`, stroke: '#33393b' },
        })}
      {!isBare &&
        box({ from: -behind, to: 0, diameter: cable.jacket.diameter, look: { className: 'jacket' } })}
      <Name from={x(-behind)} to={x(0)} y={middle + 5} text={isBare ? 'tube' : 'jacket'} light={!isBare} />
      {layers.map((layer, index) => (
        <LayerName
          key={layer.name}
          layer={layer}
          under={Math.max(0, ...layers.slice(index + 1).map(({ to }) => to))}
          x={x}
          middle={middle}
          scale={scale}
        />
      ))}
    </>
  );
}

/** The name on the part of a layer that no outer one covers; a conductor is too thin and has it above. */
function LayerName({
  layer,
  under,
  x,
  middle,
  scale,
}: {
  readonly layer: Layer;
  readonly under: number;
  readonly x: (metres: number) => number;
  readonly middle: number;
  readonly scale: number;
}) {
  const above = layer.name === 'conductor';
  const y = above ? middle - (layer.diameter * scale) / 2 - 8 : middle + 5;
  return <Name from={x(under)} to={x(layer.to)} y={y} text={layer.name} plate={layer.name === 'braid'} />;
}

function Name({
  from,
  to,
  y,
  text,
  light = false,
  plate = false,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly text: string;
  readonly light?: boolean;
  /** A plain ground, where the layer is hatched. */
  readonly plate?: boolean;
}) {
  if (to - from < roomForName) return null;
  const middle = (from + to) / 2;
  return (
    <>
      {plate && <rect x={middle - 26} y={y - 15} width={52} height={20} rx={2} fill="#f4f5f2" />}
      <text
        x={middle}
        y={y}
        textAnchor="middle"
        fontSize={14}
        fontWeight={600}
        style={{ fill: light ? '#fff' : text === 'conductor' ? 'var(--ink)' : '#22272a' }}
      >
        {text}
      </text>
    </>
  );
}
