import type { DrawJoint } from './ink.tsx';
import { brass, Core, jacket, Line, Part, paper, Ring, Shape, silver, Wrong } from './ink.tsx';

/** Jacket from the left with two cores in front of it; `edge` is where the jacket ends. */
const Cores = ({ edge }: { readonly edge: number }) => (
  <>
    <Core bare={138} to={148} y={34} />
    <Core bare={138} to={148} y={52} />
    <rect x={-2} y={20} width={edge + 2} height={46} fill={jacket} />
  </>
);

const edgeOf = (look: string) => (look === 'on the cores' ? 36 : 96);

const OnCores = ({ look }: { readonly look: string }) =>
  look === 'on the cores' ? <Ring x={62} y={43} r={28} /> : null;

/** The jacket turns or slides. */
const Slides = ({ look }: { readonly look: string }) =>
  look === 'loose' ? <Wrong d="M14 74 H44 M14 74 l8 -5 M14 74 l8 5 M44 74 l-8 -5 M44 74 l-8 5" /> : null;

/** Two tabs bent round the jacket. */
export const tabs: DrawJoint = (look) => {
  const gap = look === 'loose' ? 12 : 0;
  return (
    <>
      <Cores edge={edgeOf(look)} />
      <Shape
        d={`M48 ${72 + gap / 2} V${16 - gap} Q 62 ${10 - gap} 76 ${16 - gap} V${72 + gap / 2} Z`}
        fill={brass}
      />
      <Line d={`M50 ${40 - gap} H74`} width={1.5} />
      <OnCores look={look} />
      <Slides look={look} />
      {look === 'loose' && <Ring x={62} y={12} r={14} />}
      {look === 'cut in' && (
        <>
          <Wrong d="M76 24 l-14 16 l14 12" fill={paper} />
          <Ring x={70} y={40} r={20} />
        </>
      )}
    </>
  );
};

/** Two toothed shells, one above and one below. */
export const halfShells: DrawJoint = (look) => {
  const tilt = look === 'askew' ? 9 : 0;
  const gap = look === 'loose' ? 8 : 0;
  const teeth = (y: number, up: number) =>
    Array.from({ length: 5 }, (_, n) => `M${40 + 9 * n} ${y} l4 ${up} l4 ${-up}`).join(' ');
  return (
    <>
      <Cores edge={edgeOf(look)} />
      <g transform={`rotate(${-tilt} 88 20)`}>
        <Part x={36} y={6 - gap} w={54} h={16} fill={brass} />
        <Line d={teeth(22 - gap, 5)} width={1.5} />
      </g>
      <Part x={36} y={64 + gap} w={54} h={16} fill={brass} />
      <Line d={teeth(64 + gap, -5)} width={1.5} />
      <OnCores look={look} />
      <Slides look={look} />
      {look === 'askew' && (
        <>
          <Wrong d="M38 26 V62" />
          <Ring x={40} y={26} r={16} />
        </>
      )}
    </>
  );
};

/** Jaws that the boot closes on the jacket. */
export const chuck: DrawJoint = (look) => {
  const gap = look === 'loose' ? 9 : 0;
  return (
    <>
      <Cores edge={edgeOf(look)} />
      <Shape d={`M40 ${20 - gap} H84 L76 ${8 - gap} H46 Z`} fill={silver} />
      <Shape d={`M40 ${66 + gap} H84 L76 ${78 + gap} H46 Z`} fill={silver} />
      <Line d="M30 2 V14 M30 72 V84 M94 2 V14 M94 72 V84" width={3} />
      <OnCores look={look} />
      <Slides look={look} />
      {look === 'loose' && <Ring x={62} y={14} r={14} />}
    </>
  );
};

/** A cover with two screws, from the side. */
export const screwCover: DrawJoint = (look) => (
  <>
    <Cores edge={look === 'on the cores' ? 36 : 92} />
    <Part x={30} y={66} w={104} h={14} fill={brass} />
    <g transform={look === 'askew' ? 'rotate(-9 128 18)' : ''}>
      <Part x={30} y={8} w={104} h={12} fill={brass} />
      <Part x={38} y={2} w={12} h={8} fill={silver} />
      <Part x={114} y={2} w={12} h={8} fill={silver} />
    </g>
    {look === 'askew' && (
      <>
        <Wrong d="M34 32 V64" />
        <Ring x={36} y={36} r={17} />
      </>
    )}
    <OnCores look={look} />
  </>
);
