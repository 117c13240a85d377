import type { DrawJoint } from './ink.tsx';
import { brass, Cable, copper, ink, Line, milk, Part, Ring, Shape, silver, Wrong } from './ink.tsx';

/** The body went round with the nut. */
const Turned = ({ x, y = 14 }: { readonly x: number; readonly y?: number }) => (
  <Wrong d={`M${x - 20} ${y} A 24 20 0 0 1 ${x + 20} ${y} M${x + 20} ${y} l-9 -3 M${x + 20} ${y} l-1 -9`} />
);

const Thread = ({
  x,
  w,
  top = 16,
  bottom = 68,
}: {
  readonly x: number;
  readonly w: number;
  readonly top?: number;
  readonly bottom?: number;
}) => (
  <Line
    d={Array.from({ length: Math.floor(w / 7) }, (_, n) => `M${x + 3 + 7 * n} ${top} V${bottom}`).join(' ')}
    width={0.8}
  />
);

/** Nut, gasket and clamp behind a body. */
export const gland: DrawJoint = (look) => (
  <>
    <Cable to={120} />
    <Part x={86} y={12} w={60} h={60} fill={silver} />
    <Thread x={86} w={26} top={12} bottom={72} />
    <g transform={look === 'askew' ? 'rotate(7 64 42)' : ''}>
      <Shape d="M34 16 H82 V68 H34 Z" fill={brass} />
      <Line d="M34 30 H82 M34 54 H82" />
    </g>
    {look === 'good' && <Shape d="M26 24 q 8 18 0 36 h8 v-36 z" fill={ink} />}
    {look === 'turned' && (
      <>
        <Turned x={112} y={10} />
        <Wrong d="M92 30 q 12 12 0 24 M104 30 q 12 12 0 24" />
      </>
    )}
    {look === 'askew' && (
      <>
        <Wrong d="M28 54 q -10 14 6 18" fill={ink} />
        <Ring x={34} y={64} r={16} />
      </>
    )}
    {look === 'not home' && <Wrong d="M6 14 H30 M6 14 l8 -5 M6 14 l8 5 M30 14 l-8 -5 M30 14 l-8 5" />}
  </>
);

/** A body that cuts its thread into the jacket. */
export const screwedBody: DrawJoint = (look) => {
  const home = look !== 'not home';
  return (
    <>
      <Cable to={64} half={16} />
      <Part x={62} y={36} w={home ? 86 : 52} h={12} fill={copper} />
      <g transform={look === 'askew' ? 'rotate(8 60 42)' : ''}>
        <Shape d="M34 18 H104 V30 H128 V34 H104 V50 H128 V54 H104 V66 H34 V58 H100 V26 H34 Z" fill={brass} />
        <Thread x={34} w={34} top={18} bottom={26} />
        <Thread x={34} w={34} top={58} bottom={66} />
      </g>
      {look === 'not home' && <Ring x={122} y={42} r={18} />}
      {look === 'askew' && (
        <>
          <Wrong d="M30 24 l18 8" />
          <Ring x={40} y={24} r={16} />
        </>
      )}
    </>
  );
};

/** A reducer screwed into the rear of a body. */
export const screwedReducer: DrawJoint = (look) => {
  const off = look === 'stands off' ? 14 : 0;
  return (
    <>
      <Cable to={60} half={12} />
      <Part x={76} y={12} w={70} h={60} fill={silver} />
      <circle cx="102" cy="42" r="8" fill={brass} stroke={ink} />
      <Line d="M98 36 l8 12 M104 35 l4 8" />
      <Part x={34 - off} y={16} w={42} h={52} fill={brass} />
      <Line d={`M${46 - off} 16 V68 M${58 - off} 16 V68`} />
      {off > 0 && (
        <>
          <Part x={62} y={26} w={14} h={32} fill={brass} />
          <Wrong d="M62 12 V72 M76 12 V72" />
          <Ring x={69} y={42} r={18} />
        </>
      )}
      {look === 'turned' && (
        <>
          <Turned x={56} y={12} />
          <Wrong d="M96 34 q 14 4 8 16" />
          <Ring x={102} y={42} r={15} />
        </>
      )}
    </>
  );
};

