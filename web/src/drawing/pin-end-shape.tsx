import type { PinConnector } from '@gorvane/core/connector/connector.ts';
import { featureValue } from '@gorvane/core/connector/gauge-card.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import { wirePaint } from './wire-colour.ts';

interface PinEndShapeProps {
  readonly plan: ShownEnd;
  readonly connector: PinConnector;
  readonly scale: number;
}

/** The pins of a round connector, or its holes, as many as it has: three and five are told apart. */
function RoundContacts({
  connector: { sex, contacts },
  tip,
  height,
}: {
  readonly connector: PinConnector;
  readonly tip: number;
  readonly height: number;
}) {
  const count = contacts.filter(({ isShell }) => !isShell).length;
  const isSocket = sex === 'socket';
  const rows = Array.from({ length: count }, (_, n) => (n / (count - 1) - 0.5) * height * 0.66);
  return (
    <path
      className="round-contacts"
      d={rows.map((y) => `M ${-tip * 0.98} ${y} h ${tip * (isSocket ? 0.1 : 0.2)}`).join(' ')}
      stroke={isSocket ? 'var(--jacket)' : 'var(--brass)'}
      strokeWidth={Math.min(4, (height * 0.4) / count)}
    />
  );
}

/** An audio, lighting, speaker or terminal end from the side, tip toward negative x, rear lip at 0: told apart by shape. */
export function PinEndShape({ plan, connector, scale }: PinEndShapeProps) {
  const { card } = plan;
  const tip = featureValue(card, 'lipToTip') * scale;
  const shoulder = Math.min(tip, featureValue(card, 'lipToShoulder') * scale);
  const height = featureValue(card, 'bodyOutside') * scale;
  const box = (className: string, from: number, to: number, tall: number) => (
    <rect className={className} x={-to} y={-tall / 2} width={Math.max(1, to - from)} height={tall} rx={2} />
  );
  if (connector.method === 'bare end') return <BareCores plan={plan} tip={tip} />;
  switch (connector.series.layout) {
    case 'round-3':
    case 'round-5':
      return (
        <>
          {connector.rightAngle && (
            <rect
              className="body-metal"
              x={-tip}
              y={-height * 0.1}
              width={height}
              height={height * 0.95}
              rx={3}
            />
          )}
          {box('metal', 0, tip, height)}
          {box('rubber', 0, tip * 0.25, height * 0.8)}
          <path
            d={`M ${-tip * 0.4} ${-height / 2} v ${height} M ${-tip * 0.44} ${-height / 2} v ${height}`}
            stroke="#6d7471"
          />
          {connector.sex === 'socket' && (
            <rect className="body-metal" x={-tip * 0.86} y={-height / 2 - 5} width={tip * 0.22} height={6} />
          )}
          <RoundContacts connector={connector} tip={tip} height={height} />
        </>
      );
    case 'ts':
    case 'trs': {
      const barrel = Math.max(6, connector.series.face.contact * scale);
      if (connector.rightAngle)
        return (
          <>
            {box('metal', 0, tip, height * 0.7)}
            <TurnedBarrel
              turns={plan.end.quarterTurns}
              x={-tip * 0.75}
              from={height * 0.3}
              barrel={barrel}
              long={height * 0.55}
            />
          </>
        );
      const rings = connector.series.layout === 'trs' ? [0.82, 0.7] : [0.78];
      return (
        <>
          {box('pin-metal', shoulder, tip, barrel)}
          {rings.map((share) => (
            <rect
              key={share}
              x={-(shoulder + (tip - shoulder) * share)}
              y={-barrel / 2}
              width={3}
              height={barrel}
              fill="#22272a"
            />
          ))}
          <path className="pin-metal" d={`M ${-tip} ${-barrel / 2} l -7 ${barrel / 2} l 7 ${barrel / 2} z`} />
          {box('metal', 0, shoulder, height)}
          <path
            d={`M ${-shoulder * 0.2} ${-height / 2} v ${height} M ${-shoulder * 0.3} ${-height / 2} v ${height}`}
            stroke="#6d7471"
          />
        </>
      );
    }
    case 'phono':
      return (
        <>
          {box('pin-metal', shoulder, tip, Math.max(5, connector.series.face.contact * scale))}
          {box('brass', shoulder * 0.9, shoulder + (tip - shoulder) * 0.55, height * 0.8)}
          {box('metal', 0, shoulder, height)}
        </>
      );
    case 'single pair':
      return <Pair connector={connector} tip={tip} height={height} />;
    case 'row': {
      const positions = connector.contacts.length;
      const tall = Math.min(80, 10 * positions);
      return (
        <>
          <rect className="block" x={-tip} y={-tall / 2} width={tip} height={tall} rx={2} />
          {connector.contacts.slice(0, 8).map(({ id }, index) => (
            <circle
              key={id}
              className="pin-metal"
              cx={-tip * 0.4}
              cy={-tall / 2 + ((index + 0.5) * tall) / Math.min(8, positions)}
              r={3}
            />
          ))}
        </>
      );
    }
    case 'modular':
      return (
        <>
          {box('insulator', 0, tip, height)}
          <path d={`M ${-tip} ${height / 2} l ${tip * 0.7} 6`} stroke="#33393b" strokeWidth={3} />
          <path
            d={Array.from(
              { length: 5 },
              (_, n) => `M ${-tip + 2} ${-height / 2 + 3 + n * 4} h ${tip * 0.3}`,
            ).join(' ')}
            stroke="var(--brass)"
            strokeWidth={2}
          />
        </>
      );
    default:
      return (
        <>
          {box('jacket', 0, tip, height)}
          {box('body-metal', tip * 0.55, tip * 0.72, height * 1.06)}
          {box('rubber', 0, tip * 0.3, height * 0.82)}
        </>
      );
  }
}

