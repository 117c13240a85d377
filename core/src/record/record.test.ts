import { describe, expect, test } from '@jest/globals';
import { bytesToHex } from '@noble/hashes/utils.js';
import fc from 'fast-check';
// By its file: by its name it is the one of the tests.
import { sha256 as shipped } from '../../../node_modules/@noble/hashes/sha2.js';
import type { UnitEvent } from '../unit/unit.ts';
import { canonicalJson } from './canonical-json.ts';
import { nextEvent, verifyChain } from './chain.ts';
import { checksum } from './checksum.ts';
import { applyChanges, conflictsOf, differenceOf, invert } from './difference.ts';
import { firstRevision, revise } from './revise.ts';
import { mergeRecords } from './merge.ts';

const at = (second: number) => `2026-11-24T08:00:0${second}.000Z`;

describe('record chain', () => {
  const grow = (chain: UnitEvent[], partId: string, id: string) => [
    ...chain,
    nextEvent(chain, 'u', { kind: 'part on', partId }, { id, by: 'Bench one', at: at(chain.length) }),
  ];
  const chain = ['a', 'b', 'c'].reduce((so, partId) => grow(so, partId, `id ${partId}`), [] as UnitEvent[]);

  test('a whole chain has no findings', () => expect(verifyChain(chain)).toEqual([]));
  test('an entry changed afterwards is found', () => {
    const forged = chain.map((event, index) => (index === 1 ? { ...event, by: 'Someone else' } : event));
    expect(verifyChain(forged)).toEqual([{ code: 'changed', number: 1 }]);
  });
  test('an entry taken out is found', () =>
    expect(verifyChain([chain[0]!, chain[2]!])).toEqual([{ code: 'missing before', number: 2 }]));
  test('two continuations after a merge are both kept and flagged', () => {
    const other = grow(chain.slice(0, 2), 'd', 'id d').at(-1)!;
    expect(verifyChain([...chain, other])).toEqual([{ code: 'two continuations', number: 2 }]);
  });
});

test('canonical JSON does not depend on the order of keys, and leaves out what is undefined', () => {
  expect(canonicalJson({ b: 1, a: [{ d: null, c: 'x' }], e: undefined })).toBe(
    '{"a":[{"c":"x","d":null}],"b":1}',
  );
});

test.each([
  ['a "quoted" \\ text', '"a \\"quoted\\" \\\\ text"'],
  ['a line\nand a tab\t', '"a line\\nand a tab\\t"'],
  ['75 Ω, 3,4 m – 20 °C', '"75 Ω, 3,4 m – 20 °C"'],
  ['half a \ud83d pair', '"half a \\ud83d pair"'],
])('canonical JSON writes a text and a key as JSON does: %j', (text, written) => {
  expect(canonicalJson(text)).toBe(written);
  expect(canonicalJson({ [text]: [text] })).toBe(`{${written}:[${written}]}`);
});

test.each(['', 'Ω'.repeat(2730), 'Ω'.repeat(2731), 'x'.repeat(9000)])(
  'the checksum of a text is that of its UTF-8, however long it is (%#)',
  (text) => {
    expect(checksum(text)).toBe(checksum(new TextEncoder().encode(text)));
  },
);

test('the checksum is SHA-256, of the application as of these tests', () => {
  expect(checksum('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad');
  fc.assert(
    fc.property(fc.uint8Array(), (bytes) => expect(checksum(bytes)).toBe(bytesToHex(shipped(bytes)))),
  );
});

describe('differences', () => {
  const anyRecord = fc.record({
    name: fc.string(),
    ends: fc.array(fc.record({ id: fc.constantFrom('A', 'B', 'C'), plane: fc.string() }), { maxLength: 3 }),
    requirement: fc.record({
      load: fc.record({ re: fc.integer(), im: fc.integer() }),
      list: fc.array(fc.integer()),
    }),
    note: fc.option(fc.string(), { nil: undefined }),
  });

  test('applied they give the other value, inverted they give the first back', () => {
    fc.assert(
      fc.property(anyRecord, anyRecord, (from, to) => {
        const changes = differenceOf(from, to);
        const there = applyChanges(from, changes);
        expect(canonicalJson(there)).toBe(canonicalJson(to));
        expect(canonicalJson(applyChanges(there, invert(changes)))).toBe(canonicalJson(from));
      }),
    );
  });

  test('no change gives the same object', () => {
    const value = { a: 1 };
    expect(applyChanges(value, differenceOf(value, { a: 1 }))).toBe(value);
  });

  test('list items are found by id, not by place', () => {
    const from = {
      ends: [
        { id: 'A', plane: 'tip' },
        { id: 'B', plane: 'tip' },
      ],
    };
    const to = {
      ends: [
        { id: 'A', plane: 'tip' },
        { id: 'B', plane: 'shoulder' },
      ],
    };
    expect(differenceOf(from, to)).toEqual([{ path: ['ends', 'B', 'plane'], from: 'tip', to: 'shoulder' }]);
  });

  test('two tabs conflict only at the same place with different outcomes', () => {
    const base = { name: 'a', length: 1, load: { re: 50, im: 0 } };
    const mine = differenceOf(base, { ...base, name: 'b' });
    expect(conflictsOf(mine, differenceOf(base, { ...base, length: 2 }))).toEqual([]);
    expect(conflictsOf(mine, differenceOf(base, { ...base, name: 'b' }))).toEqual([]);
    expect(conflictsOf(mine, differenceOf(base, { ...base, name: 'c' }))).toHaveLength(1);
    const whole = [{ path: ['load'], from: base.load, to: null }];
    expect(conflictsOf(whole, differenceOf(base, { ...base, load: { re: 75, im: 0 } }))).toHaveLength(1);
  });
});

describe('merging what two benches have', () => {
  const make = (id: string, name: string) => ({ ...firstRevision(id, at(0)), name });
  test('the higher revision stands, a tombstone travels, and what the other does not know is kept', () => {
    const a = make('a', 'first');
    const b = make('b', 'second');
    const c = make('c', 'third');
    const gone = revise({ ...b, deleted: true }, {}, at(2));
    const result = mergeRecords([a, b], [revise(a, { name: 'renamed' }, at(1)), gone, c]);
    expect(result).toMatchObject({ added: 1, replaced: 2, kept: 0 });
    expect(result.records.map(({ id, name, deleted }) => [id, name, deleted])).toEqual([
      ['a', 'renamed', false],
      ['b', 'second', true],
      ['c', 'third', false],
    ]);
  });
  test('with the same revision the later change stands, and merging twice changes nothing', () => {
    const mine = revise(make('a', 'x'), { name: 'mine' }, at(1));
    const theirs = revise(make('a', 'x'), { name: 'theirs' }, at(3));
    const once = mergeRecords([mine], [theirs]);
    expect(once.records[0]!.name).toBe('theirs');
    expect(mergeRecords(once.records, [theirs, mine])).toMatchObject({ added: 0, replaced: 0, kept: 2 });
  });
});
