import type { ContentName } from '@gorvane/core/connector/contents.ts';
import { contentQuestions } from '@gorvane/core/connector/contents.ts';
import type { ReactNode } from 'react';
import { wirePaint } from './wire-colour.ts';

interface BoxProps {
  readonly x: number;
  readonly y?: number;
  readonly w: number;
  readonly h: number;
  readonly fill?: string;
}

/** A box whose middle lies on the axis of the cable. */
const Box = ({ x, y = 24, w, h, fill = 'var(--silver)' }: BoxProps) => (
  <rect x={x} y={y - h / 2} width={w} height={h} rx={1.5} fill={fill} />
);

/** A ring seen from the front: what tells washers apart is the hole. */
const Ring = ({ x, hole, y = 24 }: { readonly x: number; readonly hole: number; readonly y?: number }) => (
  <g>
    <circle cx={x} cy={y} r={15} fill="var(--brass)" />
    <circle cx={x} cy={y} r={hole} fill="var(--paper)" />
  </g>
);

const Body = () => (
  <g>
    <Box x={50} w={30} h={22} />
    <Box x={80} w={14} h={5} fill="var(--brass)" />
  </g>
);

const Pin = ({ x, children }: { readonly x: number; readonly children?: ReactNode }) => (
  <g>
    <Box x={x} w={20} h={12} fill="var(--brass)" />
    <Box x={x + 20} w={16} h={6} fill="var(--brass)" />
    {children}
  </g>
);

const Cable = ({ to }: { readonly to: number }) => (
  <g>
    <Box x={2} w={14} h={26} fill="var(--jacket)" />
    <Box x={16} w={to - 16} h={16} fill="var(--milk)" />
    <Box x={to} w={12} h={4} fill="var(--copper-metal)" />
  </g>
);

const Ribs = ({ x }: { readonly x: number }) => (
  <path d={`M ${x} 8 V 40 M ${x + 6} 8 V 40 M ${x + 12} 8 V 40`} className="picture-line" />
);

const Nut = ({ x, ribbed = false }: { readonly x: number; readonly ribbed?: boolean }) => (
  <g>
    <Box x={x} w={22} h={32} fill="var(--brass)" />
    {ribbed && <Ribs x={x + 5} />}
  </g>
);

const Coil = ({ x, h }: { readonly x: number; readonly h: number }) => (
  <path
    className="picture-line"
    d={[0, 1, 2, 3].map((n) => `M ${x + n * 7} ${24 + h / 2} L ${x + n * 7 + 5} ${24 - h / 2}`).join(' ')}
  />
);

const Nothing = () => <path className="picture-line" strokeDasharray="4 4" d="M 34 24 H 66" />;

/** Braid as strokes from the jacket edge. */
const Strands = ({ d }: { readonly d: string }) => (
  <path d={d} stroke="var(--soft)" strokeWidth={2} fill="none" />
);

