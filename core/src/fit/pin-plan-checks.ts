import {
  deviceGone,
  leadsNowhere,
  nothingConnected,
  onTwoContacts,
  polarityTurned,
  rolesMeet,
  secondPairEmpty,
  shieldMissing,
  shieldOnShell,
  splitPair,
} from '../words/pin-check.ts';
import { conductorOf } from '../cable/conductors.ts';
import type { DeviceProfile } from '../house/device.ts';
import { isDeviceGone } from '../house/device.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import type { Role } from '../connector/signal.ts';
import { roleOf } from '../connector/signal.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { plannedPartition } from '../wiring/wiring.ts';
import { audioChecks } from './audio-pin-checks.ts';
import type { PinWeight, PinCheck, KnownEnd } from './pin-check.ts';
import { check } from './pin-check.ts';

const order: Readonly<Record<PinWeight, number>> = { wrong: 0, risk: 1, note: 2 };

/** What the pin plan of a lead does that wants a look, the gravest first. A radio lead has nothing to choose. */
export function pinPlanChecks(
  lead: Lead,
  ends: readonly KnownEnd[],
  devices: readonly DeviceProfile[],
): PinCheck[] {
  if (lead.pinPlan.length === 0) return [check('nothing connected', 'wrong', nothingConnected)];
  if (lead.signal === 'radio') return [];
  const nets = roleNets(lead, devices);
  return [
    ...goneDevices(lead, devices),
    ...doubles(lead),
    ...nets.flatMap((net) => netChecks(lead, net)),
    ...shieldChecks(lead, ends),
    ...pairChecks(lead, devices),
    ...audioChecks(lead, ends),
    ...lightingChecks(lead, ends, nets),
  ].sort((a, b) => order[a.weight] - order[b.weight]);
}

/** An import brings a lead and not the house that it was planned in. */
const goneDevices = ({ ends }: Lead, devices: readonly DeviceProfile[]): PinCheck[] =>
  ends
    .filter(({ deviceId }) => isDeviceGone(devices, deviceId))
    .map(({ name }) => check('device gone', 'risk', deviceGone(name)));

/** Contacts that hang together, with what each means. */
interface Net {
  readonly contacts: readonly {
    readonly end: LeadEnd;
    readonly contact: string;
    readonly role: Role | undefined;
  }[];
}

function roleNets(lead: Lead, devices: readonly DeviceProfile[]): Net[] {
  const wiring = leadWiring(lead);
  const partition = plannedPartition(wiring);
  const used = new Set(lead.pinPlan.map(({ endId, contact }) => `${endId}.${contact}`));
  const nets = new Map<number, Net['contacts'][number][]>();
  wiring.points.forEach(({ id, endId, contact }, index) => {
    if (!used.has(id)) return;
    const end = endById(lead, endId);
    const role = roleOf(lead.signal, signalEnd(lead, end, devices), contact);
    nets.set(partition[index]!, [...(nets.get(partition[index]!) ?? []), { end, contact, role }]);
  });
  return [...nets.values()].map((contacts) => ({ contacts }));
}

const opposites: readonly (readonly [Role, Role])[] = [
  ['hot', 'cold'],
  ['data 1+', 'data 1-'],
  ['data 2+', 'data 2-'],
  ['1+', '1-'],
  ['2+', '2-'],
  ['3+', '3-'],
  ['4+', '4-'],
];

function netChecks(lead: Lead, { contacts }: Net): PinCheck[] {
  const meant = contacts.filter(({ role }) => role !== undefined && role !== 'unused');
  const roles = [...new Set(meant.map(({ role }) => role!))];
  const where = meant.map(({ end, contact, role }) => `end ${end.name} ${contact} (${role})`).join(', ');
  const reached = new Set(contacts.map(({ end }) => end.id));
  if (reached.size === 1 && contacts.every(({ role }) => role !== 'shield'))
    return [
      check(
        'no way on',
        'risk',
        leadsNowhere(where || contacts.map(({ end, contact }) => `end ${end.name} ${contact}`).join(', ')),
      ),
    ];
  if (roles.length < 2) return [];
  const [first, second] = roles;
  const opposite = opposites.some((pair) => pair.includes(first!) && pair.includes(second!));
  if (roles.length === 2 && opposite) return [check('polarity', 'wrong', polarityTurned(where, lead.signal))];
  // Cold on the shield contact of an unbalanced end is a choice, and spoken of elsewhere.
  if (roles.length === 2 && roles.includes('shield') && roles.includes('cold')) return [];
  return [check('roles meet', 'wrong', rolesMeet(where))];
}

