import type { CableConductor } from '../cable/conductors.ts';
import { conductorsOf } from '../cable/conductors.ts';
import { leadConnector } from './lead-connector.ts';
import type { DeviceProfile } from '../house/device.ts';
import { deviceRoles } from '../house/device.ts';
import type { House } from '../house/house.ts';
import { leadCable } from './lead-cable.ts';
import type { Connection, Lead, LeadEnd, Piece } from './lead.ts';
import { endsOfPiece } from './lead.ts';
import type { Role, SignalEnd } from '../connector/signal.ts';
import { roleOf } from '../connector/signal.ts';

/** An end with what its contacts mean. */
export function signalEnd(lead: Lead, end: LeadEnd, devices: readonly DeviceProfile[]): SignalEnd {
  return {
    connector: leadConnector(lead, end.connectorId),
    channel: end.channel,
    deviceRoles: deviceRoles(devices, end.deviceId),
  };
}

/** Roles in the order in which cores are given to them: of each pair the one that leads first. */
const order: readonly Role[] = [
  'hot',
  'left',
  'cold',
  'right',
  'data 1+',
  'data 1-',
  'data 2+',
  'data 2-',
  '1+',
  '1-',
  '2+',
  '2-',
  '3+',
  '3-',
  '4+',
  '4-',
];

/** What a proposal may be asked to do otherwise than the plainest way. */
export interface PinPlanChoices {
  /** The cold core at an end that has no place for it: on its shield contact, or left open. */
  readonly cold: 'tied' | 'open';
  /** The second lighting pair is wired, or its cores are spare. */
  readonly secondPair: 'wire' | 'leave empty';
  /** The shield is connected at every end, or at the first only. */
  readonly shield: 'every end' | 'first end';
  /** What the contacts of a terminal block mean in their order, where no device profile says it. */
  readonly blockOrder?: readonly Role[];
}

/** Orders in which terminal blocks of balanced audio are marked: + is hot, - is cold. Common use; the panel decides. */
export const blockOrders: readonly { readonly label: string; readonly order: readonly Role[] }[] = [
  { label: '+ - ground', order: ['hot', 'cold', 'shield'] },
  { label: 'ground - +', order: ['shield', 'cold', 'hot'] },
  { label: 'ground + -', order: ['shield', 'hot', 'cold'] },
  { label: '+ ground -', order: ['hot', 'shield', 'cold'] },
];

export const plainChoices: PinPlanChoices = { cold: 'tied', secondPair: 'wire', shield: 'every end' };

/** What house practice says of pin plans that are made now; those that stand are not touched. */
export function houseChoices({ practice }: Pick<House, 'practice'>): PinPlanChoices {
  return { ...plainChoices, secondPair: practice.secondPair };
}

/**
 * The usual pin plan for what a lead carries: conductors to contacts that mean the same at every end that a piece
 * reaches, like cores of a quad paralleled, the shield on what takes it. Where nothing says what contacts mean, cores go
 * to contacts in their order. Source: standards named at the layouts, and common use.
 */
export function proposePinPlan(
  lead: Lead,
  devices: readonly DeviceProfile[] = [],
  choices: PinPlanChoices = plainChoices,
): Connection[] {
  return lead.pieces.flatMap((piece) => proposePiece(lead, piece, devices, choices));
}

interface Known {
  readonly end: LeadEnd;
  /** Contact by role; the first where several have it. */
  readonly byRole: ReadonlyMap<Role, string>;
  readonly contacts: readonly string[];
}

function knownEnd(
  lead: Lead,
  end: LeadEnd,
  devices: readonly DeviceProfile[],
  { blockOrder }: PinPlanChoices,
): Known {
  const at = orderedEnd(signalEnd(lead, end, devices), blockOrder);
  const byRole = new Map<Role, string>();
  const contacts = at.connector.contacts.filter(({ isShell }) => !isShell).map(({ id }) => id);
  for (const contact of contacts) {
    const role = roleOf(lead.signal, at, contact);
    if (role && role !== 'unused' && !byRole.has(role)) byRole.set(role, contact);
  }
  return { end, byRole, contacts };
}

/** An end whose contacts mean what a chosen order says, where it is a block that no device speaks for. */
function orderedEnd(at: SignalEnd, order: readonly Role[] | undefined): SignalEnd {
  const { connector, deviceRoles: said } = at;
  if (!order || said !== null || connector.series.kind !== 'pins' || connector.series.layout !== 'row')
    return at;
  return {
    ...at,
    deviceRoles: Object.fromEntries(
      order.flatMap((role, index) => {
        const contact = connector.contacts[index];
        return contact ? [[contact.id, role]] : [];
      }),
    ),
  };
}

