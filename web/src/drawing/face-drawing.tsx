import type { CoaxConnector } from '@gorvane/core/connector/connector.ts';
import { hasPin, seriesAndSex } from '@gorvane/core/connector/connector.ts';
import './drawing.css';

const size = 112;
/** Series whose coupling nut is a hexagon. */
const hexagons = ['sma', 'f', '7-16', 'trunk'];

/** What is seen on the mating face, in words: contact, polarity and coupling. */
export function describeFace(connector: CoaxConnector): string {
  const { sex, reversePolarity, series } = connector;
  if (sex === 'splice') return 'cable on both sides, no mating face';
  const contact = hasPin(connector) ? 'pin' : 'socket';
  const coupling =
    series.coupling === 'bayonet'
      ? sex === 'plug'
        ? 'bayonet sleeve'
        : 'bayonet lugs'
      : sex === 'plug'
        ? 'threaded nut'
        : 'thread outside';
  return `${contact}${reversePolarity ? ', polarity reversed' : ''}, ${coupling}`;
}

/** The mating face of a coaxial end: pin or socket, and what couples it. To scale across. */
export function FaceDrawing({ connector }: { readonly connector: CoaxConnector }) {
  const { series, sex } = connector;
  if (sex === 'splice') return <p className="soft">{describeFace(connector)}</p>;
  const scale = 92 / series.face.coupling;
  const coupling = (series.face.coupling * scale) / 2;
  const plug = sex === 'plug';
  const shell = coupling * (plug ? 0.72 : 0.86);
  const contact = Math.max(2.5, (series.face.contact * scale) / 2);
  return (
    <figure className="face">
      <svg
        className="drawing"
        width={size}
        height={size}
        viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`}
        role="img"
        aria-label={`${seriesAndSex(connector)}, mating side: ${describeFace(connector)}`}
      >
        {plug && <Nut connector={connector} radius={coupling} />}
        {!plug && series.coupling === 'bayonet' && (
          <path d={`M ${-shell - 6} -4 h 8 v 8 h -8 z M ${shell - 2} -4 h 8 v 8 h -8 z`} className="metal" />
        )}
        <circle
          r={shell}
          className="body-metal"
          strokeDasharray={!plug && series.coupling === 'thread' ? '3 2' : undefined}
          strokeWidth={!plug && series.coupling === 'thread' ? 3 : 1}
        />
        <circle r={shell * 0.78} className="insulator" />
        <Contact pin={hasPin(connector)} radius={contact} />
      </svg>
      <figcaption className="soft">
        <strong>{seriesAndSex(connector)}</strong>, mating side
        <br />
        {describeFace(connector)}
      </figcaption>
    </figure>
  );
}

function Nut({ connector, radius }: { readonly connector: CoaxConnector; readonly radius: number }) {
  if (hexagons.includes(connector.series.id)) {
    const corners = Array.from({ length: 6 }, (_, n) => {
      const angle = (Math.PI * n) / 3;
      return `${(radius * 1.1 * Math.cos(angle)).toFixed(1)},${(radius * 1.1 * Math.sin(angle)).toFixed(1)}`;
    });
    return <polygon points={corners.join(' ')} className="brass" />;
  }
  return (
    <>
      <circle r={radius} className="metal" />
      {connector.series.coupling === 'bayonet' ? (
        <path
          d={`M ${-radius} -5 h 9 v 10 h -9 z M ${radius - 9} -5 h 9 v 10 h -9 z`}
          fill="var(--paper)"
          stroke="#33393b"
        />
      ) : (
        <circle r={radius - 1.5} fill="none" stroke="#6d7471" strokeWidth={3} strokeDasharray="1.5 2.5" />
      )}
    </>
  );
}

/** A pin is solid; a socket has a hole and slots. */
function Contact({ pin, radius }: { readonly pin: boolean; readonly radius: number }) {
  if (pin) return <circle r={radius} className="pin-metal" />;
  const outer = radius * 1.7;
  return (
    <>
      <circle r={outer} className="pin-metal" />
      <circle r={radius} fill="#22272a" />
      <path
        d={`M ${-outer} 0 H ${-radius} M ${radius} 0 H ${outer} M 0 ${-outer} V ${-radius} M 0 ${radius} V ${outer}`}
        stroke="#22272a"
        strokeWidth={1.2}
      />
    </>
  );
}
