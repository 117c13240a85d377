import type { LookSubject, TroubleId } from '@gorvane/core/recipe/trouble.ts';
import { subjectOf, troubles } from '@gorvane/core/recipe/trouble.ts';
import type { ReactNode } from 'react';
import './drawing.css';

const goodWords: Readonly<Record<LookSubject, string>> = {
  strip: 'square, every wire whole',
  joint: 'drawn in, hollow edge',
  crimp: 'even flats, small bell',
  thread: 'all on, facing right',
  shrink: 'grips all round, bare coupling',
  length: 'meets its place',
};

interface LookDrawingProps {
  readonly look: TroubleId | 'good';
  readonly subject: LookSubject;
  /** The cable is of cores, not of layers round one axis. */
  readonly cores?: boolean;
}

/** How good work looks, or one thing that is off: line and hatching, so that it reads in black and white, too. */
export function LookDrawing({ look, subject, cores = false }: LookDrawingProps) {
  const trouble = troubles.find(({ id }) => id === look);
  const label = trouble ? trouble.label : 'Good';
  return (
    <figure className={trouble ? 'look look-bad' : 'look look-good'}>
      <svg
        viewBox="0 0 150 84"
        role="img"
        aria-label={trouble ? `${label}: ${trouble.seen}` : `Good: ${goodWords[subject]}`}
      >
        {cores && subject === 'strip' ? Cores(look) : subjects[subject](look)}
      </svg>
      <figcaption>
        <strong className={trouble ? 'out' : 'good'}>
          {trouble ? '■' : '●'} {label}
        </strong>
        <span>{trouble ? trouble.seen : goodWords[subject]}</span>
      </figcaption>
    </figure>
  );
}

/** The drawing of one trouble alone. */
export const TroubleDrawing = ({ id }: { readonly id: TroubleId }) => (
  <LookDrawing look={id} subject={subjectOf(id)} />
);

const ink = 'var(--ink)';
const mark = 'var(--out)';
const copper = 'var(--copper-metal)';
const silver = 'var(--silver)';

/** A ring round what is spoken of. */
const Ring = ({ x, y, r = 15 }: { readonly x: number; readonly y: number; readonly r?: number }) => (
  <circle cx={x} cy={y} r={r} fill="none" stroke={mark} strokeWidth="2.5" strokeDasharray="5 3" />
);

function Strip(look: TroubleId | 'good'): ReactNode {
  return (
    <>
      <rect x="2" y="18" width="46" height="48" fill="var(--jacket)" />
      <rect x="48" y="23" width="32" height="38" fill={silver} stroke={ink} />
      <path
        d="M50 24 l28 36 M60 24 l20 26 M70 24 l10 13 M48 34 l20 26 M48 47 l10 13"
        stroke={ink}
        strokeWidth="0.8"
      />
      <rect x="80" y="29" width="32" height="26" fill="var(--milk)" stroke={ink} />
      <rect x="112" y="37" width="34" height="10" fill={copper} stroke={ink} />
      {look === 'nick' && (
        <>
          <path
            d="M125 36 l4 5 l4 -5 z M125 48 l4 -5 l4 5 z"
            fill="var(--paper)"
            stroke={mark}
            strokeWidth="2"
          />
          <Ring x={129} y={42} />
        </>
      )}
      {look === 'whisker' && (
        <>
          <path d="M80 34 C 92 22, 104 24, 118 36" fill="none" stroke={mark} strokeWidth="2.5" />
          <Ring x={112} y={32} />
        </>
      )}
    </>
  );
}

