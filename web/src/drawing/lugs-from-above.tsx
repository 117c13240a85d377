import type { Step } from '@gorvane/core/recipe/step.ts';
import './drawing.css';

/** Where each lug lies, from above: nearest the cable first. The iron comes from the side that is free. */
interface Lug {
  readonly contact: string;
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly iron: 'above' | 'below';
  readonly form: 'flat' | 'hole' | 'groove' | 'cup' | 'recess';
}

const jack: readonly Lug[] = [
  { contact: 'sleeve', x: 92, y: 121, length: 96, iron: 'below', form: 'flat' },
  { contact: 'ring', x: 168, y: 92, length: 70, iron: 'above', form: 'hole' },
  { contact: 'tip', x: 226, y: 68, length: 66, iron: 'above', form: 'hole' },
];

const layouts: Readonly<Record<string, readonly Lug[]>> = {
  'jack-3-trs': jack.map((lug) => (lug.form === 'hole' ? { ...lug, form: 'groove' } : lug)),
  phono: [
    { contact: 'sleeve', x: 92, y: 116, length: 108, iron: 'below', form: 'flat' },
    { contact: 'tip', x: 214, y: 74, length: 60, iron: 'above', form: 'cup' },
  ],
  'low-profile': [
    { contact: 'sleeve', x: 96, y: 84, length: 84, iron: 'below', form: 'recess' },
    { contact: 'tip', x: 214, y: 84, length: 48, iron: 'above', form: 'hole' },
  ],
};

interface LugsProps {
  readonly seriesId: string;
  readonly isLowProfile: boolean;
  readonly joints: readonly Step[];
  /** The contact of the step at hand. */
  readonly contact: string | undefined;
}

/** The lugs of a jack or phono plug as they lie, in the order in which they are soldered, with where the iron gets in. */
export function LugsFromAbove({ seriesId, isLowProfile, joints, contact }: LugsProps) {
  const lugs = layouts[isLowProfile ? 'low-profile' : seriesId] ?? jack;
  const order = joints.map(({ about }) => about);
  const here = lugs.filter((lug) => order.includes(lug.contact));
  const words = order.map((id, index) => `${index + 1} ${id}`).join(', ');
  return (
    <svg className="lugs" viewBox="0 0 340 176" role="img" aria-label={`Lugs from above, in order: ${words}`}>
      <rect x="-4" y="64" width="70" height="42" fill="var(--jacket)" />
      <path d="M60 40 H304 V136 H60 Z" fill="none" stroke="var(--ink)" strokeDasharray="6 4" />
      <rect x="304" y="74" width="36" height="24" fill="var(--silver)" stroke="var(--ink)" />
      {here.map((lug) => (
        <LugDrawing
          key={lug.contact}
          lug={lug}
          place={order.indexOf(lug.contact) + 1}
          now={lug.contact === contact}
        />
      ))}
    </svg>
  );
}

function LugDrawing({
  lug,
  place,
  now,
}: {
  readonly lug: Lug;
  readonly place: number;
  readonly now: boolean;
}) {
  const { x, y, length, form, iron, contact } = lug;
  const up = iron === 'above';
  return (
    <g>
      <path
        d={`M66 ${y < 84 ? 80 : 90} Q ${x - 20} ${y} ${x} ${y}`}
        fill="none"
        stroke="var(--copper-metal)"
        strokeWidth="5"
      />
      <rect
        x={x}
        y={y - 11}
        width={length}
        height="22"
        rx={form === 'cup' ? 11 : 2}
        fill="var(--brass)"
        stroke={now ? 'var(--copper)' : 'var(--ink)'}
        strokeWidth={now ? 4 : 1}
      />
      {form === 'hole' && (
        <circle cx={x + length - 16} cy={y} r="6" fill="var(--paper)" stroke="var(--ink)" />
      )}
      {form === 'groove' && (
        <path
          d={`M${x + 6} ${y - 4} h${length - 16} M${x + 6} ${y + 4} h${length - 16}`}
          stroke="var(--ink)"
        />
      )}
      {form === 'cup' && <ellipse cx={x + 11} cy={y} rx="7" ry="8" fill="var(--paper)" stroke="var(--ink)" />}
      {form === 'recess' && (
        <path
          d={`M${x + 8} ${y - 6} h${length - 16} v12 h${16 - length} z`}
          fill="var(--silver)"
          stroke="var(--ink)"
        />
      )}
      {now && (
        <path
          d={
            up
              ? `M${x + length / 2} 2 l-9 14 l9 ${y - 32} l9 ${32 - y} z`
              : `M${x + length / 2} 174 l-9 -14 l9 ${y - 142} l9 ${142 - y} z`
          }
          fill="var(--ink)"
          opacity="0.65"
        />
      )}
      <text
        x={contact === 'tip' ? x + 8 : x + length + 6}
        y={contact === 'tip' ? y - 15 : y + 5}
        className="lug-name"
      >
        {place} {contact}
      </text>
    </g>
  );
}