function doubles(lead: Lead): PinCheck[] {
  return lead.pinPlan.flatMap((connection, index) => {
    const other = lead.pinPlan.findIndex(
      ({ pieceId, conductor, endId }) =>
        pieceId === connection.pieceId && conductor === connection.conductor && endId === connection.endId,
    );
    if (other === index) return [];
    const end = endById(lead, connection.endId);
    return [
      check(
        'double',
        'wrong',
        onTwoContacts(connection.conductor, end.name, [lead.pinPlan[other]!.contact, connection.contact]),
      ),
    ];
  });
}

const shieldsAt = ({ input }: KnownEnd) =>
  input.joints.filter(({ conductors }) => conductors.some(({ kind }) => kind === 'shield'));

function shieldChecks(lead: Lead, ends: readonly KnownEnd[]): PinCheck[] {
  const onShell = ends.filter((end) => shieldsAt(end).some(({ contact }) => contact.isShell));
  const shell = onShell.map(({ end }) =>
    lead.signal === 'lighting'
      ? check('shield on the shell', 'wrong', shieldOnShell.lighting(end.name))
      : check('shield on the shell', 'risk', shieldOnShell.other(end.name)),
  );
  const hasShield = lead.pieces.some(({ cableId }) => {
    const cable = leadCable(lead, cableId);
    return cable.structure === 'coax' || cable.shield !== null;
  });
  if (lead.signal === 'speaker') return shell;
  if (!hasShield) return [...shell, check('shield missing', 'risk', shieldMissing.inCable)];
  const without = ends.filter((end) => shieldsAt(end).length === 0);
  const one = without.length > 0 && without.length < ends.length;
  return [
    ...shell,
    ...without.map(({ end }) =>
      check(
        'shield missing',
        one && lead.signal !== 'unbalanced' ? 'note' : 'wrong',
        one && lead.signal !== 'unbalanced'
          ? shieldMissing.openAtOne(end.name)
          : shieldMissing.notConnected(end.name, lead.signal === 'unbalanced'),
      ),
    ),
  ];
}

/** Roles that belong together must run on cores that are twisted together. */
function pairChecks(lead: Lead, devices: readonly DeviceProfile[]): PinCheck[] {
  const pairOf = (role: Role) => {
    const places = lead.pinPlan.filter(
      ({ endId, contact }) =>
        roleOf(lead.signal, signalEnd(lead, endById(lead, endId), devices), contact) === role,
    );
    return new Set(
      places.map(({ pieceId, conductor }) => {
        const cable = leadCable(lead, lead.pieces.find(({ id }) => id === pieceId)!.cableId);
        const { pair } = conductorOf(cable, conductor);
        return pair === null ? null : `${pieceId} ${pair}`;
      }),
    );
  };
  if (lead.signal === 'speaker') return [];
  return opposites.flatMap(([plus, minus]) => {
    const [a, b] = [pairOf(plus), pairOf(minus)];
    const split = [...a].some((pair) => pair !== null && b.size > 0 && !b.has(pair));
    return split ? [check('split pair', 'wrong', splitPair(plus, minus))] : [];
  });
}

function lightingChecks(lead: Lead, ends: readonly KnownEnd[], nets: readonly Net[]): PinCheck[] {
  if (lead.signal !== 'lighting') return [];
  const all = ends.every(({ input }) =>
    input.connector.contacts.some(
      ({ id }) => input.connector.series.kind === 'pins' && ['4', '6'].includes(id),
    ),
  );
  const second = nets.some(({ contacts }) =>
    contacts.some(({ role }) => role === 'data 2+' || role === 'data 2-'),
  );
  if (!all || second) return [];
  return [check('second pair', 'note', secondPairEmpty)];
}