function Cores(look: TroubleId | 'good'): ReactNode {
  return (
    <>
      <rect x="2" y="12" width="46" height="60" fill="var(--jacket)" />
      <rect x="48" y="16" width="54" height="20" fill="#b8372d" stroke={ink} />
      <rect x="48" y="48" width="54" height="20" fill="#3d6ea5" stroke={ink} />
      <rect x="102" y="20" width="44" height="12" fill={copper} stroke={ink} />
      <rect x="102" y="52" width="44" height="12" fill={copper} stroke={ink} />
      <path d="M106 24 H144 M106 28 H144 M106 56 H144 M106 60 H144" stroke={ink} strokeWidth="0.7" />
      {look === 'nick' && (
        <>
          <path
            d="M116 19 l5 6 l5 -6 z M78 46 l5 9 l5 -9 z"
            fill="var(--paper)"
            stroke={mark}
            strokeWidth="2"
          />
          <Ring x={121} y={24} r={13} />
          <Ring x={83} y={52} r={13} />
        </>
      )}
      {look === 'whisker' && (
        <>
          <path d="M104 32 C 112 38, 118 42, 128 52" fill="none" stroke={mark} strokeWidth="2.5" />
          <Ring x={118} y={42} r={16} />
        </>
      )}
    </>
  );
}

function Joint(look: TroubleId | 'good'): ReactNode {
  const solder: Readonly<Record<string, string>> = {
    good: 'M48 30 Q 66 38 68 18 L 82 18 Q 84 38 102 30 L 102 70 L 48 70 Z',
    'over-filled': 'M40 34 Q 40 12 75 10 Q 110 12 110 34 Q 112 58 106 62 L 102 40 L 102 70 L 48 70 L 48 40 Z',
    spike: 'M48 30 Q 66 38 68 18 L 82 18 Q 84 36 90 30 L 108 4 L 98 32 L 102 30 L 102 70 L 48 70 Z',
    cold: 'M56 30 Q 54 14 66 16 Q 74 8 84 16 Q 96 14 94 30 Z',
    melted: 'M48 30 Q 66 38 68 18 L 82 18 Q 84 38 102 30 L 102 70 L 48 70 Z',
  };
  return (
    <>
      <path d={solder[look] ?? solder.good} fill={silver} stroke={ink} strokeWidth="1.5" />
      <path d="M48 28 V70 H102 V28" fill="none" stroke="var(--brass)" strokeWidth="7" />
      <rect x="68" y="14" width="14" height={look === 'cold' ? 22 : 48} fill={copper} stroke={ink} />
      <path
        d={
          look === 'melted'
            ? 'M58 0 H92 L96 8 Q 88 14 90 5 Q 80 12 76 4 Q 70 14 62 5 Q 58 14 54 8 Z'
            : 'M60 0 H90 V14 H60 Z'
        }
        fill="#3d6ea5"
        stroke={look === 'melted' ? mark : ink}
        strokeWidth={look === 'melted' ? 2 : 1}
      />
      {look === 'cold' && (
        <path d="M60 22 l3 3 M70 18 l2 4 M80 20 l-2 4 M88 22 l-3 3 M64 28 h3 M84 28 h3" stroke={ink} />
      )}
      {look === 'over-filled' && <Ring x={108} y={50} r={14} />}
      {look === 'spike' && <Ring x={104} y={14} r={13} />}
      {look === 'cold' && <Ring x={75} y={24} r={24} />}
      {look === 'melted' && <Ring x={75} y={8} r={22} />}
    </>
  );
}

function Crimp(look: TroubleId | 'good'): ReactNode {
  const flats =
    look === 'die too large'
      ? 'M40 24 Q 75 20 110 24 V60 Q 75 64 40 60 Z'
      : look === 'die too small'
        ? 'M40 30 H60 L64 22 L68 30 H84 L88 20 L92 30 H110 V54 H92 L88 64 L84 54 H68 L64 62 L60 54 H40 Z'
        : 'M34 22 Q 38 30 46 30 H110 V54 H46 Q 38 54 34 62 Z';
  return (
    <>
      <rect x="2" y="30" width="40" height="24" fill="var(--jacket)" />
      <path d={flats} fill="var(--brass)" stroke={ink} strokeWidth="1.5" />
      {look !== 'die too large' && look !== 'die too small' && (
        <path d="M48 38 H108 M48 46 H108" stroke={ink} strokeWidth="1" />
      )}
      <rect x="110" y="18" width="38" height="48" fill={silver} stroke={ink} />
      {look === 'crimped twice' && (
        <>
          <path d="M64 28 V56 M70 28 V56 M88 28 V56 M94 28 V56" stroke={mark} strokeWidth="3" />
          <Ring x={79} y={42} r={26} />
        </>
      )}
      {look === 'die too large' && (
        <path
          d="M52 12 A 30 30 0 0 1 98 12 M98 12 l-9 -2 M98 12 l-2 -9"
          fill="none"
          stroke={mark}
          strokeWidth="2.5"
        />
      )}
      {look === 'die too small' && <Ring x={88} y={24} r={13} />}
    </>
  );
}