/** Cores fanned out, each bare at its end. */
function BareCores({ plan, tip }: { readonly plan: ShownEnd; readonly tip: number }) {
  const { joints } = plan.input;
  return joints.map(({ contact, conductors }, index) => {
    const y = (index - (joints.length - 1) / 2) * 9;
    return (
      <g key={contact.id}>
        <path
          d={`M 0 0 Q ${-tip * 0.3} ${y} ${-tip * 0.65} ${y}`}
          stroke={conductors[0]!.kind === 'shield' ? 'var(--silver)' : wirePaint(conductors[0]!.colour)}
          strokeWidth={4}
          fill="none"
        />
        <path d={`M ${-tip * 0.65} ${y} H ${-tip}`} stroke="var(--copper-metal)" strokeWidth={2.5} />
      </g>
    );
  });
}

/** The barrel of a right-angle plug as its quarter turn shows it: down, toward the eye, up, or away behind the body. */
function TurnedBarrel({
  turns,
  x,
  from,
  barrel,
  long,
}: {
  readonly turns: number;
  readonly x: number;
  readonly from: number;
  readonly barrel: number;
  readonly long: number;
}) {
  if (turns === 1) return <circle className="pin-metal" cx={x} cy={0} r={barrel / 2} />;
  if (turns === 3)
    return (
      <circle
        cx={x}
        cy={0}
        r={barrel / 2}
        fill="none"
        stroke="#33393b"
        strokeWidth={2}
        strokeDasharray="3 3"
      />
    );
  const down = turns === 0;
  return (
    <rect
      className="pin-metal"
      x={x - barrel / 2}
      y={down ? from : -from - long}
      width={barrel}
      height={long}
      rx={2}
    />
  );
}

/** Two single plugs at the end of their breakout, red above black. */
function Pair({
  connector,
  tip,
  height,
}: {
  readonly connector: PinConnector;
  readonly tip: number;
  readonly height: number;
}) {
  const spade = connector.series.id === 'spade';
  const one = (y: number, colour: string) => (
    <g transform={`translate(0 ${y})`}>
      <path
        d={`M 34 ${-y * 0.85} C 12 ${-y * 0.85}, 14 0, 0 0`}
        fill="none"
        stroke={colour}
        strokeWidth={6}
      />
      <rect
        x={-tip * 0.45}
        y={-height / 3}
        width={tip * 0.45}
        height={height / 1.5}
        rx={2}
        fill={colour}
        stroke="#22272a"
      />
      {spade ? (
        <path
          d={`M ${-tip * 0.45} -4 H ${-tip} M ${-tip * 0.45} 4 H ${-tip}`}
          stroke="var(--brass)"
          strokeWidth={4}
        />
      ) : (
        <rect className="pin-metal" x={-tip} y={-4} width={tip * 0.55} height={8} rx={3} />
      )}
    </g>
  );
  return (
    <g>
      {one(-20, '#b8392c')}
      {one(20, '#24282a')}
    </g>
  );
}
