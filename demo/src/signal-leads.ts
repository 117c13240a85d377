import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { DeviceProfile } from '@gorvane/core/house/device.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { EndRequest, LeadRequest } from '@gorvane/core/lead/make-lead.ts';
import { leadWiring } from '@gorvane/core/wiring/lead-wiring.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import type { Ordered } from './design.ts';
import { design, identity } from './design.ts';

/** Devices of the landing whose terminal blocks have an order of their own. */
export const landingDevices: DeviceProfile[] = [
  {
    id: identity('device controller'),
    name: 'Announcement controller, zone input',
    seriesId: 'terminal-3.81',
    positions: 3,
    roles: { '1': 'shield', '2': 'cold', '3': 'hot' },
  },
  {
    id: identity('device player'),
    name: 'Hall message player, line out',
    seriesId: 'terminal-3.81',
    positions: 3,
    roles: { '1': 'hot', '2': 'cold', '3': 'shield' },
  },
];

const end = (connectorId: string, more: Omit<EndRequest, 'connector'> = {}): EndRequest => ({
  connector: connectorById(connectorId),
  ...more,
});

interface Wanted extends Omit<LeadRequest, 'frequencies'> {
  readonly quantity: number;
  readonly done?: number;
  /** The conductors that were changed over at an end of the first that is done. */
  readonly swapped?: { readonly endId: string; readonly conductors: readonly [string, string] };
  readonly found?: string;
  readonly change?: (lead: Lead) => Lead;
}

const load =
  (ohms: number) =>
  (lead: Lead): Lead => ({
    ...lead,
    requirement: { ...lead.requirement, load: { re: ohms, im: 0 } },
  });

const wanted: readonly Wanted[] = [
  {
    quantity: 4,
    done: 3,
    name: 'Waiting-hall microphone lead',
    purpose: 'Floor box to the announcement desk',
    signal: 'balanced',
    cableId: 'mic-pair',
    near: end('xlr-3-socket'),
    far: [end('xlr-3-plug')],
    length: 8,
  },
  {
    quantity: 2,
    done: 1,
    name: 'Ticket-desk lead',
    purpose: 'Message player, 3.5 mm, to two inputs of the desk',
    signal: 'stereo',
    cableId: 'twin-phono',
    near: end('jack-3-trs-large'),
    far: [
      end('jack-6-ts', { channel: 'left', marker: 'white', legLength: 0.4 }),
      end('jack-6-ts', { channel: 'right', marker: 'red', legLength: 0.4 }),
    ],
    length: 1.4,
  },
  {
    quantity: 1,
    name: 'Ticket-desk recorder lead',
    purpose: 'Message player, 3.5 mm, to the recorder',
    signal: 'stereo',
    cableId: 'twin-phono',
    near: end('jack-3-trs-large'),
    far: [
      end('phono-spring', { channel: 'left', marker: 'white', legLength: 0.3 }),
      end('phono-spring', { channel: 'right', marker: 'red', legLength: 0.3 }),
    ],
    length: 1.2,
  },
  {
    quantity: 6,
    done: 2,
    name: 'Deck-band patch lead',
    purpose: 'Pedal to pedal on the deck stage',
    signal: 'unbalanced',
    cableId: 'instrument',
    near: end('jack-6-ts-low-profile'),
    far: [end('jack-6-ts-low-profile')],
    length: 0.2,
    change: (lead) => ({
      ...lead,
      ends: lead.ends.map((each) => (each.id === 'B' ? { ...each, quarterTurns: 2 } : each)),
    }),
  },
  {
    quantity: 1,
    name: 'Hearing-loop lead',
    purpose: 'Desk, flat side by side, to the loop amplifier; two-core cable, one core spare',
    signal: 'unbalanced',
    cableId: 'mic-pair',
    near: end('jack-6-ts-low-profile'),
    far: [end('phono-spring')],
    length: 2.5,
  },
  {
    quantity: 2,
    name: 'Horn speaker lead',
    purpose: 'Constant-voltage line to the horns on the pier, 20 W each',
    signal: 'speaker',
    cableId: 'speaker-2x1.5',
    near: end('speaker-2-cable'),
    far: [end('speaker-2-cable')],
    length: 24,
    environment: 'outdoor',
    change: load(500),
  },
  {
    quantity: 2,
    done: 1,
    name: 'Lounge speaker lead',
    purpose: 'Amplifier posts to the lounge loudspeakers, a pair',
    signal: 'speaker',
    cableId: 'speaker-star-quad-4x2.5',
    near: end('banana-pair'),
    far: [end('spade-pair-6')],
    length: 7,
    change: (lead) => ({
      ...lead,
      ends: lead.ends.map((each, index) => ({
        ...each,
        ...(index === 0 ? { breakout: 0.2, called: 'amplifier' } : { breakout: 0.15, called: 'loudspeaker' }),
      })),
      extraParts: [
        ...lead.extraParts,
        {
          id: 'ring-amplifier',
          kind: 'added',
          what: 'marker ring',
          legId: 'run',
          nearEndId: 'A',
          distance: 0.06,
          colour: 'red',
          length: null,
        },
        {
          id: 'braided-sleeve',
          kind: 'braided sleeve',
          legId: 'run',
          nearEndId: 'A',
          distance: 0.05,
          size: 'sleeve-12',
        },
      ],
    }),
  },
  {
    quantity: 4,
    done: 2,
    name: 'Gangway lighting lead',
    purpose: 'Along the gangway, light to light',
    signal: 'lighting',
    cableId: 'lighting-2-pair',
    near: end('xlr-5-plug'),
    far: [end('xlr-5-socket')],
    length: 12,
    swapped: { endId: 'B', conductors: ['red', 'green'] },
    found: 'second pair reversed at end B',
  },
  {
    quantity: 2,
    name: 'Announcement controller tail',
    purpose: 'Desk to the zone input of the controller',
    signal: 'balanced',
    cableId: 'install-pair',
    near: end('xlr-3-plug'),
    far: [end('terminal-3.81-screw-3', { deviceId: identity('device controller') })],
    length: 3,
  },
];

/** The leads of hall, deck and gangway: audio, loudspeaker, lighting and terminal work. */
export function signalLeads(house: House): Ordered[] {
  return wanted.map(({ quantity, done = 0, swapped, found = '', change, ...request }) => {
    const made = design(
      house,
      { ...request, frequencies: [request.signal === 'lighting' ? 250e3 : 20e3] },
      [],
      change,
    );
    const faults = swapped ? [swapOf(made.lead, swapped)] : [];
    return {
      ...made,
      quantity,
      found,
      finished: Array.from({ length: done }, (_, index) => (index === 0 ? faults : [])),
    };
  });
}

function swapOf(lead: Lead, { endId, conductors }: NonNullable<Wanted['swapped']>): InjectedFault {
  const { terminals } = leadWiring(lead);
  const at = (conductor: string) =>
    terminals.findIndex((terminal) => terminal.endId === endId && terminal.strand?.conductor === conductor);
  return { kind: 'swap', terminals: [at(conductors[0]), at(conductors[1])] };
}
