import { describe, expect, test } from '@jest/globals';
import { now } from '../testing/example.ts';
import { deviceProfileSchema, deviceRoles } from './device.ts';
import { houseSchema } from './house.ts';
import { defaultHouse } from './default-house.ts';
import { lengthColour, parseLengthColours, writeLengthColours } from './length-colour.ts';
import { parseWorkingVoltage } from './working-voltage.ts';

describe('ring colour by length', () => {
  const table = parseLengthColours('2 m white; 5 m yellow; 33 ft green');

  test('is that of the first length that is not shorter', () => {
    expect([0.5, 2, 2.01, 5, 9, 40].map((length) => lengthColour(table, length))).toEqual([
      'white',
      'white',
      'yellow',
      'yellow',
      'green',
      null,
    ]);
    expect(lengthColour([...table].reverse(), 1)).toBe('white');
  });

  test('is read as it is written', () => {
    const { lengthColours } = defaultHouse(now);
    expect(parseLengthColours(writeLengthColours(lengthColours))).toEqual(lengthColours);
    expect(parseLengthColours('')).toEqual([]);
  });

  test.each(['white', '2 m', '5 m yellow; 2 m white', '2 m white; 2 m red', 'long blue'])(
    '"%s" is refused',
    (text) => expect(() => parseLengthColours(text)).toThrow(/expected/),
  );
});

describe('working voltage', () => {
  test.each([
    ['12', 'control', 12],
    ['48 V', 'balanced', 48],
    ['24 V dc', 'control', 24],
    ['100 V', 'speaker', 100],
    ['5,5 volts', 'lighting', 5.5],
  ])('"%s" on %s is read', (text, signal, volts) => expect(parseWorkingVoltage(text, signal)).toBe(volts));

  test.each([
    ['230 V', 'control'],
    ['120 V ac', 'lighting'],
    ['mains', 'speaker'],
    ['230', 'speaker'],
    ['100 V', 'balanced'],
    ['a lot', 'control'],
  ])('"%s" on %s is refused, and says whose work it is', (text, signal) =>
    expect(() => parseWorkingVoltage(text, signal)).toThrow(/no mains leads.*licensed hands/),
  );
});

describe('device profiles', () => {
  const device = {
    id: 'd',
    name: 'Controller',
    seriesId: 'terminal-3.81',
    positions: 3,
    roles: { '1': 'shield', '2': 'cold', '3': 'hot' },
  } as const;

  test('are kept with the house, and say what each contact means', () => {
    const house = { ...defaultHouse(now), devices: [deviceProfileSchema.parse(device)] };
    expect(houseSchema.parse(JSON.parse(JSON.stringify(house)))).toEqual(house);
    expect(deviceRoles(house.devices, 'd')).toEqual(device.roles);
    expect(deviceRoles(house.devices, null)).toBeNull();
  });

  test('one that is gone says nothing; one that means nothing known is refused', () => {
    expect(deviceRoles([], 'd')).toBeNull();
    expect(deviceProfileSchema.safeParse({ ...device, roles: { '1': 'live' } }).success).toBe(false);
    expect(deviceProfileSchema.safeParse({ ...device, positions: 25 }).success).toBe(false);
  });

  test('a house from before they existed gets none, and every new practice its default', () => {
    const { devices: _d, lengthColours: _l, practice, ...old } = defaultHouse(now);
    const { cups: _c, spareCore: _s, secondPair: _p, ...earlier } = practice;
    const read = houseSchema.parse({ ...old, practice: earlier });
    expect(read.devices).toEqual([]);
    expect(read.lengthColours.length).toBeGreaterThan(3);
    expect(read.practice).toEqual(practice);
  });
});
