import { expect, test } from '@jest/globals';
import { labelPages } from '@gorvane/core/paper/label-pages.ts';
import type { LabelStock } from '@gorvane/core/paper/label-stock.ts';
import { pageOf } from '@gorvane/core/paper/label-stock.ts';
import { usualStocks } from '@gorvane/core/paper/default-papers.ts';
import { PDFDocument } from 'pdf-lib';
import { drawingOf } from '../../test/pdf-drawing.ts';
import { labelArt } from './label-art.ts';
import { labelPdf } from './label-pdf.ts';
import { outlines, readLetters } from './letters.ts';

const points = (metres: number) => (metres / 0.0254) * 72;

async function drawn(stock: LabelStock, used: number) {
  const art = labelArt(
    { lines: ['B1-0007', 'Zoë’s Ω lead'], serial: 'B1-0007', unitId: 'u' },
    stock,
    await readLetters(),
  );
  const pages = labelPages([art], stock, { copies: 2, used });
  const document = await PDFDocument.load(await labelPdf('Labels', pages, pageOf(stock)));
  return { art, document };
}

test.each(usualStocks)('the PDF for $name has pages of exactly its size', async (stock) => {
  const { document } = await drawn(stock, 0);
  const size = pageOf(stock);
  const { width, height } = document.getPage(0).getSize();
  expect(width).toBeCloseTo(points(size.width), 6);
  expect(height).toBeCloseTo(points(size.height), 6);
  expect(document.getPageCount()).toBe(stock.kind === 'sheet' ? 1 : 2);
});

test('a label of a sheet lies in its cell: the first corner of its code, and its text', async () => {
  const sheet = usualStocks.find(({ kind }) => kind === 'sheet')!;
  const { art, document } = await drawn(sheet, 4);
  const code = art.layout.code!;
  const left = points(7.2e-3 + 0.0665 + code.x);
  const top = points(0.297 - 13.1e-3 - 33.8e-3 - code.y);
  const corner = [...drawingOf(document).matchAll(/1 0 0 1 ([\d.]+) ([\d.]+) cm/g)].some(
    ([, x, y]) => Math.abs(Number(x) - left) < 1e-3 && Math.abs(Number(y) - top) < 1e-3,
  );
  expect(corner).toBe(true);
});

test('letters are measured as they are cut; what has no letter is written plainly', async () => {
  const letters = await readLetters();
  const width = (text: string) => outlines(letters, text, false).width;
  expect(width('ë')).toBeCloseTo(width('e'), 2);
  expect(width('MM')).toBeCloseTo(2 * width('M'), 12);
  expect(outlines(letters, '☃', false).glyphs).toHaveLength(1);
  expect(width('il')).toBeLessThan(width('MM') / 2);
});