function proposePiece(
  lead: Lead,
  piece: Piece,
  devices: readonly DeviceProfile[],
  choices: PinPlanChoices,
): Connection[] {
  const ends = endsOfPiece(lead, piece).map((end) => knownEnd(lead, end, devices, choices));
  const conductors = conductorsOf(leadCable(lead, piece.cableId));
  const connect = (conductor: CableConductor, { end }: Known, contact: string | undefined): Connection[] =>
    contact === undefined ? [] : [{ pieceId: piece.id, conductor: conductor.id, endId: end.id, contact }];
  if (ends.some(({ byRole }) => byRole.size === 0)) return inOrder(ends, conductors, connect);
  const shared = rolesOf(ends, choices);
  const cores = conductors.filter(({ kind }) => kind === 'core');
  const shield = conductors.find(({ kind }) => kind === 'shield');
  const groups = coreGroups(cores, shared.length + (shield ? 0 : 1));
  const signalCores = shared.flatMap((role, index) =>
    (groups[index] ?? []).flatMap((core) =>
      ends.flatMap((end) => connect(core, end, contactFor(end, role, choices))),
    ),
  );
  const returnCores = shield ? [shield] : (groups[shared.length] ?? []);
  const ownReturn = shared.some((role) => returnRoles.includes(role));
  const returns = ownReturn && !shield ? [] : returnCores;
  return [
    ...signalCores,
    ...returns.flatMap((conductor) =>
      ends.flatMap((end, index) =>
        choices.shield === 'first end' && index > 0 ? [] : connect(conductor, end, end.byRole.get('shield')),
      ),
    ),
  ];
}

/** Roles that bring the current back: a lead that has them needs no other return. */
const returnRoles: readonly Role[] = ['1-', '2-', '3-', '4-', 'data 1-', 'data 2-'];
const secondPairRoles: readonly Role[] = ['data 2-', 'data 2+'];

/** Roles that cores are needed for: those of every end; cold where one end at least has a place for it. */
function rolesOf(ends: readonly Known[], choices: PinPlanChoices): Role[] {
  return order.filter((role) => {
    if (secondPairRoles.includes(role) && choices.secondPair === 'leave empty') return false;
    if (role === 'cold') return ends.some(({ byRole }) => byRole.has('cold'));
    return ends.every(({ byRole }) => byRole.has(role));
  });
}

/** Where a role goes at an end: its own contact; a cold core without one to the shield's, or nowhere. */
function contactFor({ byRole }: Known, role: Role, { cold }: PinPlanChoices): string | undefined {
  return byRole.get(role) ?? (role === 'cold' && cold === 'tied' ? byRole.get('shield') : undefined);
}

/** Like colours of a quad are one conductor when there are more cores than roles ask for. */
function coreGroups(cores: readonly CableConductor[], wanted: number): CableConductor[][] {
  const colours = [...new Set(cores.map(({ colour, id }) => colour ?? id))];
  const byColour = colours.map((colour) => cores.filter((core) => (core.colour ?? core.id) === colour));
  return byColour.length < cores.length && wanted <= byColour.length + 1
    ? byColour
    : cores.map((core) => [core]);
}

/**
 * Nothing says what the contacts of an end mean: cores to its contacts in their order, as many as another end has signals,
 * the shield on the one after them.
 */
function inOrder(
  ends: readonly Known[],
  conductors: readonly CableConductor[],
  connect: (conductor: CableConductor, end: Known, contact: string | undefined) => Connection[],
): Connection[] {
  const known = ends.find(({ byRole }) => byRole.size > 0);
  const meant = known && order.filter((role) => known.byRole.has(role));
  const shields = conductors.filter(({ kind }) => kind === 'shield');
  const room = Math.min(...ends.map(({ contacts }) => contacts.length - shields.length));
  const cores = conductors.filter(({ kind }) => kind === 'core').slice(0, meant?.length ?? room);
  return ends.flatMap((end) => [
    ...cores.flatMap((core, index) =>
      connect(core, end, end === known ? end.byRole.get(meant![index]!) : end.contacts[index]),
    ),
    ...shields.flatMap((shield) =>
      connect(shield, end, end === known ? end.byRole.get('shield') : end.contacts[cores.length]),
    ),
  ]);
}
