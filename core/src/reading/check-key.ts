/** Looks that a proof asks for. */
export const lookNames = ['joint', 'jacket', 'projection', 'seal', 'coupling', 'neatness'] as const;
export type LookName = (typeof lookNames)[number];

const plainKinds = [
  'continuity',
  'wiggle',
  'insulation',
  'capacitance',
  'load',
  'loss',
  'return loss',
  'length',
] as const;
const pathKinds = ['resistance', 'balance', 'loop'] as const;
const pairKinds = ['terminator', 'pair'] as const;
const spotKinds = ['match at', 'loss at'] as const;

type PlainKind = (typeof plainKinds)[number];
type PathKind = (typeof pathKinds)[number];
type PairKind = (typeof pairKinds)[number];
type SpotKind = (typeof spotKinds)[number];

/** What a check of a proof is about. */
export type CheckKey =
  | { readonly kind: PlainKind }
  /** A planned path between two contacts, by its id. */
  | { readonly kind: PathKind; readonly pathId: string }
  /** Data pair 1 or 2. */
  | { readonly kind: PairKind; readonly pair: number }
  /** Read at one frequency, hertz. */
  | { readonly kind: SpotKind; readonly hertz: number }
  /** Rejection of a choke on the run, by the id of the part. */
  | { readonly kind: 'rejection'; readonly partId: string }
  /** A look at an end, or at the whole lead where there is none. */
  | { readonly kind: 'look'; readonly endId: string | null; readonly look: LookName }
  /** Of a record that another version of the program wrote. */
  | { readonly kind: 'unknown'; readonly text: string };

const whole = 'whole';

/** The one place where a check's key becomes text: it names the check in readings, records and files. */
export function writeCheckKey(key: CheckKey): string {
  switch (key.kind) {
    case 'resistance':
    case 'balance':
    case 'loop':
      return `${key.kind} ${key.pathId}`;
    case 'terminator':
    case 'pair':
      return `${key.kind} ${key.pair}`;
    case 'match at':
    case 'loss at':
      return `${key.kind} ${key.hertz}`;
    case 'rejection':
      return `${key.kind} ${key.partId}`;
    case 'look':
      return `look ${key.endId ?? whole} ${key.look}`;
    case 'unknown':
      return key.text;
    default:
      return key.kind;
  }
}

/** The one place where text becomes a check's key again. */
export function readCheckKey(text: string): CheckKey {
  const plain = plainKinds.find((kind) => kind === text);
  if (plain) return { kind: plain };
  const space = text.indexOf(' ');
  const [head, rest] = [text.slice(0, space), text.slice(space + 1)];
  const path = pathKinds.find((kind) => kind === head);
  if (path) return { kind: path, pathId: rest };
  const pair = pairKinds.find((kind) => kind === head);
  if (pair && Number.isInteger(Number(rest))) return { kind: pair, pair: Number(rest) };
  const spot = spotKinds.find((kind) => text.startsWith(`${kind} `));
  if (spot && Number(text.slice(spot.length)) > 0)
    return { kind: spot, hertz: Number(text.slice(spot.length)) };
  if (head === 'rejection') return { kind: 'rejection', partId: rest };
  const last = rest.lastIndexOf(' ');
  const look = lookNames.find((name) => name === rest.slice(last + 1));
  if (head === 'look' && look) {
    const endId = rest.slice(0, last);
    return { kind: 'look', endId: endId === whole ? null : endId, look };
  }
  return { kind: 'unknown', text };
}
