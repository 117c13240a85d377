/** A numbered or named contact of an end. */
export interface Contact {
  /** As it is printed on the connector: 1, tip, 1+, centre. */
  readonly id: string;
  /** A shell or other metal that is not a numbered contact. */
  readonly isShell: boolean;
  /** Place on the mating face of the plug, metres from its axis: to the right and up, key or keyway on top. */
  readonly at: readonly [number, number];
}

const mm = 1e-3;

/** Contacts on a circle, counted on from an angle in degrees (0 to the right, counted to the left), millimetres. */
function onCircle(
  ids: readonly string[],
  radiusMm: number,
  startDegrees: number,
  stepDegrees: number,
): Contact[] {
  return ids.map((id, index) => {
    const angle = ((startDegrees + index * stepDegrees) * Math.PI) / 180;
    return {
      id,
      isShell: false,
      at: [radiusMm * mm * Math.cos(angle), radiusMm * mm * Math.sin(angle)] as const,
    };
  });
}

const shell: Contact = { id: 'shell', isShell: true, at: [0, 0] };

const inRow = (ids: readonly string[], pitchMm: number): Contact[] =>
  ids.map((id, index) => ({
    id,
    isShell: false,
    at: [(index - (ids.length - 1) / 2) * pitchMm * mm, 0] as const,
  }));

/** Most positions that a terminal block has. */
export const mostPositions = 24;

const numbers = (count: number) => Array.from({ length: count }, (_, index) => String(index + 1));

/**
 * Layouts seen on the mating face of the plug (the part with pins), key on top. Round 3- and 5-contact audio and lighting
 * connectors after IEC 61076-2-103: on the plug's face contact 1 is at the upper left; three run clockwise, five the
 * other way. Modular after IEC 60603-7: tab underneath, on the plug's face contact 1 is at the right. Others: engineering
 * practice.
 */
export const layouts = {
  coax: [
    { id: 'centre', isShell: false, at: [0, 0] },
    { id: 'outer', isShell: false, at: [0, 0] },
  ],
  'round-3': [...onCircle(['1', '2', '3'], 4, 150, -120), shell],
  'round-5': [...onCircle(['1', '2', '3', '4', '5'], 4.6, 150, 60), shell],
  ts: inRow(['tip', 'sleeve'], 6),
  trs: inRow(['tip', 'ring', 'sleeve'], 5),
  phono: [
    { id: 'tip', isShell: false, at: [0, 0] },
    { id: 'sleeve', isShell: false, at: [4 * mm, 0] },
  ],
  'speaker-2': onCircle(['1+', '1-'], 5, 180, 180),
  'speaker-4': onCircle(['1+', '1-', '2+', '2-'], 5.5, 135, 90),
  'speaker-8': onCircle(['1+', '1-', '2+', '2-', '3+', '3-', '4+', '4-'], 8, 157.5, 45),
  'single pair': inRow(['+', '-'], 19),
  modular: [...inRow(numbers(8).reverse(), 1.02).reverse(), shell],
} as const satisfies Record<string, readonly Contact[]>;

export type FixedLayout = keyof typeof layouts;
export type LayoutName = FixedLayout | 'row';

/** The contacts of a layout; a row has as many as the connector has positions, a pitch (metres) apart. */
export function contactsOfLayout(layout: LayoutName, positions: number, pitch: number): readonly Contact[] {
  return layout === 'row' ? inRow(numbers(positions), pitch / mm) : layouts[layout];
}

/** A contact where it lies on the face of the other sex, or seen from the solder side: mirrored left to right. */
export function mirrored({ at: [x, y], ...contact }: Contact): Contact {
  return { ...contact, at: [x === 0 ? 0 : -x, y] };
}

/** From which side a face is looked at: the side that is soldered (as it lies on the bench), or the one that mates. */
export type FaceSide = 'solder side' | 'mating side';

/** Contacts as they lie when seen from a side: a socket mirrors the plug, and the solder side the mating side. */
export function contactsSeen(
  contacts: readonly Contact[],
  sex: 'plug' | 'socket' | 'splice',
  side: FaceSide,
): readonly Contact[] {
  const asPlugFace = (sex === 'socket') === (side === 'solder side');
  return asPlugFace ? contacts : contacts.map(mirrored);
}
