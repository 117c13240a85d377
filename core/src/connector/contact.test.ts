import { describe, expect, test } from '@jest/globals';
import { pinConnectors } from './catalogue/catalogue.ts';
import { contactOf } from './connector.ts';
import { contactsOfLayout, contactsSeen, layouts, mirrored } from './contact.ts';
import { pinSeries, pinSeriesById } from './pin-series.ts';

/** Contacts as read off a face: row by row from the top, each from the left. */
function read(
  layout: 'round-3' | 'round-5' | 'modular',
  sex: 'plug' | 'socket',
  side: 'mating side' | 'solder side',
): string {
  const rows = new Map<number, { id: string; x: number }[]>();
  for (const { id, at, isShell } of contactsSeen(layouts[layout], sex, side)) {
    if (isShell) continue;
    const y = Math.round(at[1] * 1e5);
    rows.set(y, [...(rows.get(y) ?? []), { id, x: at[0] }]);
  }
  return [...rows]
    .sort(([a], [b]) => b - a)
    .map(([, row]) =>
      [...row]
        .sort((a, b) => a.x - b.x)
        .map(({ id }) => id)
        .join(' '),
    )
    .join(' / ');
}

describe('faces, key on top, against their standards', () => {
  test.each([
    ['round-3', 'plug', 'mating side', '1 2 / 3'],
    ['round-3', 'plug', 'solder side', '2 1 / 3'],
    ['round-3', 'socket', 'mating side', '2 1 / 3'],
    ['round-3', 'socket', 'solder side', '1 2 / 3'],
    ['round-5', 'plug', 'mating side', '1 5 / 2 4 / 3'],
    ['round-5', 'plug', 'solder side', '5 1 / 4 2 / 3'],
    ['round-5', 'socket', 'mating side', '5 1 / 4 2 / 3'],
    ['round-5', 'socket', 'solder side', '1 5 / 2 4 / 3'],
    ['modular', 'plug', 'mating side', '8 7 6 5 4 3 2 1'],
    ['modular', 'plug', 'solder side', '1 2 3 4 5 6 7 8'],
  ] as const)('%s %s, %s', (layout, sex, side, expected) => {
    // Contacts of one height are read together; five contacts stand at three heights.
    expect(read(layout, sex, side)).toBe(expected);
  });

  test('plug and socket mirror each other, and so do both sides of one', () => {
    for (const { layout } of pinSeries) {
      const contacts = contactsOfLayout(layout, 5, 3.81e-3);
      const seen = (sex: 'plug' | 'socket', side: 'mating side' | 'solder side') =>
        contactsSeen(contacts, sex, side);
      expect(seen('socket', 'mating side')).toEqual(seen('plug', 'solder side'));
      expect(seen('plug', 'mating side').map(mirrored)).toEqual(seen('plug', 'solder side'));
      expect(contacts.map(mirrored).map(mirrored)).toEqual(contacts);
    }
  });
});

describe('contacts of the catalogue', () => {
  test('have names of their own, places of their own, and a shell only where there is one', () => {
    for (const { id, contacts, series } of pinConnectors) {
      const ids = contacts.map((contact) => contact.id);
      expect([id, new Set(ids).size]).toEqual([id, ids.length]);
      const places = contacts.filter(({ isShell }) => !isShell).map(({ at }) => at.join());
      expect([id, new Set(places).size]).toEqual([id, places.length]);
      const shell = contacts.some(({ isShell }) => isShell);
      expect([id, shell]).toEqual([id, ['round-3', 'round-5', 'modular'].includes(series.layout)]);
    }
  });

  test('terminal blocks of every size from 2 to 24, a pitch apart', () => {
    for (const pitch of ['3.5', '3.81', '5.08'])
      for (const clamp of ['screw', 'spring'])
        for (const rightAngle of [false, true]) {
          const blocks = pinConnectors.filter(
            (block) =>
              block.series.id === `terminal-${pitch}` &&
              block.contactFixing === clamp &&
              block.rightAngle === rightAngle,
          );
          expect(blocks.map(({ contacts }) => contacts.length)).toEqual(
            Array.from({ length: 23 }, (_, index) => index + 2),
          );
          const { contacts } = blocks[4]!;
          for (const [index, { at }] of contacts.slice(1).entries())
            expect(at[0] - contacts[index]!.at[0]).toBeCloseTo(Number(pitch) * 1e-3, 9);
        }
  });

  test('one that an end does not have is refused with those it has', () => {
    const plug = pinConnectors.find(({ id }) => id === 'xlr-3-plug')!;
    expect(contactOf(plug, '2').id).toBe('2');
    expect(() => contactOf(plug, '4')).toThrow(/3-pin XLR plug has no contact "4": it has 1, 2, 3, shell/);
    expect(() => pinSeriesById('round-7')).toThrow(/no series "round-7"/);
  });

  test('every end has its pairs of sexes: plug and socket where both are made', () => {
    const sexes = (series: string) => [
      ...new Set(pinConnectors.filter((connector) => connector.series.id === series).map(({ sex }) => sex)),
    ];
    for (const series of ['round-3', 'round-5', 'speaker-2', 'speaker-4', 'speaker-8'])
      expect(sexes(series).sort()).toEqual(['plug', 'socket']);
  });
});
