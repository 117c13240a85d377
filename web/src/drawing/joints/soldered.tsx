import type { DrawJoint } from './ink.tsx';
import {
  brass,
  copper,
  Core,
  ink,
  jacket,
  Line,
  milk,
  Part,
  Ring,
  Shape,
  silver,
  Strand,
  Wrong,
} from './ink.tsx';

const dull = 'M60 30 l4 3 M70 27 l3 4 M80 28 l-2 4 M92 31 l-4 3 M66 36 h4 M84 36 h4';

/** A cup in section, its mouth up: the core comes from above. */
export const cup: DrawJoint = (look) => {
  const level = look === 'short fill' ? 46 : 28;
  return (
    <>
      {look === 'cold' ? (
        <Shape d="M56 30 Q 54 12 66 15 Q 74 7 84 15 Q 96 12 94 30 Z" fill={silver} />
      ) : (
        <Shape
          d={`M48 ${level} Q 62 ${level + 7} 68 ${level - 8} H82 Q 88 ${level + 7} 102 ${level} V70 H48 Z`}
          fill={silver}
        />
      )}
      {look === 'over-filled' && (
        <Wrong d="M48 28 Q 34 10 75 9 Q 116 10 106 58 Q 102 50 102 28 Z" fill={silver} />
      )}
      <path d="M48 28 V72 H102 V28" fill="none" stroke={brass} strokeWidth="7" />
      <Part x={68} y={12} w={14} h={look === 'short fill' || look === 'cold' ? 26 : 52} fill={copper} />
      {look === 'melted' ? (
        <Wrong d="M58 0 H92 L96 8 Q 88 14 90 5 Q 80 12 76 4 Q 70 14 62 5 Q 58 14 54 8 Z" fill="#3d6ea5" />
      ) : (
        <Part x={60} y={-1} w={30} h={14} fill="#3d6ea5" />
      )}
      {look === 'spike' && (
        <>
          <Wrong d="M86 26 L108 2 L100 30 Z" fill={silver} />
          <Ring x={102} y={14} r={13} />
        </>
      )}
      {look === 'short fill' && <Ring x={75} y={44} r={22} />}
      {look === 'over-filled' && <Ring x={104} y={44} r={16} />}
      {look === 'cold' && (
        <>
          <Line d={dull} />
          <Ring x={75} y={22} r={24} />
        </>
      )}
      {look === 'melted' && <Ring x={75} y={8} r={22} />}
    </>
  );
};

/** A lug from above; the core comes from the left. */
const onLug =
  (lug: React.ReactNode, reach: number): DrawJoint =>
  (look) => (
    <>
      {lug}
      <Core bare={52} to={reach} melted={look === 'melted'} />
      {look === 'cold' ? (
        <>
          <Wrong d="M70 32 Q 84 18 98 32 Q 104 42 98 52 Q 84 62 70 52 Q 64 42 70 32 Z" fill={silver} />
          <Line d="M74 34 l4 3 M88 32 l3 4 M76 48 l4 -3 M92 48 l-4 -3" />
          <Ring x={84} y={42} r={25} />
        </>
      ) : look === 'short fill' ? (
        <>
          <Shape d="M64 47 Q 84 52 104 47 L 104 53 H64 Z" fill={silver} />
          <Wrong d="M66 30 h36" />
          <Ring x={84} y={34} r={20} />
        </>
      ) : (
        <Shape d="M60 36 Q 84 28 112 38 L 112 46 Q 84 57 60 48 Z" fill={silver} />
      )}
      {look === 'over-filled' && (
        <>
          <Wrong d="M58 34 Q 62 6 92 8 Q 122 4 128 20 Q 118 34 112 40 Q 84 24 58 40 Z" fill={silver} />
          <Ring x={118} y={16} r={14} />
        </>
      )}
      {look === 'strand out' && <Strand d="M62 38 C 80 24, 100 16, 126 12" x={116} y={16} />}
      {look === 'melted' && <Ring x={36} y={42} r={22} />}
    </>
  );

