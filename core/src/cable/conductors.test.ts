import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { LayeredCable } from './cable.ts';
import { loadCable } from './cable.ts';
import { cableById, cableEntries, cables } from './catalogue/catalogue.ts';
import { conductorOf, conductorsOf, resistancePerMetre, twistedDiameter } from './conductors.ts';

const layered = cables.filter((cable): cable is LayeredCable => cable.structure !== 'sheet');
const ids = (cableId: string) => conductorsOf(cableById(cableId) as LayeredCable).map(({ id }) => id);

describe('what comes out of a jacket', () => {
  test.each([
    ['mic-pair', ['white', 'blue', 'shield']],
    ['star-quad-mic', ['white', 'blue', 'white 2', 'blue 2', 'shield']],
    ['install-pair', ['red', 'black', 'shield']],
    ['lighting-2-pair', ['white', 'black', 'red', 'green', 'shield']],
    ['speaker-2x2.5', ['red', 'black']],
    ['speaker-8x2.5', ['red', 'black', 'white', 'green', 'orange', 'blue', 'yellow', 'brown']],
    ['instrument', ['centre', 'shield']],
    ['rg-58', ['centre', 'shield']],
  ])('%s', (cableId, expected) => expect(ids(cableId)).toEqual(expected));

  test('conductors of a cable have ids of their own, copper, and insulation over it', () => {
    for (const cable of layered) {
      const conductors = conductorsOf(cable);
      expect(new Set(conductors.map(({ id }) => id)).size).toBe(conductors.length);
      for (const { kind, area, diameter, insulation } of conductors) {
        // A tube has no tail: only braids, drains and cores can be taken to a contact.
        const tube = cable.structure === 'coax' && cable.tube !== null && kind === 'shield';
        expect([cable.id, tube || area > 0]).toEqual([cable.id, true]);
        if (insulation !== null) expect(insulation).toBeGreaterThan(diameter);
      }
    }
  });

  test('twisted cores share a pair, a quad and parallel cores none', () => {
    const pairs = (cableId: string) =>
      conductorsOf(cableById(cableId) as LayeredCable)
        .filter(({ kind }) => kind === 'core')
        .map(({ pair }) => pair);
    expect(pairs('lighting-2-pair')).toEqual([1, 1, 2, 2]);
    expect(pairs('mic-pair')).toEqual([1, 1]);
    expect(pairs('star-quad-mic')).toEqual([null, null, null, null]);
    expect(pairs('speaker-2x2.5')).toEqual([null, null]);
  });

  test('a cable entered without colours has its cores counted', () => {
    const entry = cableEntries.find(({ id }) => id === 'mic-pair')!;
    if (entry.structure !== 'cores') throw new Error('expected cores');
    const { coreColours: _colours, ...bare } = entry;
    const conductors = conductorsOf(loadCable(bare));
    expect(conductors.map(({ id, colour }) => [id, colour])).toEqual([
      ['core 1', null],
      ['core 2', null],
      ['shield', null],
    ]);
  });

  test('one that is not there is refused by name', () => {
    const cable = cableById('mic-pair') as LayeredCable;
    expect(conductorOf(cable, 'blue').label).toBe('blue');
    expect(() => conductorOf(cable, 'green')).toThrow(/microphone pair, braid has no conductor "green"/);
  });
});

describe('their copper', () => {
  test('strands twisted into one take the room of their areas, never less', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05e-6, max: 10e-6, noNaN: true }), (area) => {
        const diameter = twistedDiameter(area);
        expect((Math.PI / 4) * diameter ** 2).toBeGreaterThan(area);
        expect(twistedDiameter(2 * area)).toBeLessThan(2 * diameter);
      }),
    );
  });

  test('resistance is the most of its gauge: 0.22 mm2 some 89 mohm a metre, 2.5 mm2 7.98', () => {
    const ohms = (cableId: string, id: string, celsius = 20) =>
      resistancePerMetre(cableById(cableId) as LayeredCable, id, celsius);
    expect(ohms('mic-pair', 'white')).toBeCloseTo(0.0886, 3);
    expect(ohms('speaker-2x2.5', 'red')).toBeCloseTo(0.00798, 5);
    expect(ohms('mic-pair', 'white', 45) / ohms('mic-pair', 'white')).toBeCloseTo(1 + 25 * 0.00393, 6);
    expect(ohms('install-pair', 'shield')).toBeGreaterThan(ohms('mic-pair', 'shield'));
    expect(ohms('rg-58', 'shield')).toBeLessThan(ohms('rg-58', 'centre'));
  });
});
