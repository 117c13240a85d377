import { describe, expect, test } from '@jest/globals';
import type { Readings } from '../reading/reading.ts';
import { byHand, handTake, withHandTake, withTake } from './takes.ts';

const take = (instrument: string, change: Partial<Readings> = {}): Readings => ({
  by: 'Bench one',
  instrument,
  celsius: 20,
  pairs: [],
  ...change,
});
const pair = (from: string, to: string, ohms: number) => ({ from, to, ohms });
const farads = [{ from: 'A.1', to: 'A.2', farads: 1e-10 }];

describe('readings side by side', () => {
  test('another instrument stands beside, the same one reads again what it reads again', () => {
    const first = withTake([], take('tester', { pairs: [pair('A.1', 'B.1', 0.1), pair('A.2', 'B.2', 0.2)] }));
    const second = withTake(first, take('meter', { family: { load: 50 } }));
    const third = withTake(second, take('tester', { pairs: [pair('B.1', 'A.1', 0.3)] }));
    expect(third.map(({ instrument }) => instrument)).toEqual(['tester', 'meter']);
    expect(third[0]!.pairs).toEqual([pair('A.2', 'B.2', 0.2), pair('B.1', 'A.1', 0.3)]);
    expect(withTake(third, take('meter', { family: { capacitance: 1e-10 } }))[1]!.family).toEqual({
      load: 50,
      capacitance: 1e-10,
    });
  });

  test('two instruments of one name are told apart by their serial', () => {
    const device = (serial: string) => ({ device: { serial } as Readings['device'] });
    const both = [1, 2].reduce<Readings[]>(
      (takes, n) => withTake(takes, take('tester', { ...device(String(n)), insulationOhms: n })),
      [],
    );
    expect(both).toHaveLength(2);
  });

  test('paths read anew take the place of an earlier fault off the table', () => {
    const placed = withTake([take('tester', { pairs: [pair('A.1', 'B.1', 1)] })], take('meter', { farads }));
    expect(withTake(placed, take('meter', { family: { load: 50 } })).at(-1)!.farads).toEqual(farads);
    const again = withTake(placed, take('tester', { pairs: [pair('A.1', 'B.1', 0.1)] }));
    expect(again.flatMap((each) => each.farads ?? [])).toEqual([]);
  });

  test('the hand has one take, which goes when it is emptied', () => {
    const hand = handTake([], 'Mara', 20);
    expect(hand.instrument).toBe(byHand);
    const typed = withHandTake([take('tester', { insulationOhms: 1 })], { ...hand, insulationOhms: 2 });
    expect(typed.map(({ instrument }) => instrument)).toEqual(['tester', byHand]);
    expect(handTake(typed, 'Mara', 20).insulationOhms).toBe(2);
    expect(withHandTake(typed, hand).map(({ instrument }) => instrument)).toEqual(['tester']);
  });
});