export const lugWithHole = onLug(
  <>
    <Shape d="M58 28 H112 Q 128 28 128 42 Q 128 56 112 56 H58 Z" fill={brass} />
    <circle cx="108" cy="42" r="7" fill="var(--paper)" stroke={ink} />
  </>,
  120,
);
export const flatLug = onLug(<Shape d="M54 24 H132 V60 H54 Z" fill={brass} />, 116);
export const groovedLug = onLug(
  <>
    <Shape d="M54 24 H128 V60 H54 Z" fill={brass} />
    <Line d="M56 34 H126 M56 50 H126" width={2} />
  </>,
  116,
);

/** A shield laid flat in the recess of a body, seen from the side. */
export const recess: DrawJoint = (look) => (
  <>
    <Shape d="M30 78 V34 H48 V52 H126 V34 H144 V78 Z" fill={brass} />
    <Part x={-2} y={34} w={40} h={16} fill={jacket} />
    <Shape
      d={look === 'cold' ? 'M54 50 Q 86 36 118 50 Z' : 'M50 52 V44 Q 86 41 124 44 V52 Z'}
      fill={silver}
    />
    <Line d="M38 42 Q 60 40 118 47 M38 46 Q 60 45 118 50" width={1.6} />
    {look === 'over-filled' && (
      <>
        <Wrong d="M56 44 Q 64 12 88 18 Q 114 12 118 44 Z" fill={silver} />
        <Ring x={88} y={26} r={22} />
      </>
    )}
    {look === 'cold' && (
      <>
        <Wrong d="M52 53 H120" />
        <Ring x={86} y={50} r={24} />
      </>
    )}
    {look === 'melted' && (
      <>
        <Wrong d="M-2 32 H28 Q 42 26 40 40 Q 44 56 28 52 H-2" fill={jacket} />
        <Ring x={32} y={42} r={20} />
      </>
    )}
  </>
);

/** A contact on its conductor, soldered through its hole or at its edge. */
const contact =
  (at: 'hole' | 'edge'): DrawJoint =>
  (look) => {
    const back = look === 'stands off' ? 58 : 48;
    return (
      <>
        {look === 'melted' ? (
          <Wrong d="M-2 26 H30 Q 44 14 50 30 V54 Q 44 70 30 58 H-2" fill={milk} />
        ) : (
          <Part x={-2} y={26} w={50} h={32} fill={milk} />
        )}
        <Part x={44} y={38} w={back - 40} h={8} fill={copper} />
        <Part x={back} y={28} w={6} h={28} fill={brass} />
        <Shape d={`M${back + 6} 34 H112 L146 42 L112 50 H${back + 6} Z`} fill={brass} />
        {at === 'hole' && <ellipse cx="82" cy="38" rx="6" ry="3.5" fill={silver} stroke={ink} />}
        {at === 'edge' && look !== 'one-sided' && (
          <Shape d={`M${back + 6} 31 q 8 1 9 4 h-9 z M${back + 6} 53 q 8 -1 9 -4 h-9 z`} fill={silver} />
        )}
        {look === 'one-sided' && (
          <>
            <Shape d={`M${back + 6} 31 q 8 1 9 4 h-9 z`} fill={silver} />
            <Wrong d={`M${back + 6} 52 h12`} />
            <Ring x={back + 10} y={54} r={13} />
          </>
        )}
        {look === 'over-filled' && (
          <>
            <Wrong
              d={
                at === 'hole'
                  ? 'M68 34 Q 72 14 86 18 L 98 8 L 96 26 Q 104 30 98 34 Z'
                  : 'M54 34 Q 52 16 72 18 Q 96 16 96 34 Z'
              }
              fill={silver}
            />
            <Ring x={at === 'hole' ? 84 : 74} y={22} r={18} />
          </>
        )}
        {look === 'stands off' && (
          <>
            <Wrong d="M48 22 V62 M58 22 V62" />
            <Ring x={53} y={42} r={17} />
          </>
        )}
        {look === 'melted' && <Ring x={38} y={42} r={24} />}
      </>
    );
  };
export const pinHole = contact('hole');
export const bead = contact('edge');

