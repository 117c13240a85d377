import { describe, expect, test } from '@jest/globals';
import { cables } from '../cable/catalogue/catalogue.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { conductorsOf } from '../cable/conductors.ts';
import { connectorById, pinConnectors } from '../connector/catalogue/catalogue.ts';
import { pinEndsFor } from '../plan/pin-ends.ts';
import type { DeviceProfile } from '../house/device.ts';
import { standsForItsLikes } from '../connector/terminal-block.ts';
import { house } from '../testing/example.ts';
import { inWords, signalLead } from '../testing/signal-lead.ts';
import { blockOrders, plainChoices, proposePinPlan } from './pin-plan.ts';
import { roleOf, signals, usualSignal } from '../connector/signal.ts';

const words = (...args: Parameters<typeof signalLead>) => inWords(signalLead(...args).lead);

describe('the usual pin plan', () => {
  test('balanced 3-pin: shield on 1, the leading core on 2, the other on 3', () => {
    expect(words('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'])).toEqual([
      'A blue 3',
      'A shield 1',
      'A white 2',
      'B blue 3',
      'B shield 1',
      'B white 2',
    ]);
  });

  test('balanced to TRS: 2 to tip, 3 to ring, 1 to sleeve', () => {
    expect(
      words('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-trs']).filter((each) => each.startsWith('B')),
    ).toEqual(['B blue ring', 'B shield sleeve', 'B white tip']);
  });

  test('balanced to unbalanced: cold on the sleeve, or open where that is asked', () => {
    const far = (cold: 'tied' | 'open') =>
      words('balanced', 'mic-pair', ['xlr-3-socket', 'jack-6-ts'], { choices: { cold } }).filter((each) =>
        each.startsWith('B'),
      );
    expect(far('tied')).toEqual(['B blue sleeve', 'B shield sleeve', 'B white tip']);
    expect(far('open')).toEqual(['B shield sleeve', 'B white tip']);
  });

  test('a star quad is two paralleled pairs: like colours on one contact', () => {
    expect(
      words('balanced', 'star-quad-mic', ['xlr-3-socket', 'xlr-3-plug']).filter((each) =>
        each.startsWith('A'),
      ),
    ).toEqual(['A blue 2 3', 'A blue 3', 'A shield 1', 'A white 2', 'A white 2 2']);
    expect(words('speaker', 'speaker-star-quad-4x2.5', ['banana-pair', 'spade-pair-6']).slice(0, 4)).toEqual([
      'A black -',
      'A black 2 -',
      'A red +',
      'A red 2 +',
    ]);
  });

  test('two-core cable on two-contact ends: one core is spare', () => {
    expect(words('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring'])).toEqual([
      'A shield sleeve',
      'A white tip',
      'B shield sleeve',
      'B white tip',
    ]);
  });

  test('lighting: data - and + of each pair on cores that are twisted together, screen on 1 only', () => {
    expect(words('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']).slice(0, 5)).toEqual([
      'A black 2',
      'A green 4',
      'A red 5',
      'A shield 1',
      'A white 3',
    ]);
    const empty = words('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket'], {
      choices: { secondPair: 'leave empty' },
    });
    expect(empty).not.toContain('A red 5');
    expect(empty).toHaveLength(6);
  });

  test('5 pins to RJ45 crosses 2 and 3 (ANSI E1.27-2); to 3 pins the second pair is left', () => {
    const far = (id: string) =>
      words('lighting', 'lighting-2-pair', ['xlr-5-plug', id]).filter((each) => each.startsWith('B'));
    expect(far('rj45-lighting')).toEqual(['B black 2', 'B green 6', 'B red 3', 'B shield 7', 'B white 1']);
    expect(far('xlr-3-plug')).toEqual(['B black 2', 'B shield 1', 'B white 3']);
  });

  test('the shield at one end only, where that is asked', () => {
    const plan = words('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], {
      choices: { shield: 'first end' },
    });
    expect(plan).toContain('A shield 1');
    expect(plan).not.toContain('B shield 1');
  });

  test('speaker: as many channels as both ends and the cable have', () => {
    const near = (cableId: string, id: string) =>
      words('speaker', cableId, [id, id]).filter((each) => each.startsWith('A'));
    expect(near('speaker-2x2.5', 'speaker-4-cable')).toEqual(['A black 1-', 'A red 1+']);
    expect(near('speaker-4x2.5', 'speaker-4-cable')).toEqual([
      'A black 1-',
      'A green 2-',
      'A red 1+',
      'A white 2+',
    ]);
    expect(near('speaker-8x2.5', 'speaker-8-cable')).toHaveLength(8);
  });
});

