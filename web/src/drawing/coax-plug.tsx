import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import { pickable } from './pickable.ts';

/** An end as the design has it, or as a unit's stands: not closed yet, or closed. */
export type EndState = 'planned' | 'open' | 'closed';

/** Room that a plug takes at the end of the run, pixels. */
export function plugLength({ card }: EndPlan, scale: number): number {
  return card.features.lipToTip.value * scale * 1.02;
}

interface CoaxPlugProps {
  readonly plan: EndPlan;
  readonly scale: number;
  readonly state: EndState;
  readonly onPick?: (() => void) | undefined;
}

/**
 * A coax plug seen from the side, tip toward negative x, rear lip at 0. Bayonet and threaded couplings are told apart
 * by their sleeve: a slanting slot, or a thread of fine lines. An end that is not closed is drawn faint.
 */
export function CoaxPlug({ plan, scale, state, onPick }: CoaxPlugProps) {
  const { connector, card } = plan;
  const at = (metres: number) => -metres * scale;
  const f = card.features;
  const outside = f.bodyOutside.value * scale;
  const shoulder = f.lipToShoulder.value;
  const plane = f.lipToMatingPlane.value;
  const tip = f.lipToTip.value;
  const box = (className: string, from: number, to: number, height: number, key: string) => (
    <rect
      key={key}
      className={className}
      x={at(to)}
      y={-height / 2}
      width={(to - from) * scale}
      height={height}
      rx={2}
    />
  );
  const label = `end ${plan.end.name}, ${connector.name}, opens Strip`;
  return (
    <g
      {...(onPick && pickable(label, onPick))}
      opacity={state === 'open' ? 0.35 : 1}
      transform={state === 'open' ? 'translate(-6 0)' : undefined}
    >
      {box('pin-metal', plane - 0.001, tip, 0.0022 * scale, 'pin')}
      {box('metal', plane * 0.55, plane, outside * 0.62, 'front')}
      {box('body-metal', 0, shoulder * 0.5, outside * 0.55, 'body')}
      {box('metal', shoulder * 0.28, shoulder + 0.004, outside, 'sleeve')}
      <Coupling
        coupling={connector.coupling}
        from={shoulder * 0.28}
        to={shoulder + 0.004}
        outside={outside}
        scale={scale}
      />
    </g>
  );
}

function Coupling({
  coupling,
  from,
  to,
  outside,
  scale,
}: {
  coupling: 'bayonet' | 'thread';
  from: number;
  to: number;
  outside: number;
  scale: number;
}) {
  const left = -to * scale;
  const right = -from * scale;
  const half = outside / 2;
  if (coupling === 'bayonet')
    return (
      <path
        d={`M ${left + 6} ${half - 8} Q ${(left + right) / 2} ${half - 14} ${right - 12} ${-half + 12} l 6 -6`}
        fill="none"
        stroke="#22272a"
        strokeWidth={4}
        strokeLinecap="round"
      />
    );
  const lines = Array.from({ length: 7 }, (_, index) => left + ((index + 1) * (right - left)) / 8);
  return (
    <path
      d={lines.map((x) => `M ${x} ${-half + 1} V ${half - 1}`).join(' ')}
      fill="none"
      stroke="#6d7471"
      strokeWidth={1}
    />
  );
}
