import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import { overBraid } from '@gorvane/core/cable/braid.ts';
import { cutOf } from '@gorvane/core/strip/strip-plan.ts';
import { useElementSize } from '@mantine/hooks';
import './drawing.css';

/** The stripped cable seated in its connector, cut open: where braid, dielectric and contact come to lie. Same numbers as the strip. */
export function SectionDrawing({ plan }: { readonly plan: EndPlan }) {
  const { ref, width: measured } = useElementSize();
  const width = measured || 640;
  const { strip, cable, card } = plan;
  const { seated } = strip;
  const from = seated.ferrule.from - 6e-3;
  const scale = (width - 16) / (seated.tip - from + 1e-3);
  const f = Object.fromEntries(
    Object.entries(card.features).map(([name, { value }]) => [name, value]),
  ) as Record<keyof typeof card.features, number>;
  const height = f.bodyOutside * scale + 40;
  const middle = (height - 26) / 2;
  const x = (metres: number) => 8 + (metres - from) * scale;
  const box = (start: number, to: number, diameter: number, className: string, fill?: string) => (
    <rect
      x={x(start)}
      y={middle - (diameter * scale) / 2}
      width={Math.max(0, x(to) - x(start))}
      height={diameter * scale}
      className={className}
      fill={fill}
    />
  );
  const [braid, dielectric, conductor] = (['braid', 'dielectric', 'conductor'] as const).map(
    (layer) => cutOf(strip, layer).position.value,
  ) as [number, number, number];
  const braidOutside = f.stemOutside + (overBraid(cable) - cable.dielectric.diameter);
  const label = (at: number, text: string, up: boolean) => (
    <text x={x(at)} y={up ? 13 : height - 6} textAnchor="middle" fontSize={13} className="soft">
      {text}
    </text>
  );
  return (
    <div ref={ref}>
      <svg
        className="drawing"
        viewBox={`0 0 ${width} ${height}`}
        height={height}
        role="img"
        aria-label="Section of the seated joint: braid over the stem and under the ferrule, contact against dielectric and stop"
      >
        {box(seated.shoulder, seated.matingPlane, f.bodyOutside * 0.8, 'body-metal')}
        {box(seated.stop, seated.matingPlane, f.bodyOutside * 0.52, 'milk')}
        {box(seated.ferrule.from, seated.ferrule.to, braidOutside + 2 * f.ferruleWall, 'metal')}
        {box(0, braid, braidOutside, 'braid-line', 'url(#section-braid)')}
        {box(seated.rearLip, seated.stop, f.stemOutside, 'body-metal')}
        {box(seated.rearLip, seated.stop, f.stemBore, 'milk')}
        {box(from, 0, cable.jacket.diameter, 'jacket')}
        {box(0, dielectric, cable.dielectric.diameter, 'milk')}
        {box(dielectric, seated.tip, f.pinOutside, 'pin-metal')}
        {box(dielectric, conductor, cable.conductor.diameter, 'copper')}
        <defs>
          <pattern id="section-braid" width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="#c4c8c5" />
            <path d="M0 0 L6 6 M6 0 L0 6" stroke="#6d7471" />
          </pattern>
        </defs>
        <path className="cut" d={`M ${x(seated.matingPlane)} 16 V ${height - 20}`} />
        {label(0, 'jacket edge', false)}
        {label(seated.shoulder, 'shoulder', true)}
        {label(seated.stop, 'stop', false)}
        {label(seated.matingPlane, 'mating plane', true)}
      </svg>
    </div>
  );
}