describe('a terminal block', () => {
  const device = (roles: DeviceProfile['roles']): DeviceProfile => ({
    id: 'device',
    name: 'Controller',
    seriesId: 'terminal-3.81',
    positions: 3,
    roles,
  });
  const tail = (devices: DeviceProfile[]) =>
    signalLead(
      'balanced',
      'install-pair',
      ['xlr-3-plug', { id: 'terminal-3.81-screw-3', deviceId: devices.length > 0 ? 'device' : undefined }],
      { house: { ...house, devices } },
    ).lead;

  test.each([
    [{ '1': 'hot', '2': 'cold', '3': 'shield' }, ['B black 2', 'B red 1', 'B shield 3']],
    [{ '1': 'shield', '2': 'cold', '3': 'hot' }, ['B black 2', 'B red 3', 'B shield 1']],
  ] as const)('follows its device: %j', (roles, expected) =>
    expect(inWords(tail([device(roles)])).filter((each) => each.startsWith('B'))).toEqual(expected),
  );

  test('without a profile takes conductors in their order, signals first, the shield last', () => {
    expect(inWords(tail([]))).toEqual([
      'A black 3',
      'A red 2',
      'A shield 1',
      'B black 2',
      'B red 1',
      'B shield 3',
    ]);
  });

  test.each(blockOrders.map(({ label, order }) => [label, order] as const))(
    'takes a whole plan by its order: %s; hot stays red on contact 2 of the plug',
    (_, order) => {
      const bare = tail([]);
      const lead = { ...bare, pinPlan: proposePinPlan(bare, [], { ...plainChoices, blockOrder: order }) };
      const wire = { hot: 'red', cold: 'black', shield: 'shield' } as const;
      const block = order.map((role, index) => `B ${wire[role as 'hot']} ${index + 1}`);
      expect(inWords(lead)).toEqual(['A black 3', 'A red 2', 'A shield 1', ...block.sort()]);
    },
  );

  test('whose device says its order keeps it, whatever order is taken', () => {
    const lead = tail([device({ '1': 'shield', '2': 'cold', '3': 'hot' })]);
    const devices = [device({ '1': 'shield', '2': 'cold', '3': 'hot' })];
    const taken = proposePinPlan(lead, devices, { ...plainChoices, blockOrder: ['hot', 'cold', 'shield'] });
    expect(inWords({ ...lead, pinPlan: taken })).toEqual(inWords(lead));
  });

  test('another profile on the same lead gives another plan', () => {
    const lead = tail([device({ '1': 'hot', '2': 'cold', '3': 'shield' })]);
    const turned = proposePinPlan(lead, [device({ '1': 'cold', '2': 'hot', '3': 'shield' })]);
    expect(turned.find(({ endId, contact }) => endId === 'B' && contact === '2')!.conductor).toBe('red');
  });
});

test('whatever the cable and both ends, a plan names only what exists, and no core twice at an end', () => {
  const layered = cables.filter((cable): cable is LayeredCable => cable.structure !== 'sheet');
  const wrong: string[] = [];
  let made = 0;
  for (const cable of layered) {
    const known = new Set(conductorsOf(cable).map(({ id }) => id));
    const ends = pinEndsFor(cable, house).filter(standsForItsLikes);
    for (const near of ends)
      for (const far of ends.slice(0, 12)) {
        const { lead } = signalLead(usualSignal(near), cable.id, [near.id, far.id]);
        const contactsOf = new Map(
          lead.ends.map(({ id, connectorId }) => [
            id,
            new Set(connectorById(connectorId).contacts.flatMap((each) => (each.isShell ? [] : [each.id]))),
          ]),
        );
        const seats = new Set<string>();
        for (const { conductor, endId, contact } of lead.pinPlan) {
          const seat = `${endId} ${conductor}`;
          if (!known.has(conductor) || !contactsOf.get(endId)!.has(contact) || seats.has(seat))
            wrong.push(`${cable.id}, ${near.id} to ${far.id}: ${seat} on ${contact}`);
          seats.add(seat);
        }
        made += 1;
      }
  }
  expect(wrong).toEqual([]);
  expect(made).toBeGreaterThan(500);
});

test('a device comes before a convention, and a half of stereo before hot', () => {
  const phono = connectorById('phono-spring');
  const end = { connector: phono, channel: 'right', deviceRoles: null } as const;
  expect(roleOf('stereo', end, 'tip')).toBe('right');
  expect(roleOf('unbalanced', end, 'tip')).toBe('hot');
  expect(roleOf('stereo', { ...end, deviceRoles: { tip: 'left' } }, 'tip')).toBe('left');
  expect(roleOf('stereo', { ...end, deviceRoles: { tip: 'left' } }, 'sleeve')).toBe('unused');
});

test('every end is used for something that its contacts have a meaning for', () => {
  for (const connector of pinConnectors) {
    const signal = usualSignal(connector);
    expect(signals).toContain(signal);
    if (connector.series.layout === 'row') continue;
    const end = { connector, channel: null, deviceRoles: null };
    const meant = connector.contacts.filter(({ id }) => roleOf(signal, end, id) !== undefined);
    expect([connector.id, meant.length > 1]).toEqual([connector.id, true]);
  }
});