const pictures: { readonly [N in ContentName]: Readonly<Record<string, ReactNode>> } = {
  coupling: {
    'loose ring': (
      <>
        <Box x={8} w={24} h={36} fill="var(--brass)" />
        <Body />
        <path className="picture-line" d="M 36 24 h 9 m -4 -4 l 4 4 l -4 4" />
      </>
    ),
    captive: (
      <>
        <Box x={34} w={26} h={36} fill="var(--brass)" />
        <Body />
      </>
    ),
  },
  contact: {
    crimp: (
      <Pin x={32}>
        <path
          className="picture-line"
          d="M 42 10 v 6 m -3 -3 l 3 3 l 3 -3 M 42 38 v -6 m -3 3 l 3 -3 l 3 3"
        />
      </Pin>
    ),
    'solder hole': (
      <Pin x={32}>
        <circle cx={42} cy={24} r={3} fill="var(--ink)" />
      </Pin>
    ),
    'no hole': (
      <Pin x={32}>
        <path d="M 30 17 q -5 7 0 14" stroke="var(--soft)" strokeWidth={4} fill="none" />
      </Pin>
    ),
  },
  spacer: {
    none: (
      <>
        <Cable to={40} />
        <Pin x={42} />
      </>
    ),
    one: (
      <>
        <Cable to={34} />
        <Box x={36} w={9} h={24} fill="var(--edge)" />
        <path className="picture-line" d="M 36 12 v 24 h 9 v -24 z" />
        <Pin x={48} />
      </>
    ),
  },
  clamp: {
    'over the braid': (
      <>
        <Box x={4} w={28} h={18} fill="var(--jacket)" />
        <Box x={32} w={54} h={12} fill="var(--milk)" />
        <path d="M 40 17 h 20 v -9 z M 40 31 h 20 v 9 z" fill="var(--brass)" />
        <Strands d="M 34 17 H 62 L 42 4 M 34 31 H 62 L 42 44" />
      </>
    ),
    'under the braid': (
      <>
        <Box x={4} w={28} h={18} fill="var(--jacket)" />
        <Box x={32} w={54} h={10} fill="var(--milk)" />
        <path d="M 38 18 h 26 v -3 h -26 z M 38 30 h 26 v 3 h -26 z" fill="var(--brass)" />
        <Strands d="M 34 13 H 64 M 34 35 H 64" />
      </>
    ),
  },
  washers: {
    none: <Nothing />,
    one: <Ring x={50} hole={10} />,
    two: (
      <>
        <Ring x={32} hole={10} />
        <Ring x={68} hole={7} />
      </>
    ),
  },
  cap: {
    plain: <Nut x={39} />,
    'heat-shedding': <Nut x={39} ribbed />,
    both: (
      <>
        <Nut x={20} />
        <Nut x={58} ribbed />
      </>
    ),
  },
  underBraid: {
    stem: (
      <>
        <Box x={4} w={24} h={20} fill="var(--jacket)" />
        <Box x={28} w={24} h={12} fill="var(--milk)" />
        <Strands d="M 28 15 H 56 M 28 33 H 56" />
        <Body />
      </>
    ),
    'inner ferrule': (
      <>
        <Box x={4} w={24} h={20} fill="var(--jacket)" />
        <Box x={28} w={50} h={10} fill="var(--milk)" />
        <path d="M 32 17 h 26 v -3 h -26 z M 32 31 h 26 v 3 h -26 z" fill="var(--brass)" />
        <Strands d="M 28 11 H 60 M 28 37 H 60" />
      </>
    ),
  },
  holder: {
    tabs: (
      <>
        <Box x={10} w={44} h={20} fill="var(--jacket)" />
        <path d="M 40 12 h 12 q 6 12 0 24 h -12 q 8 -12 0 -24" fill="var(--silver)" />
        <Box x={56} w={30} h={8} fill="var(--brass)" />
      </>
    ),
    'half shells': (
      <>
        <Box x={10} w={50} h={16} fill="var(--jacket)" />
        <path
          className="picture-line"
          d="M 26 14 l 4 -4 4 4 4 -4 4 4 4 -4 4 4 M 26 34 l 4 4 4 -4 4 4 4 -4 4 4 4 -4"
        />
        <Box x={60} w={28} h={8} fill="var(--brass)" />
      </>
    ),
    chuck: (
      <>
        <Box x={10} w={70} h={14} fill="var(--jacket)" />
        <Box x={36} w={22} h={30} fill="var(--silver)" />
        <path className="picture-line" d="M 42 9 V 20 M 50 9 V 20 M 42 28 V 39 M 50 28 V 39" />
      </>
    ),
  },
  relief: {
    'one size': <Coil x={38} h={24} />,
    'two sizes': (
      <>
        <Coil x={14} h={16} />
        <Coil x={58} h={30} />
      </>
    ),
  },
  bootColour: Object.fromEntries(
    Object.keys(contentQuestions.bootColour.answers).map((colour) => [
      colour,
      <path key={colour} d="M 20 17 L 70 10 V 38 L 20 31 Z" fill={wirePaint(colour)} stroke="var(--edge)" />,
    ]),
  ),
  boot: {
    none: <Nothing />,
    one: <path d="M 20 17 L 70 10 V 38 L 20 31 Z" fill="var(--jacket)" />,
  },
  shrink: {
    none: <Nothing />,
    one: (
      <>
        <Box x={24} w={52} h={18} fill="var(--jacket)" />
        <ellipse cx={76} cy={24} rx={4} ry={9} fill="var(--edge)" />
      </>
    ),
  },
};

/** What an answer about a bag looks like: its words stand beside it. */
export function ContentPicture({ name, answer }: { readonly name: ContentName; readonly answer: string }) {
  return (
    <svg className="content-picture" viewBox="0 0 100 48" width={100} height={48} aria-hidden="true">
      {pictures[name][answer]}
    </svg>
  );
}
