import type { LayoutName, Contact, FaceSide } from '@gorvane/core/connector/contact.ts';
import type { PinConnector } from '@gorvane/core/connector/connector.ts';
import { seriesAndSex } from '@gorvane/core/connector/connector.ts';
import { contactsSeen } from '@gorvane/core/connector/contact.ts';
import type { ContactJoint } from '@gorvane/core/end/end-input.ts';
import { conductorNames } from '@gorvane/core/strip/core-strip.ts';
import { isJack, JackProfile, jackSpot } from './jack-profile.tsx';
import { conductorPaint } from './wire-colour.ts';
import './drawing.css';

interface PinFaceProps {
  readonly connector: PinConnector;
  readonly side: FaceSide;
  readonly joints?: readonly ContactJoint[];
  /** The contact that is spoken of. */
  readonly contact?: string | undefined;
  readonly size?: number;
}

/** Where the key is, in words: a face without it can be read either way round. */
function keyOf({ series, sex }: PinConnector): string {
  switch (series.layout) {
    case 'round-3':
    case 'round-5':
      return sex === 'plug' ? 'keyway on top' : 'latch on top';
    case 'modular':
      return 'tab underneath';
    case 'row':
      return 'contact 1 at the mark';
    case 'single pair':
      return 'red is plus';
    case 'speaker-2':
    case 'speaker-4':
    case 'speaker-8':
      return 'wide key on top';
    default:
      return 'from its side';
  }
}

const roundLayouts: readonly LayoutName[] = ['round-3', 'round-5', 'speaker-2', 'speaker-4', 'speaker-8'];

/** The contacts of an end as they lie, with what is on each: from the side that is soldered or the one that mates, always said. */
export function PinFace({ connector, side, joints = [], contact, size = 150 }: PinFaceProps) {
  if (connector.method === 'bare end') return <p className="soft">bare cores, no mating face</p>;
  const { series, sex } = connector;
  const contacts = contactsSeen(connector.contacts, sex, side).filter(({ isShell }) => !isShell);
  const widest = Math.max(...contacts.map(({ at }) => Math.abs(at[0])), series.face.coupling / 2);
  const isRow = series.layout === 'row' || series.layout === 'modular';
  const width = isRow ? Math.max(size, contacts.length * 30 + 24) : size * 1.5;
  const scale = isRow ? (width - 40) / (2 * widest) : (size * 0.42) / (series.face.coupling / 2);
  const round = roundLayouts.includes(series.layout);
  const said = contacts.map(({ id }) => {
    const joint = joints.find((candidate) => candidate.contact.id === id);
    return `${id} ${joint ? conductorNames(joint.conductors) : 'empty'}`;
  });
  return (
    <figure className="face pin-face">
      <svg
        className="drawing"
        width={width}
        height={size}
        viewBox={`${-width / 2} ${-size / 2} ${width} ${size}`}
        role="img"
        aria-label={`${seriesAndSex(connector)}, ${side}, ${keyOf(connector)}: ${said.join(', ')}`}
        style={{ width, maxWidth: '100%' }}
      >
        {round ? (
          <>
            <circle r={(series.face.coupling / 2) * scale} className="metal" />
            <circle r={(series.face.coupling / 2) * scale * 0.84} className="insulator" />
            <rect x={-6} y={-(series.face.coupling / 2) * scale - 2} width={12} height={9} fill="#22272a" />
          </>
        ) : isJack(series.layout) ? (
          <JackProfile layout={series.layout} />
        ) : (
          <rect
            className={isRow ? 'insulator' : 'metal'}
            x={-width / 2 + 4}
            y={-size * 0.3}
            width={width - 8}
            height={size * 0.6}
            rx={isRow ? 3 : 12}
          />
        )}
        {contacts.map((each, index) => (
          <ContactSpot
            key={each.id}
            spot={
              isJack(series.layout)
                ? jackSpot(series.layout, each.id)
                : spot(each, index, contacts.length, scale, round, isRow)
            }
            contact={each}
            pin={sex === 'plug' && side === 'mating side'}
            joint={joints.find((candidate) => candidate.contact.id === each.id)}
            strong={each.id === contact}
            faint={contact !== undefined && each.id !== contact}
            small={isRow}
          />
        ))}
      </svg>
      <figcaption className="soft">
        <strong>{seriesAndSex(connector)}</strong>, {side}, {keyOf(connector)}
      </figcaption>
    </figure>
  );
}

/** Places on the drawing, y downward; plugs of their own stand in a row. */
function spot(
  contact: Contact,
  index: number,
  count: number,
  scale: number,
  round: boolean,
  isRow: boolean,
): { x: number; y: number } {
  if (round || isRow) return { x: contact.at[0] * scale, y: -contact.at[1] * scale };
  return { x: (index - (count - 1) / 2) * 62, y: 0 };
}

function ContactSpot({
  spot: { x, y },
  contact,
  pin,
  joint,
  strong,
  faint,
  small,
}: {
  readonly spot: { readonly x: number; readonly y: number };
  readonly contact: Contact;
  readonly pin: boolean;
  readonly joint: ContactJoint | undefined;
  readonly strong: boolean;
  readonly faint: boolean;
  readonly small: boolean;
}) {
  const radius = small ? 8 : 12;
  const [first, second] = (joint?.conductors ?? []).map(({ kind, colour }) => ({
    paint: conductorPaint({ kind, colour }),
    light: kind === 'shield' || colour === 'white' || colour === 'yellow',
  }));
  const empty = pin ? 'var(--brass)' : '#22272a';
  return (
    <g opacity={faint ? 0.4 : 1}>
      {strong && <circle cx={x} cy={y} r={radius + 6} fill="none" stroke="var(--copper)" strokeWidth={4} />}
      <circle cx={x} cy={y} r={radius} fill={first?.paint ?? empty} stroke="var(--brass)" strokeWidth={3} />
      {second && (
        <path
          d={`M ${x} ${y - radius} A ${radius} ${radius} 0 0 1 ${x} ${y + radius} Z`}
          fill={second.paint}
        />
      )}
      <text
        x={x}
        y={small ? y + radius + 15 : y + 4}
        textAnchor="middle"
        fontSize={contact.id.length > 3 ? 11 : 13}
        fontWeight={700}
        style={small ? undefined : overWire(first?.light === true)}
      >
        {contact.id}
      </text>
    </g>
  );
}

/** A number on the colour of its core: dark on light, light on dark, with an edge that holds on a second colour too. */
const overWire = (light: boolean) => ({
  fill: light ? '#22272a' : '#fff',
  paintOrder: 'stroke',
  stroke: light ? '#fff' : '#22272a',
  strokeWidth: 2,
});
