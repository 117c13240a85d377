import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bundleDiameter } from '../cable/bundle.ts';
import { Precedence } from './precedence.ts';
import { reopen } from './refusal.ts';
import type { ThreadPart, ThreadRun } from './run.ts';
import { waysOnto } from './way.ts';

const part = (
  id: string,
  legId: string,
  place: number,
  opening: number,
  outside = opening + 1,
): ThreadPart => ({
  id,
  label: id,
  legId,
  place,
  opening,
  outside,
  fixedOutside: outside,
  fixedBy: `close ${legId}`,
});

/** A straight run: end a, leg A, splice s, leg B, end b. Millimetres for ease. */
function splicedRun(parts: ThreadPart[], done: string[] = []): ThreadRun {
  return {
    nodes: [
      { id: 'a', kind: 'end', label: 'end a' },
      { id: 's', kind: 'splice', label: 'the splice' },
      { id: 'b', kind: 'end', label: 'end b' },
    ],
    legs: [
      { id: 'A', fromNodeId: 'a', toNodeId: 's', diameter: 10, length: 1000 },
      { id: 'B', fromNodeId: 's', toNodeId: 'b', diameter: 10, length: 1000 },
    ],
    parts,
    events: [
      { id: 'close A', label: 'a', closes: { nodeId: 'a', diameter: 25 }, after: [] },
      { id: 'join', label: 'joined', closes: { nodeId: 's', diameter: 18 }, after: [] },
      { id: 'close B', label: 'b', closes: { nodeId: 'b', diameter: 25 }, after: ['join'] },
    ],
    done,
    on: [],
  };
}

describe('ways on to a run', () => {
  test('from an end, from the open splice, or later through the joined splice', () => {
    const run = splicedRun([part('tube', 'A', 900, 20)]);
    const ways = waysOnto(run, run.parts[0]!);
    expect(
      ways.map(({ entryNodeId, beforeEvents, afterEvents }) => [
        entryNodeId,
        beforeEvents.map(({ eventId }) => eventId),
        afterEvents,
      ]),
    ).toEqual([
      ['a', ['close A'], []],
      ['s', ['join'], []],
      ['b', ['close B'], ['join']],
    ]);
  });

  test('a tube too small for the splice cannot come through it', () => {
    const run = splicedRun([part('tube', 'A', 900, 15)]);
    expect(waysOnto(run, run.parts[0]!).map(({ blocks }) => blocks.map(({ id }) => id))).toEqual([
      [],
      [],
      ['s'],
    ]);
  });

  test('a tube that does not pass its own cable has no way at all', () => {
    const run = splicedRun([part('tube', 'A', 900, 9.5)]);
    expect(
      waysOnto(run, run.parts[0]!).every(({ blocks }) => blocks.some(({ kind }) => kind === 'cable')),
    ).toBe(true);
  });

  test('only parts on the way are in the way', () => {
    const run = splicedRun([
      part('deep', 'A', 500, 12),
      part('near a', 'A', 100, 14),
      part('near s', 'A', 900, 14),
    ]);
    const beforeParts = (entry: string) =>
      waysOnto(run, run.parts[0]!)
        .find(({ entryNodeId }) => entryNodeId === entry)!
        .beforeParts.map(({ partId }) => partId);
    expect(beforeParts('a')).toEqual(['near a']);
    expect(beforeParts('s')).toEqual(['near s']);
  });

  test('what is closed from the start blocks, what is open only presses for time', () => {
    const run = splicedRun([part('tube', 'A', 900, 20)], ['close A', 'join', 'close B']);
    expect(waysOnto(run, run.parts[0]!).map(({ blocks }) => blocks.map(({ id }) => id))).toEqual([
      ['a'],
      ['b'],
    ]);
  });
});

describe('cutting an end off again', () => {
  test('undoes all that stood on it and loses the parts it fixed', () => {
    const run = {
      ...splicedRun([part('one', 'A', 100, 12), part('two', 'B', 100, 12)], ['close A', 'join', 'close B']),
      on: ['one', 'two'],
    };
    expect(reopen(run, 'join')).toMatchObject({ done: ['close A'], on: ['one'] });
    expect(reopen(run, 'close A')).toMatchObject({ done: ['join', 'close B'], on: ['two'] });
  });
});

describe('bundles', () => {
  const diameters = fc.array(fc.double({ min: 0.5, max: 20, noNaN: true }), { minLength: 1, maxLength: 8 });
  test('are never thinner than their thickest, never wider than all in a row, and grow with every cable', () => {
    fc.assert(
      fc.property(diameters, fc.double({ min: 0.5, max: 20, noNaN: true }), (all, more) => {
        const bundle = bundleDiameter(all);
        expect(bundle).toBeGreaterThanOrEqual(Math.max(...all) - 1e-9);
        expect(bundle).toBeLessThanOrEqual(all.reduce((sum, d) => sum + d, 0) + 1e-9);
        expect(bundleDiameter([...all, more])).toBeGreaterThanOrEqual(bundle - 1e-9);
      }),
    );
  });
  test('known packings of equal circles', () => {
    expect(bundleDiameter([5, 5])).toBe(10);
    expect(bundleDiameter([5, 5, 5])).toBeCloseTo(5 * (1 + 2 / Math.sqrt(3)), 1);
    expect(bundleDiameter(Array<number>(7).fill(5))).toBeCloseTo(15, 9);
  });
});

describe('precedence', () => {
  const ids = Array.from({ length: 40 }, (_, index) => `n${index}`);

  test('agrees with a plain search over all edges, and refuses exactly the circles', () => {
    const node = fc.integer({ min: 0, max: 39 });
    fc.assert(
      fc.property(fc.array(fc.tuple(node, node), { maxLength: 80 }), (edges) => {
        const order = new Precedence(ids);
        const accepted: [number, number][] = [];
        const reaches = (from: number, to: number): boolean => {
          const seen = new Set([from]);
          const waiting = [from];
          for (let at = waiting.pop(); at !== undefined; at = waiting.pop())
            for (const [a, b] of accepted)
              if (a === at && !seen.has(b)) {
                seen.add(b);
                waiting.push(b);
              }
          return from !== to && seen.has(to);
        };
        for (const [a, b] of edges) {
          const circle = a === b || reaches(b, a);
          expect(order.add(ids[a]!, ids[b]!)).toBe(!circle);
          if (!circle) accepted.push([a, b]);
        }
        for (const [a, b] of edges) expect(order.leads(ids[a]!, ids[b]!)).toBe(reaches(a, b));
      }),
    );
  });

  test('a copy can be tried on without touching the first', () => {
    const order = new Precedence(['a', 'b', 'c']);
    order.add('a', 'b');
    const twin = order.copy();
    expect(twin.add('b', 'a')).toBe(false);
    expect(twin.add('b', 'c')).toBe(true);
    expect([twin.leads('a', 'c'), order.leads('a', 'c')]).toEqual([true, false]);
  });

  test('what has happened already comes before everything', () => {
    const order = new Precedence(['a']);
    expect(order.add('done before', 'a')).toBe(true);
    expect(order.add('a', 'done before')).toBe(false);
  });
});