/** A connector pushed on until the jacket is at its lip. */
export const pushOnBody: DrawJoint = (look) => {
  const edge = look === 'not home' ? 32 : 52;
  return (
    <>
      <Cable to={edge} half={20} />
      <Part x={edge} y={30} w={76} h={24} fill={milk} />
      <Part x={edge + 76} y={38} w={18} h={8} fill={copper} />
      <Shape d="M52 14 H146 V70 H52 V60 H120 V24 H52 Z" fill={silver} />
      <Part x={52} y={24} w={46} h={5} fill={brass} />
      <Part x={52} y={55} w={46} h={5} fill={brass} />
      {look === 'not home' && (
        <>
          <Wrong d="M32 14 V70 M52 10 V74" />
          <Ring x={42} y={42} r={20} />
        </>
      )}
      {look === 'askew' && (
        <>
          <Wrong d="M50 30 q -8 -8 4 -10 q 10 -2 6 8 M50 54 q -8 8 4 10 q 10 2 6 -8" />
          <Ring x={54} y={26} r={14} />
        </>
      )}
    </>
  );
};

/** A sleeve pressed forward over jacket and braid; the post seen through the nut. */
export const compressionSleeve: DrawJoint = (look) => {
  const face = look === 'stands off' ? 92 : 112;
  return (
    <>
      <Cable to={56} half={18} />
      <Part x={54} y={28} w={face - 54} h={28} fill={milk} />
      <Part x={54} y={38} w={92} h={8} fill={copper} />
      <Part x={112} y={14} w={30} h={12} fill={silver} />
      <Part x={112} y={58} w={30} h={12} fill={silver} />
      <Line d="M112 14 V70" width={2} />
      <g transform={look === 'askew' ? 'rotate(7 74 42)' : ''}>
        <Shape d="M34 18 H104 V26 H34 Z M34 58 H104 V66 H34 Z" fill={brass} />
      </g>
      {look === 'stands off' && (
        <>
          <Wrong d="M92 26 V58" />
          <Ring x={102} y={42} r={18} />
        </>
      )}
      {look === 'askew' && <Ring x={40} y={18} r={17} />}
    </>
  );
};

/** The back nut of a feeder connector, over the corrugation. */
export const feederNut: DrawJoint = (look) => (
  <>
    <Cable to={30} half={24} />
    <Shape
      d="M30 22 q 6 -8 12 0 q 6 8 12 0 q 6 -8 12 0 q 6 8 12 0 V62 q -6 -8 -12 0 q -6 8 -12 0 q -6 -8 -12 0 q -6 8 -12 0 Z"
      fill={copper}
    />
    <Part x={88} y={8} w={58} h={68} fill={silver} />
    <g transform={look === 'askew' ? 'rotate(6 66 42)' : ''}>
      <Part x={44} y={10} w={42} h={14} fill={brass} />
      <Part x={44} y={60} w={42} h={14} fill={brass} />
    </g>
    <circle cx="52" cy="27" r="4" fill={ink} />
    <circle cx="52" cy="57" r="4" fill={ink} />
    {look === 'turned' && (
      <>
        <Turned x={116} y={10} />
        <Wrong d="M80 26 l8 8 l-8 6 l8 8" />
      </>
    )}
    {look === 'askew' && (
      <>
        <Wrong d="M42 54 q -6 10 6 10" />
        <Ring x={48} y={58} r={14} />
      </>
    )}
  </>
);

/** A conductor seized in the body, the sheath held by its nut. */
export const seizingNut: DrawJoint = (look) => (
  <>
    <Cable to={30} half={22} />
    <Part x={28} y={24} w={36} h={36} fill={silver} />
    <Part x={60} y={38} w={look === 'not home' ? 34 : 84} h={8} fill={copper} />
    <Part x={36} y={12} w={30} h={60} fill={brass} />
    <Part x={68} y={16} w={78} h={14} fill={silver} />
    <Part x={68} y={54} w={78} h={14} fill={silver} />
    <Part x={104} y={30} w={20} h={24} fill={brass} />
    {look !== 'not home' && <Part x={104} y={38} w={40} h={8} fill={copper} />}
    {look === 'turned' && (
      <>
        <Turned x={108} y={12} />
        <Wrong d="M72 36 q 8 6 0 12 M82 36 q 8 6 0 12 M92 36 q 8 6 0 12" />
      </>
    )}
    {look === 'not home' && <Ring x={114} y={42} r={18} />}
  </>
);
