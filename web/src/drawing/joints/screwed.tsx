import type { DrawJoint } from './ink.tsx';
import { brass, Core, ink, Line, mark, Part, Ring, Shape, silver, Strand } from './ink.tsx';

/** How far in the insulation and the core reach, by what is wrong. */
const reach = (look: string) => ({
  bare: look === 'on insulation' ? 92 : look === 'not home' ? 30 : 46,
  to: look === 'not home' ? 66 : 122,
});

const Screw = ({ y, to, x = 84 }: { readonly y: number; readonly to: number; readonly x?: number }) => (
  <>
    <Part x={x - 9} y={Math.min(y, to)} w={18} h={Math.abs(to - y)} fill={silver} />
    <Line d={`M${x - 9} ${(y + to) / 2 - 3} h18 M${x - 9} ${(y + to) / 2 + 3} h18`} />
  </>
);

const Stray = ({ look }: { readonly look: string }) =>
  look === 'strand out' ? <Strand d="M44 38 C 36 24, 44 12, 60 8" x={48} y={18} /> : null;

const Insulated = ({ look, x = 84 }: { readonly look: string; readonly x?: number }) =>
  look === 'on insulation' ? <Ring x={x} y={40} r={17} /> : null;

/** A barrel with one screw from above. */
export const setScrew: DrawJoint = (look) => {
  const { bare, to } = reach(look);
  return (
    <>
      <Part x={50} y={24} w={92} h={46} fill={brass} />
      <Part x={50} y={34} w={78} h={20} fill="var(--paper)" />
      <Core bare={bare} to={to} y={44} />
      <Screw y={4} to={look === 'on insulation' ? 34 : 38} />
      <Insulated look={look} />
      <Stray look={look} />
      {look === 'not home' && <Ring x={62} y={44} r={20} />}
    </>
  );
};

/** A barrel with a screw from either side. */
export const opposedScrews: DrawJoint = (look) => {
  const { bare, to } = reach(look);
  const aside = look === 'one-sided';
  return (
    <>
      <Part x={50} y={20} w={92} h={48} fill={brass} />
      <Part x={50} y={30} w={78} h={28} fill="var(--paper)" />
      <Core bare={bare} to={to} y={aside ? 52 : 44} />
      <Screw y={2} to={aside ? 46 : 38} />
      <Screw y={82} to={aside ? 66 : 50} />
      <Insulated look={look} />
      <Stray look={look} />
      {aside && <Ring x={84} y={68} r={15} />}
    </>
  );
};

/** A cage that rises when its screw is turned. */
export const risingClamp: DrawJoint = (look) => {
  const { bare } = reach(look === 'not home' ? 'good' : look);
  const under = look === 'not home';
  return (
    <>
      <Part x={46} y={4} w={100} h={76} fill="var(--good-soft, var(--board))" />
      <Part x={62} y={22} w={60} h={6} fill={silver} />
      <path
        d={under ? 'M64 28 V52 H120 V28' : 'M64 28 V56 H120 V28'}
        fill="none"
        stroke={brass}
        strokeWidth="6"
      />
      <Core bare={bare} to={122} y={under ? 64 : 44} />
      <Screw y={2} to={28} x={92} />
      {!under && <Line d="M66 50 H118" width={3} />}
      <Insulated look={look} x={92} />
      <Stray look={look} />
      {under && <Ring x={92} y={62} r={18} />}
    </>
  );
};

/** A leaf spring that bites when it is let go. */
export const springClamp: DrawJoint = (look) => {
  const { bare, to } = reach(look);
  return (
    <>
      <Part x={46} y={4} w={100} h={76} fill="var(--board)" />
      <Part x={50} y={52} w={84} h={8} fill={brass} />
      <Core bare={bare} to={to} y={46} />
      <Shape d="M134 10 Q 92 8 78 40 L 84 42 Q 98 16 134 16 Z" fill={silver} />
      <Insulated look={look} />
      <Stray look={look} />
      {look === 'not home' && <Ring x={62} y={46} r={20} />}
      <path d="M78 40 l6 2" stroke={look === 'good' ? ink : mark} strokeWidth="2.5" />
    </>
  );
};
