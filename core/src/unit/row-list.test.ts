import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { RowList } from './row-list.ts';
import { inAny, inBoth, withMoves, withoutRow, withRow } from './row-list.ts';

const rows = fc.uniqueArray(fc.nat(200), { maxLength: 60 });
const listOf = (numbers: readonly number[]) => Uint16Array.from(numbers).sort();
const ascending = (numbers: Iterable<number>) => [...new Set(numbers)].sort((a, b) => a - b);

test('a list of rows is a set that stays in order', () => {
  fc.assert(
    fc.property(rows, fc.nat(200), (numbers, row) => {
      const list = listOf(numbers);
      expect([...withRow(list, row)]).toEqual(ascending([...numbers, row]));
      expect([...withoutRow(list, row)]).toEqual(ascending(numbers.filter((each) => each !== row)));
      expect(withRow(withRow(list, row), row)).toEqual(withRow(list, row));
    }),
  );
});

test('many moves at once leave what they leave one by one', () => {
  const moves = fc.array(fc.record({ row: fc.nat(200), isIn: fc.boolean() }), { maxLength: 60 });
  fc.assert(
    fc.property(rows, moves, (numbers, steps) => {
      const list = listOf(numbers);
      const stepByStep = steps.reduce<RowList>(
        (each, { row, isIn }) => (isIn ? withRow : withoutRow)(each, row),
        list,
      );
      expect(withMoves(list, steps)).toEqual(stepByStep);
    }),
  );
});

test('what stands in both, and what in any', () => {
  fc.assert(
    fc.property(rows, rows, rows, (a, b, c) => {
      const [left, right, third] = [listOf(a), listOf(b), listOf(c)];
      expect([...inBoth(left, right)]).toEqual(ascending(a.filter((row) => b.includes(row))));
      expect([...inAny([left, right, third])]).toEqual(ascending([...a, ...b, ...c]));
    }),
  );
});
