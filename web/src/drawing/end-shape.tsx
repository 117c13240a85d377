import { hasPin, isCoaxial, seriesAndSex } from '@gorvane/core/connector/connector.ts';
import { featureValue } from '@gorvane/core/connector/gauge-card.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import { PinEndShape } from './pin-end-shape.tsx';
import { pickable } from './pickable.ts';

/** An end as the design has it, or as a unit's stands: not closed yet, or closed. */
export type EndState = 'planned' | 'open' | 'closed';

/** Room that a connector takes at the end of the run, pixels. */
export function endLength({ card }: ShownEnd, scale: number): number {
  return featureValue(card, 'lipToTip') * scale * 1.02;
}

interface EndShapeProps {
  readonly plan: ShownEnd;
  readonly scale: number;
  readonly state: EndState;
  readonly onPick?: (() => void) | undefined;
}

/**
 * A connector seen from the side, tip toward negative x, rear lip at 0. Plug and socket, bayonet, thread and nuts are told
 * apart by shape. An end that is not closed is drawn faint.
 */
export function EndShape({ plan, scale, state, onPick }: EndShapeProps) {
  const { connector } = plan;
  const label = `end ${plan.end.name}, ${connector.name}, opens Strip`;
  return (
    <g
      {...(onPick && pickable(label, onPick))}
      opacity={state === 'open' ? 0.35 : 1}
      transform={state === 'open' ? 'translate(-6 0)' : undefined}
    >
      <title>{seriesAndSex(connector)}</title>
      {!isCoaxial(connector) ? (
        <PinEndShape plan={plan} connector={connector} scale={scale} />
      ) : connector.sex === 'plug' ? (
        <Plug plan={plan} scale={scale} />
      ) : connector.sex === 'socket' ? (
        <Socket plan={plan} scale={scale} />
      ) : (
        <Splice plan={plan} scale={scale} />
      )}
    </g>
  );
}

type ShapeProps = Pick<EndShapeProps, 'plan' | 'scale'>;

interface BoxProps {
  readonly className: string;
  /** From and to, metres from the rear lip toward the tip. */
  readonly along: readonly [number, number];
  readonly height: number;
  readonly scale: number;
}

function Box({ className, along: [from, to], height, scale }: BoxProps) {
  return (
    <rect
      className={className}
      x={-to * scale}
      y={-height / 2}
      width={Math.max(1, (to - from) * scale)}
      height={height}
      rx={2}
    />
  );
}

const planesOf = ({ card }: ShownEnd) => ({
  outside: featureValue(card, 'bodyOutside'),
  shoulder: featureValue(card, 'lipToShoulder'),
  plane: featureValue(card, 'lipToMatingPlane'),
  tip: featureValue(card, 'lipToTip'),
});

function Plug({ plan, scale }: ShapeProps) {
  const { outside, shoulder, plane, tip } = planesOf(plan);
  const { connector } = plan;
  const height = outside * scale;
  const contact = Math.max(3, connector.series.face.contact * scale);
  const sleeve = [shoulder * 0.3, Math.min(shoulder + 4e-3, plane + 2e-3)] as const;
  return (
    <>
      {hasPin(connector) && (
        <Box
          className="pin-metal"
          along={[Math.min(plane, tip) - 1e-3, tip]}
          height={contact}
          scale={scale}
        />
      )}
      <Box className="metal" along={[plane * 0.55, plane]} height={height * 0.62} scale={scale} />
      <Box className="body-metal" along={[0, shoulder * 0.5]} height={height * 0.55} scale={scale} />
      <Box className="metal" along={sleeve} height={height} scale={scale} />
      <CouplingMarks plan={plan} along={sleeve} scale={scale} />
    </>
  );
}

/** A socket shows its thread or its lugs on the outside, and no contact. */
function Socket({ plan, scale }: ShapeProps) {
  const { outside, shoulder, plane, tip } = planesOf(plan);
  const height = outside * scale;
  const front = Math.max(plane, tip);
  const barrel = height * 0.74;
  const threads = Math.max(4, Math.round((front - shoulder) / 1.1e-3));
  const bayonet = plan.connector.series.coupling === 'bayonet';
  return (
    <>
      <Box className="body-metal" along={[0, shoulder]} height={height * 0.62} scale={scale} />
      <Box className="metal" along={[shoulder * 0.7, shoulder]} height={height} scale={scale} />
      <Box className="metal" along={[shoulder, front]} height={barrel} scale={scale} />
      {bayonet ? (
        <path
          d={`M ${-(plane - 2e-3) * scale} ${-barrel / 2 - 5} v 5 m 0 ${barrel} v 5`}
          stroke="#22272a"
          strokeWidth={5}
        />
      ) : (
        <path
          d={Array.from({ length: threads }, (_, n) => {
            const x = -(shoulder + ((front - shoulder) * (n + 1)) / (threads + 1)) * scale;
            return `M ${x} ${-barrel / 2} l -2 ${barrel}`;
          }).join(' ')}
          stroke="#6d7471"
        />
      )}
    </>
  );
}

/** Two hexagon nuts with the body between, and the cable that comes from the other side. */
function Splice({ plan, scale }: ShapeProps) {
  const { outside, tip } = planesOf(plan);
  const height = outside * scale;
  const cable = plan.cable.jacket.diameter * scale;
  const nut = (from: number, to: number) => (
    <g>
      <Box className="metal" along={[from * tip, to * tip]} height={height} scale={scale} />
      <path
        d={`M ${-to * tip * scale} ${-height / 6} h ${(to - from) * tip * scale} M ${-to * tip * scale} ${height / 6} h ${(to - from) * tip * scale}`}
        stroke="#6d7471"
      />
    </g>
  );
  return (
    <>
      <Box className="jacket" along={[0.9 * tip, tip]} height={cable} scale={scale} />
      <Box className="body-metal" along={[0.1 * tip, 0.9 * tip]} height={height * 0.8} scale={scale} />
      {nut(0, 0.2)}
      {nut(0.72, 0.92)}
    </>
  );
}

function CouplingMarks({
  plan,
  along: [from, to],
  scale,
}: ShapeProps & { readonly along: readonly [number, number] }) {
  const left = -to * scale;
  const right = -from * scale;
  const half = (featureValue(plan.card, 'bodyOutside') * scale) / 2;
  if (plan.connector.series.coupling === 'bayonet')
    return (
      <path
        d={`M ${left + 6} ${half - 8} Q ${(left + right) / 2} ${half - 14} ${right - 12} ${-half + 12} l 6 -6`}
        fill="none"
        stroke="#22272a"
        strokeWidth={4}
        strokeLinecap="round"
      />
    );
  const hexagon = ['sma', 'f', '7-16', 'trunk'].includes(plan.connector.series.id);
  const lines = Array.from({ length: 7 }, (_, index) => left + ((index + 1) * (right - left)) / 8);
  return (
    <path
      d={
        hexagon
          ? `M ${left} ${-half / 2} H ${right} M ${left} ${half / 2} H ${right}`
          : lines.map((x) => `M ${x} ${-half + 1} V ${half - 1}`).join(' ')
      }
      fill="none"
      stroke="#6d7471"
      strokeWidth={1}
    />
  );
}
