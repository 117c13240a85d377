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

const Twice = ({ x, r = 24 }: { readonly x: number; readonly r?: number }) => (
  <>
    <Wrong d={`M${x - 14} 28 V56 M${x - 8} 28 V56 M${x + 8} 28 V56 M${x + 14} 28 V56`} />
    <Ring x={x} y={42} r={r} />
  </>
);

/** The part turns in its crimp. */
const Turns = ({ x }: { readonly x: number }) => (
  <Wrong d={`M${x - 22} 14 A 26 26 0 0 1 ${x + 22} 14 M${x + 22} 14 l-9 -2 M${x + 22} 14 l-2 -9`} />
);

/** A ferrule on braid and stem, against its body. */
export const ferrule: DrawJoint = (look) => {
  const front = look === 'stands off' ? 94 : 110;
  const flats =
    look === 'die too large'
      ? `M40 24 Q 75 20 ${front} 24 V60 Q 75 64 40 60 Z`
      : look === 'die too small'
        ? `M40 30 H60 L64 20 L68 30 H84 L88 18 L92 30 H${front} V54 H92 L88 66 L84 54 H68 L64 64 L60 54 H40 Z`
        : `M34 22 Q 38 30 46 30 H${front} V54 H46 Q 38 54 34 62 Z`;
  return (
    <>
      <Part x={-2} y={30} w={44} h={24} fill={jacket} />
      <Part x={90} y={34} w={22} h={16} fill={silver} />
      <Line d="M92 34 l8 16 M98 34 l8 16 M104 34 l6 12" width={0.8} />
      <Shape d={flats} fill={brass} />
      {!look.startsWith('die') && <Line d={`M48 38 H${front - 2} M48 46 H${front - 2}`} />}
      <Part x={110} y={18} w={38} h={48} fill={silver} />
      {look === 'stands off' && (
        <>
          <Wrong d="M94 22 V62 M110 22 V62" />
          <Ring x={102} y={42} r={18} />
        </>
      )}
      {look === 'crimped twice' && <Twice x={79} />}
      {look === 'die too large' && <Turns x={75} />}
      {look === 'die too small' && <Ring x={88} y={22} r={13} />}
    </>
  );
};

/** A contact crimped on its conductor. */
export const contact: DrawJoint = (look) => {
  const back = look === 'stands off' ? 60 : 46;
  return (
    <>
      <Part x={-2} y={24} w={48} h={36} fill={milk} />
      <Part x={44} y={38} w={look === 'not home' ? 18 : 50} h={8} fill={copper} />
      <Part x={back} y={28} w={6} h={28} fill={brass} />
      <Shape d={`M${back + 6} 34 H112 L146 42 L112 50 H${back + 6} Z`} fill={brass} />
      <ellipse
        cx="84"
        cy="38"
        rx="6"
        ry="3.5"
        fill={look === 'not home' ? 'var(--paper)' : copper}
        stroke={ink}
      />
      {look !== 'die too large' && <Line d="M96 34 V50 M104 34 V50" width={1.5} />}
      {look === 'not home' && <Ring x={84} y={38} r={14} />}
      {look === 'stands off' && (
        <>
          <Wrong d="M46 20 V64 M60 20 V64" />
          <Ring x={53} y={42} r={18} />
        </>
      )}
      {look === 'crimped twice' && <Twice x={98} r={22} />}
      {look === 'die too large' && <Turns x={96} />}
    </>
  );
};

/** A lug with an open barrel. */
export const lugBarrel: DrawJoint = (look) => (
  <>
    <Core bare={look === 'on insulation' ? 70 : 40} to={92} />
    <Shape
      d="M44 30 H86 V38 H104 L110 24 H148 V34 H120 V50 H148 V60 H110 L104 46 H86 V54 H44 Z"
      fill={brass}
    />
    <Part x={86} y={39} w={8} h={6} fill={copper} />
    <Shape d="M58 30 Q 65 40 72 30 M58 54 Q 65 44 72 54" fill={silver} />
    {look === 'on insulation' && <Ring x={60} y={42} r={20} />}
    {look === 'strand out' && <Strand d="M40 38 C 46 20, 64 14, 82 16" x={62} y={18} />}
    {look === 'crimped twice' && <Twice x={65} r={22} />}
  </>
);

/** A wire-end ferrule with its collar. */
export const wireEndFerrule: DrawJoint = (look) => (
  <>
    <Core bare={46} to={look === 'not home' ? 84 : 124} />
    <Shape d="M34 26 L54 34 V50 L34 58 Z" fill="#b8372d" />
    <Shape
      d={
        look === 'die too large'
          ? 'M54 34 H124 V50 H54 Z'
          : 'M54 34 H64 V37 H70 V34 H80 V37 H86 V34 H96 V37 H102 V34 H124 V50 H102 V47 H96 V50 H86 V47 H80 V50 H70 V47 H64 V50 H54 Z'
      }
      fill={silver}
    />
    {look === 'good' && <Part x={120} y={38} w={5} h={8} fill={copper} />}
    {look === 'not home' && (
      <>
        <Part x={106} y={37} w={18} h={10} fill="var(--paper)" />
        <Wrong d="M106 37 V47" />
        <Ring x={114} y={42} />
      </>
    )}
    {look === 'strand out' && <Strand d="M46 38 C 52 22, 72 18, 92 22" x={70} y={22} />}
    {look === 'die too large' && <Turns x={88} />}
  </>
);

/** A modular plug from above, its front wall to the right. */
export const modularPlug: DrawJoint = (look) => {
  const rows = [16, 28, 40, 52, 64];
  return (
    <>
      <Part x={54} y={6} w={90} h={72} fill="var(--board)" />
      <rect x={-2} y={8} width={look === 'on the cores' ? 38 : 76} height={68} fill={jacket} />
      {rows.map((y, n) => (
        <g key={y}>
          <rect
            x={look === 'on the cores' ? 36 : 76}
            y={y}
            width={(look === 'not home' && n === 2 ? 96 : 136) - (look === 'on the cores' ? 36 : 76)}
            height="7"
            fill="#3d6ea5"
            stroke={ink}
          />
          <Line d={`M112 ${y + 1} H132 M112 ${y + 5} H132`} />
        </g>
      ))}
      <Part x={60} y={30} w={12} h={24} fill={brass} />
      {look === 'not home' && (
        <>
          <Wrong d="M100 43 H134" />
          <Ring x={116} y={43} r={20} />
        </>
      )}
      {look === 'on the cores' && <Ring x={66} y={42} r={22} />}
    </>
  );
};
