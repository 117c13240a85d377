import type { TroubleId } from '@gorvane/core/recipe/trouble-id.ts';
import type { ReactNode } from 'react';

/** One of the drawings of a joint: good, or with one fault. */
export type Look = TroubleId | 'good';
export type DrawJoint = (look: Look) => ReactNode;

export const ink = 'var(--ink)';
export const mark = 'var(--out)';
export const copper = 'var(--copper-metal)';
export const silver = 'var(--silver)';
export const brass = 'var(--brass)';
export const jacket = 'var(--jacket)';
export const milk = 'var(--milk)';
export const paper = 'var(--paper)';
const insulation = '#3d6ea5';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** A ring round what is spoken of. */
export const Ring = ({ x, y, r = 15 }: { readonly x: number; readonly y: number; readonly r?: number }) => (
  <circle cx={x} cy={y} r={r} fill="none" stroke={mark} strokeWidth="2.5" strokeDasharray="5 3" />
);

/** A part, filled. */
export const Part = ({ x, y, w, h, fill }: Box & { readonly fill: string }) => (
  <rect x={x} y={y} width={w} height={h} fill={fill} stroke={ink} />
);

/** Lines and outlines that are not spoken of. */
export const Line = ({ d, width = 1 }: { readonly d: string; readonly width?: number }) => (
  <path d={d} fill="none" stroke={ink} strokeWidth={width} />
);

/** A shape, filled. */
export const Shape = ({ d, fill }: { readonly d: string; readonly fill: string }) => (
  <path d={d} fill={fill} stroke={ink} strokeWidth="1.2" />
);

/** What is wrong, drawn as it looks. */
export const Wrong = ({ d, fill = 'none' }: { readonly d: string; readonly fill?: string }) => (
  <path d={d} fill={fill} stroke={mark} strokeWidth="2.5" />
);

/** An insulated core from the left, bare from one place to another; `y` is its middle. */
export const Core = ({
  bare,
  to,
  y = 42,
  melted = false,
}: {
  readonly bare: number;
  readonly to: number;
  readonly y?: number;
  readonly melted?: boolean;
}) => (
  <>
    <Part x={bare} y={y - 5} w={to - bare} h={10} fill={copper} />
    <Line d={`M${bare} ${y - 2} H${to} M${bare} ${y + 2} H${to}`} width={0.7} />
    {melted ? (
      <Wrong
        d={`M0 ${y - 9} H${bare - 26} Q ${bare - 14} ${y - 15} ${bare - 12} ${y - 5} Q ${bare - 16} ${y} ${bare - 12} ${y + 6} Q ${bare - 16} ${y + 15} ${bare - 26} ${y + 9} H0`}
        fill={insulation}
      />
    ) : (
      <Part x={-2} y={y - 9} w={bare + 2} h={18} fill={insulation} />
    )}
  </>
);

/** A strand that has gone astray. */
export const Strand = ({ d, x, y }: { readonly d: string; readonly x: number; readonly y: number }) => (
  <>
    <Wrong d={d} />
    <Ring x={x} y={y} />
  </>
);

/** A coaxial cable from the left: jacket, and what is left of it in front. */
export const Cable = ({
  to,
  y = 42,
  half = 14,
}: {
  readonly to: number;
  readonly y?: number;
  readonly half?: number;
}) => <rect x={-2} y={y - half} width={to + 2} height={2 * half} fill={jacket} />;
