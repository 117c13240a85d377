import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyChanges, conflictsOf, differenceOf, invert } from './difference.ts';
import type { Envelope } from './envelope.ts';
import { mergeRecords } from './merge.ts';

interface Note extends Envelope {
  readonly text: string;
}

const time = (minute: number) => `2026-11-24T08:${String(minute).padStart(2, '0')}:00.000Z`;
/** A revision of a record has one text and one time: two benches that share it share both. */
const note = fc
  .record({
    id: fc.constantFrom('a', 'b', 'c'),
    revision: fc.integer({ min: 1, max: 5 }),
    minute: fc.integer({ min: 0, max: 59 }),
  })
  .map(({ id, revision, minute }): Note => ({
    id,
    schemaVersion: 1,
    revision,
    changedAt: time(minute),
    deleted: (revision + minute) % 7 === 0,
    text: `${id} ${revision} ${minute}`,
  }));
const bench = fc.uniqueArray(note, { selector: ({ id }) => id, maxLength: 3 });
const byId = (records: readonly Note[]) => [...records].sort((a, b) => a.id.localeCompare(b.id));
const merged = (mine: readonly Note[], theirs: readonly Note[]) =>
  byId(mergeRecords(mine, theirs).records as Note[]);

describe('records of two benches', () => {
  test('merge to the same whichever file is read into which', () => {
    fc.assert(fc.property(bench, bench, (a, b) => expect(merged(a, b)).toEqual(merged(b, a))));
  });
  test('merge to the same in whatever order three files come', () => {
    fc.assert(
      fc.property(bench, bench, bench, (a, b, c) =>
        expect(merged(merged(a, b), c)).toEqual(merged(a, merged(b, c))),
      ),
    );
  });
  test('reading a file twice changes nothing more, and none is lost', () => {
    fc.assert(
      fc.property(bench, bench, (a, b) => {
        const once = merged(a, b);
        expect(merged(once, b)).toEqual(once);
        for (const { id, revision } of [...a, ...b])
          expect(once.find((record) => record.id === id)!.revision).toBeGreaterThanOrEqual(revision);
      }),
    );
  });
});

const value = fc.letrec((tie) => ({
  tree: fc.oneof(
    { maxDepth: 3 },
    fc.integer(),
    fc.string({ maxLength: 4 }),
    fc.array(tie('tree'), { maxLength: 3 }),
    fc.dictionary(fc.constantFrom('x', 'y', 'z'), tie('tree'), { maxKeys: 3 }),
  ),
})).tree;
const record = fc.dictionary(fc.constantFrom('p', 'q', 'r'), value, { maxKeys: 3, noNullPrototype: true });

describe('a change as a value', () => {
  test('leads from one record to the other, and inverted back again', () => {
    fc.assert(
      fc.property(record, record, (from, to) => {
        const changes = differenceOf(from, to);
        expect(applyChanges(from, changes)).toEqual(to);
        expect(applyChanges(to, invert(changes))).toEqual(from);
      }),
    );
  });
  test('of nothing is nothing, and the same object comes back', () => {
    fc.assert(
      fc.property(record, (same) => {
        expect(differenceOf(same, structuredClone(same))).toEqual([]);
        expect(applyChanges(same, [])).toBe(same);
      }),
    );
  });
  test('changes at different places do not collide, at the same place they do', () => {
    const base = { name: 'a', size: { w: 1, h: 2 } };
    const mine = differenceOf(base, { name: 'b', size: { w: 1, h: 2 } });
    const theirs = differenceOf(base, { name: 'a', size: { w: 5, h: 2 } });
    expect(conflictsOf(mine, theirs)).toEqual([]);
    expect(conflictsOf(mine, differenceOf(base, { ...base, name: 'c' }))).toHaveLength(1);
    expect(applyChanges(applyChanges(base, mine), theirs)).toEqual({ name: 'b', size: { w: 5, h: 2 } });
  });
});
