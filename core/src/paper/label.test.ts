import { describe, expect, test } from '@jest/globals';
import { usualStocks } from './default-papers.ts';
import { labelCautions } from './label-check.ts';
import { edge, layoutLabel } from './label-layout.ts';
import { labelPages } from './label-pages.ts';
import type { LabelStock } from './label-stock.ts';
import { cellsOf, labelStockSchema, overhang, pageOf } from './label-stock.ts';
import type { LabelValues } from './label-text.ts';
import { checkLabelText, labelFields, labelLines, namesEnd } from './label-text.ts';

const stock = (id: string): LabelStock => usualStocks.find((each) => each.id === id)!;
const values: LabelValues = {
  ...(Object.fromEntries(labelFields.map((name) => [name, ''])) as LabelValues),
  serial: 'B1-0007',
  name: 'Marine radio feed line',
  length: '3.4 m',
  house: 'Quay workshop',
};

describe('the text of a label', () => {
  test('fields are filled; a line of empty ones and a comma beside one go', () => {
    expect(labelLines('{serial}\n{end}\n{length}, {colour}, {house}\nTested', values)).toEqual([
      'B1-0007',
      '3.4 m, Quay workshop',
      'Tested',
    ]);
  });

  test('what stands around an empty field goes with it', () => {
    const text = '{length} ({inches}), {serial}';
    expect(labelLines(text, values)).toEqual(['3.4 m, B1-0007']);
    expect(labelLines(text, { ...values, inches: '11 ft 1.9 in' })).toEqual([
      '3.4 m (11 ft 1.9 in), B1-0007',
    ]);
  });

  test('a name with a comma stays whole', () => {
    expect(labelLines('{name}', { ...values, name: 'Feed, port side' })).toEqual(['Feed, port side']);
  });

  test.each([
    ['{serail}', /Found \{serail\}; expected one of \{serial\}/],
    ['{serial', /brace that stands alone/],
    [' \n ', /at least one line/],
    ['1\n2\n3\n4\n5\n6\n7\n8\n9', /Found 9 lines; expected at most 8/],
  ])('%j is refused', (text, message) => {
    expect(() => checkLabelText(text)).toThrow(message);
  });

  test('it is each end its own where an end is named', () => {
    expect([namesEnd('{serial}\n{goes to}'), namesEnd('{serial} endless')]).toEqual([true, false]);
  });
});

describe('stock', () => {
  test('a wrap-around is printed at its beginning, its page has the clear end, too', () => {
    const wrap = stock('wrap-25');
    expect(pageOf(wrap).height).toBeCloseTo(0.0375, 12);
    expect(cellsOf(wrap)).toEqual([{ x: 0, y: 0, width: 0.025, height: 9.5e-3 }]);
  });

  test('labels of a sheet go row by row and stay on it', () => {
    const sheet = stock('sheet-a4');
    const cells = cellsOf(sheet);
    expect(cells).toHaveLength(24);
    expect(cells[4]!.x).toBeCloseTo(0.0072 + 0.0665, 12);
    expect(cells[4]!.y).toBeCloseTo(0.0131 + 0.0338, 12);
    expect(overhang(sheet)).toEqual({ right: 0, below: 0 });
    expect(overhang({ ...sheet, rows: 9 } as LabelStock).below).toBeCloseTo(0.0131 + 9 * 0.0338 - 0.297, 12);
  });

  test('a label of no width is none', () => {
    expect(labelStockSchema.safeParse({ ...stock('roll-9'), width: 0 }).success).toBe(false);
  });
});

describe('on the cable', () => {
  const wrap = stock('wrap-25');
  test.each([
    [5e-3, [/9.5 mm tall; what is beyond 7.9 mm/]],
    [8.9e-3, []],
    [9e-3, [/clear end is 28.0 mm; round this jacket of 9.0 mm it takes 28.3 mm/]],
  ])('the clear end of a wrap-around covers the print of %p m, or it is said', (diameter, wanted) => {
    const found = labelCautions(wrap, diameter);
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((words, n) => expect(found[n]).toMatch(words));
  });

  test('a sleeve goes on and holds', () => {
    const sleeve = stock('sleeve-9');
    expect(labelCautions(sleeve, 6e-3)).toEqual([]);
    expect(labelCautions(sleeve, 10.3e-3)).toEqual([expect.stringMatching(/does not go in/)]);
    expect(labelCautions(sleeve, 9.3e-3)).toHaveLength(1);
    expect(labelCautions(sleeve, 5e-3)).toEqual([expect.stringMatching(/stays loose/)]);
  });
});

describe('layout', () => {
  /** Every letter half as wide as its body is high. */
  const measure = (text: string) => text.length / 2;
  const codes = { whole: 33, serial: 21 };
  const texts = ['B1-0007', 'Marine radio feed line', '3.4 m'];

  test('everything stays within the edges, and nothing lies on the code', () => {
    for (const { width, height } of usualStocks) {
      const { lines, code, tooLong } = layoutLabel({ width, height }, texts, codes, measure);
      expect(tooLong).toBeNull();
      const from = code ? code.x + code.side : 0;
      for (const { text, x, baseline, size } of lines) {
        expect(x).toBeGreaterThanOrEqual(from);
        expect(x + measure(text) * size).toBeLessThanOrEqual(width - edge + 1e-9);
        expect(baseline - size * 0.86).toBeGreaterThanOrEqual(edge - 1e-9);
        expect(baseline).toBeLessThanOrEqual(height - edge);
      }
      if (code) expect(code.y + code.side).toBeLessThanOrEqual(height - edge + 1e-9);
    }
  });

  test('the code holds less where its modules would be too small to be read', () => {
    const holds = (height: number) => layoutLabel({ width: 0.06, height }, texts, codes, measure).code?.holds;
    expect([holds(0.018), holds(9e-3), holds(7e-3)]).toEqual(['whole', 'serial', undefined]);
  });

  test('the code gives way to a long line; a line that cannot be read is said', () => {
    const long = 'A lead to the third speaker beside the gangway';
    const size = { width: 0.045, height: 9e-3 };
    expect(layoutLabel(size, ['B1-0007', long], codes, measure)).toMatchObject({ code: null, tooLong: null });
    expect(layoutLabel(size, ['B1-0007', `${long}, upper deck, port`], codes, measure).tooLong).toMatch(
      /upper deck/,
    );
  });

  test('one word is not blown up over the whole label', () => {
    const { lines } = layoutLabel({ width: 0.1, height: 0.05 }, ['A'], codes, measure);
    expect(lines[0]!.size).toBeLessThan(6e-3);
  });
});

describe('a run', () => {
  test('copies follow one another, after what is used of the first sheet', () => {
    const pages = labelPages(['a', 'b'], stock('sheet-a4'), { copies: 13, used: 20 });
    expect(pages.map((page) => page.map(({ label }) => label).join(''))).toEqual([
      'aaaa',
      'aaaaaaaaabbbbbbbbbbbbb',
    ]);
    expect(pages[0]![0]!.cell).toEqual(cellsOf(stock('sheet-a4'))[20]);
  });

  test('on a roll each is a page', () => {
    expect(labelPages(['a', 'b'], stock('roll-9'), { copies: 2, used: 3 })).toHaveLength(4);
  });
});
