import type { JointKind } from '@gorvane/core/recipe/joint.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { ContactJoint } from '@gorvane/core/end/end-input.ts';
import { conductorNames } from '@gorvane/core/strip/core-strip.ts';
import { conductorPaint } from './wire-colour.ts';
import './drawing.css';

/** Where the lug of a contact lies, from above: nearest the cable first. The iron comes from the side that is free. */
interface Place {
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly iron: 'above' | 'below';
}

const places: Readonly<Record<string, Place>> = {
  sleeve: { x: 92, y: 118, length: 96, iron: 'below' },
  ring: { x: 168, y: 92, length: 70, iron: 'above' },
  tip: { x: 226, y: 68, length: 66, iron: 'above' },
};

interface LugsProps {
  readonly joints: readonly Step[];
  /** What goes on each contact. */
  readonly conductors: readonly ContactJoint[];
  /** The contact of the step at hand. */
  readonly contact: string | undefined;
}

/** The lugs of a jack or phono plug as they lie, in the order in which they are soldered, with where the iron gets in. */
export function LugsFromAbove({ joints, conductors, contact }: LugsProps) {
  const lugs = joints.filter(({ about }) => places[about ?? ''] !== undefined);
  const onLug = (id: string | null | undefined) =>
    conductors.find((joint) => joint.contact.id === id)?.conductors ?? [];
  const words = lugs
    .map(({ about }, index) => `${index + 1} ${about}, ${conductorNames(onLug(about))}`)
    .join('; ');
  return (
    <svg className="lugs" viewBox="0 0 340 176" role="img" aria-label={`Lugs from above, in order: ${words}`}>
      <rect x="-4" y="64" width="70" height="42" fill="var(--jacket)" />
      <path d="M60 40 H304 V136 H60 Z" fill="none" stroke="var(--ink)" strokeDasharray="6 4" />
      <rect x="304" y="74" width="36" height="24" fill="var(--silver)" stroke="var(--ink)" />
      {lugs.map(({ about, joint }, index) => (
        <LugDrawing
          key={about}
          name={`${index + 1} ${about}`}
          place={places[about!]!}
          wires={onLug(about)}
          form={joint}
          isTip={about === 'tip'}
          now={about === contact}
        />
      ))}
    </svg>
  );
}

interface LugDrawingProps {
  readonly name: string;
  readonly place: Place;
  readonly wires: ContactJoint['conductors'];
  /** The kind of joint decides how the lug is made. */
  readonly form: JointKind | null;
  /** Beyond the tip's lug there is no room for its name: it stands above. */
  readonly isTip: boolean;
  readonly now: boolean;
}

function LugDrawing({ name, place: { x, y, length, iron }, wires, form, isTip, now }: LugDrawingProps) {
  const up = iron === 'above';
  return (
    <g>
      {wires.map((wire, index) => {
        const off = (index - (wires.length - 1) / 2) * 6;
        const way = `M66 ${(y < 84 ? 80 : 90) + off} Q ${x - 20} ${y + off} ${x} ${y + off}`;
        return (
          <g key={`${wire.id} ${index}`} fill="none">
            <path d={way} stroke="var(--ink)" strokeWidth="7" />
            <path d={way} stroke={conductorPaint(wire)} strokeWidth="5" />
          </g>
        );
      })}
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
      {form === 'lug with a hole' && (
        <circle cx={x + length - 16} cy={y} r="6" fill="var(--paper)" stroke="var(--ink)" />
      )}
      {form === 'grooved lug' && (
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
      <text x={isTip ? x + 8 : x + length + 6} y={isTip ? y - 15 : y + 5} className="lug-name">
        {name}
      </text>
    </g>
  );
}