function Thread(look: TroubleId | 'good'): ReactNode {
  return (
    <>
      <rect x="0" y="36" width="150" height="12" fill="var(--jacket)" />
      <rect x="14" y="28" width="34" height="28" fill={silver} stroke={ink} />
      {look === 'part forgotten' ? (
        <>
          <rect
            x="66"
            y="28"
            width="30"
            height="28"
            fill="none"
            stroke={mark}
            strokeWidth="2"
            strokeDasharray="5 3"
          />
          <path d="M70 72 h26 v10 h-26 z" fill="var(--brass)" stroke={ink} />
        </>
      ) : (
        <path
          d={look === 'wrong side' ? 'M66 30 L96 24 V60 L66 54 Z' : 'M66 24 L96 30 V54 L66 60 Z'}
          fill="var(--brass)"
          stroke={look === 'wrong side' ? mark : ink}
          strokeWidth={look === 'wrong side' ? 2.5 : 1}
        />
      )}
      <path
        d="M118 34 h14 v-6 l14 14 l-14 14 v-6 h-14 z"
        fill={look === 'wrong side' ? mark : 'var(--good)'}
      />
    </>
  );
}

function Shrink(look: TroubleId | 'good'): ReactNode {
  const reach = look === 'coupling stuck' ? 128 : 96;
  return (
    <>
      <rect x="2" y="32" width="60" height="20" fill="var(--jacket)" />
      <rect x="60" y="24" width="36" height="36" fill={silver} stroke={ink} />
      <rect x="96" y="16" width="50" height="52" fill="var(--brass)" stroke={ink} />
      <path d="M102 16 V68 M110 16 V68 M118 16 V68 M126 16 V68 M134 16 V68" stroke={ink} strokeWidth="0.8" />
      <path
        d={`M24 30 H52 L64 20 H${reach} V64 H64 L52 54 H24 Z`}
        fill="var(--ink)"
        opacity="0.72"
        stroke={ink}
      />
      {look === 'good' && (
        <path
          d="M24 29 q -5 13 0 26 M96 20 q 5 22 0 44"
          fill="none"
          stroke="var(--not-yet)"
          strokeWidth="3"
        />
      )}
      {look === 'coupling stuck' && <Ring x={114} y={42} r={26} />}
      {look === 'seal blistered' && (
        <>
          <ellipse cx="44" cy="26" rx="9" ry="7" fill="var(--paper)" stroke={mark} strokeWidth="2.5" />
          <ellipse cx="76" cy="62" rx="7" ry="6" fill="var(--paper)" stroke={mark} strokeWidth="2.5" />
          <path d="M54 40 l6 4 l-5 4 l7 3" stroke={mark} strokeWidth="2.5" fill="none" />
        </>
      )}
    </>
  );
}

function Reach(look: TroubleId | 'good'): ReactNode {
  const end = look === 'too short' ? 84 : 112;
  return (
    <>
      <rect x="2" y="28" width="44" height="28" fill="var(--jacket)" />
      <rect x="46" y="34" width={end - 46} height="16" fill="var(--milk)" stroke={ink} />
      <path d="M62 14 H146 V70 H62 M112 26 V58" fill="none" stroke={ink} strokeWidth="3" />
      <path d="M112 20 V64" stroke="var(--copper)" strokeWidth="2" strokeDasharray="4 3" />
      {look === 'too short' && (
        <path
          d="M86 42 H110 M92 37 l-6 5 l6 5 M104 37 l6 5 l-6 5"
          stroke={mark}
          strokeWidth="2.5"
          fill="none"
        />
      )}
    </>
  );
}

const subjects: Readonly<Record<LookSubject, (look: TroubleId | 'good') => ReactNode>> = {
  strip: Strip,
  joint: Joint,
  crimp: Crimp,
  thread: Thread,
  shrink: Shrink,
  length: Reach,
};
