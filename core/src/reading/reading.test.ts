import { describe, expect, test } from '@jest/globals';
import { newInstrument } from '../house/new-instrument.ts';
import type { Readings } from './reading.ts';
import { isOverdue } from './overdue.ts';
import { isEmptyTake } from './reading.ts';
import { instrumentsOf, quantitiesIn, readBy, readWith } from './typed-from.ts';

const bare: Readings = { by: 'Bench one', instrument: 'by hand', celsius: 20, pairs: [] };
const multimeter = newInstrument('multimeter', 'multimeter');
const tester = newInstrument('insulation tester', 'insulation tester');

test.each([
  ['2026-11-10', '2026-11-09T23:59:00Z', false],
  ['2026-11-10', '2026-11-10T08:00:00Z', false],
  ['2026-11-10', '2026-11-11T00:01:00Z', true],
  [null, '2026-11-11T00:01:00Z', undefined],
])('a calibration that holds until %s, on %s: overdue %s', (due, day, overdue) =>
  expect(isOverdue({ due }, day)).toBe(overdue),
);

describe('what a hand read with', () => {
  const chosen = { ohms: multimeter, insulation: tester, farads: newInstrument('capacitance meter', 'c') };

  test.each<[Partial<Readings>, string[]]>([
    [{}, []],
    [{ pairs: [{ from: 'A.1', to: 'B.1', connected: true }] }, []],
    [{ pairs: [{ from: 'A.1', to: 'B.1', ohms: null }] }, ['ohms']],
    [{ family: { load: 50 } }, ['ohms']],
    [{ family: { 'terminator 1': 120 } }, ['ohms']],
    [{ family: { 'pair 1': 1e-9 } }, ['farads']],
    [{ family: { 'rejection choke': 20 } }, ['loss']],
    [{ insulationOhms: 1e9 }, ['insulation']],
    [{ spots: [{ hertz: 1e6, loss: 1 }] }, ['loss']],
    [{ spots: [{ hertz: 1e6, returnLoss: 20 }] }, ['match']],
    [{ length: 3 }, ['length']],
  ])('%j was read with what reads %j', (read, quantities) => {
    expect([...quantitiesIn({ ...bare, ...read })]).toEqual(quantities);
    expect(isEmptyTake({ ...bare, ...read })).toBe(Object.keys(read).length === 0);
  });

  test('only what it holds is named, as it stood; the leads of a two-wire meter beside it', () => {
    const ohms = { ...bare, pairs: [{ from: 'A.1', to: 'B.1', ohms: 0.4 }] };
    const take = readWith(ohms, chosen, 0.3);
    expect(take).toMatchObject({ typedFrom: { ohms: { kind: 'multimeter' } }, leadsOhms: 0.3 });
    expect(Object.keys(take.typedFrom!)).toEqual(['ohms']);
    expect([readBy(take, 'ohms'), readBy(take, 'farads')]).toEqual(['by hand, multimeter', 'by hand']);
    expect(instrumentsOf(take).map(({ name }) => name)).toEqual(['multimeter']);
    // With another meter the leads of the first say nothing.
    const four = readWith(take, { ohms: newInstrument('milliohm meter', 'm') }, 0.3);
    expect([four.leadsOhms, four.typedFrom!.ohms!.kind]).toEqual([undefined, 'milliohm meter']);
  });
});
