import { jointKinds } from '@gorvane/core/recipe/joint.ts';
import type { LookSubject } from '@gorvane/core/recipe/trouble.ts';
import { seenAt, troubles } from '@gorvane/core/recipe/trouble.ts';
import { jointWords } from '@gorvane/core/words/joint.ts';
import type { ReactNode } from 'react';
import './drawing.css';
import type { Look } from './joints/ink.tsx';
import { copper, ink, mark, Ring, silver } from './joints/ink.tsx';
import { jointDrawings } from './joints/joints.ts';

/** What is drawn that is no joint, and the two that stand for all joints where the kind is not known. */
const otherWords = {
  strip: 'square, every wire whole',
  joint: 'drawn in, hollow edge',
  crimp: 'even flats, small bell',
  thread: 'all on, facing right',
  shrink: 'grips all round, bare coupling',
  length: 'meets its place',
} as const;

const jointOf = (subject: LookSubject) => jointKinds.find((kind) => kind === subject);

function goodWords(subject: LookSubject): string {
  const joint = jointOf(subject);
  return joint ? jointWords[joint].good : otherWords[subject as keyof typeof otherWords];
}

interface LookDrawingProps {
  readonly look: Look;
  readonly subject: LookSubject;
  /** The cable is of cores, not of layers round one axis. */
  readonly cores?: boolean;
}

/** How good work looks, or one thing that is off: line and hatching, so that it reads in black and white, too. */
export function LookDrawing({ look, subject, cores = false }: LookDrawingProps) {
  const trouble = troubles.find(({ id }) => id === look);
  const label = trouble ? trouble.label : 'Good';
  const seen = look === 'good' ? goodWords(subject) : seenAt(look, subject);
  return (
    <figure className={trouble ? 'look look-bad' : 'look look-good'}>
      <svg viewBox="0 0 150 84" role="img" aria-label={`${label}: ${seen}`}>
        {cores && subject === 'strip' ? Cores(look) : drawn(subject, look)}
      </svg>
      <figcaption>
        <strong className={trouble ? 'out' : 'good'}>
          {trouble ? '■' : '●'} {label}
        </strong>
        <span>{seen}</span>
      </figcaption>
    </figure>
  );
}

function Strip(look: Look): ReactNode {
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

function Cores(look: Look): ReactNode {
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

function Thread(look: Look): ReactNode {
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

function Shrink(look: Look): ReactNode {
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

function Reach(look: Look): ReactNode {
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

const others: Readonly<Record<keyof typeof otherWords, (look: Look) => ReactNode>> = {
  strip: Strip,
  joint: jointDrawings.cup,
  crimp: jointDrawings.ferrule,
  thread: Thread,
  shrink: Shrink,
  length: Reach,
};

function drawn(subject: LookSubject, look: Look): ReactNode {
  const joint = jointOf(subject);
  return joint ? jointDrawings[joint](look) : others[subject as keyof typeof others](look);
}