/** The tip of a plug in section, its mouth to the right. */
export const hollowTip: DrawJoint = (look) => (
  <>
    <Part x={-2} y={22} w={34} h={40} fill={silver} />
    <Part x={32} y={26} w={92} h={32} fill={brass} />
    <Part x={32} y={36} w={92} h={12} fill={silver} />
    <Part x={-2} y={38} w={look === 'short fill' ? 88 : 126} h={8} fill={copper} />
    {look === 'short fill' ? (
      <>
        <Part x={96} y={36} w={28} h={12} fill="var(--paper)" />
        <Wrong d="M96 36 V48" />
        <Ring x={108} y={42} />
      </>
    ) : look === 'spike' ? (
      <>
        <Wrong d="M124 34 L148 40 L126 50 Z" fill={silver} />
        <Ring x={134} y={42} r={14} />
      </>
    ) : (
      <Shape d="M124 35 Q 134 42 124 49 Z" fill={silver} />
    )}
    {look === 'over-filled' && (
      <>
        <Wrong d="M64 26 Q 76 8 100 16 Q 116 14 118 26 Z" fill={silver} />
        <Ring x={92} y={20} r={18} />
      </>
    )}
  </>
);

/** A hole of a body in section, the braid under it. */
export const bodyHole: DrawJoint = (look) => (
  <>
    <Part x={-2} y={54} w={154} h={30} fill={milk} />
    <Line d="M0 52 H150 M0 48 H150" width={2.5} />
    <Part x={-2} y={22} w={54} h={24} fill={brass} />
    <Part x={98} y={22} w={54} h={24} fill={brass} />
    {look === 'cold' ? (
      <>
        <Wrong d="M52 24 Q 54 2 75 4 Q 96 2 98 24 Q 75 18 52 24 Z" fill={silver} />
        <Ring x={75} y={16} r={22} />
      </>
    ) : look === 'short fill' ? (
      <>
        <Wrong d="M52 22 Q 75 30 98 22 V28 Q 75 36 52 28 Z" fill={silver} />
        <Ring x={75} y={40} r={18} />
      </>
    ) : (
      <Shape d="M52 22 Q 75 32 98 22 V47 H52 Z" fill={silver} />
    )}
    {look === 'melted' && (
      <>
        <Wrong d="M56 58 Q 60 30 75 34 Q 90 30 94 58 Z" fill={milk} />
        <Ring x={75} y={46} r={22} />
      </>
    )}
  </>
);

/** A tube soldered into the rear of a body, in section. */
export const tubeInBody: DrawJoint = (look) => (
  <>
    <Part x={-2} y={28} w={92} h={28} fill={copper} />
    <Part x={-2} y={34} w={92} h={16} fill={milk} />
    <Part x={-2} y={40} w={124} h={4} fill={copper} />
    <Part x={66} y={14} w={80} h={14} fill={brass} />
    <Part x={66} y={56} w={80} h={14} fill={brass} />
    <Shape d="M52 28 Q 66 27 66 14 V28 Z" fill={silver} />
    {look === 'one-sided' ? (
      <>
        <Wrong d="M50 57 H66 V68" />
        <Ring x={60} y={60} r={14} />
      </>
    ) : (
      <Shape d="M52 56 Q 66 57 66 70 V56 Z" fill={silver} />
    )}
    {look === 'over-filled' && (
      <>
        <Wrong d="M52 26 Q 66 0 104 6 Q 128 4 132 14 H66 Z" fill={silver} />
        <Ring x={112} y={10} r={16} />
      </>
    )}
    {look === 'melted' && (
      <>
        <Wrong d="M90 33 Q 112 30 112 42 Q 112 54 90 51 Z" fill={milk} />
        <Ring x={102} y={42} r={18} />
      </>
    )}
  </>
);

/** Two cores laid along each other. */
export const joinedCores: DrawJoint = (look) => (
  <>
    <Core bare={46} to={104} y={36} melted={look === 'melted'} />
    <g transform="rotate(180 75 42)">
      <Core bare={46} to={104} y={36} />
    </g>
    {look === 'cold' ? (
      <>
        <Wrong d="M62 26 Q 75 8 90 26 Q 98 42 88 58 Q 75 70 62 56 Q 54 42 62 26 Z" fill={silver} />
        <Ring x={75} y={42} r={30} />
      </>
    ) : (
      <path d="M52 32 Q 75 24 98 32 V52 Q 75 60 52 52 Z" fill={silver} stroke={ink} opacity="0.75" />
    )}
    {look === 'strand out' && <Strand d="M62 32 C 74 18, 88 10, 104 8" x={92} y={14} />}
    {look === 'melted' && <Ring x={34} y={36} r={20} />}
  </>
);
