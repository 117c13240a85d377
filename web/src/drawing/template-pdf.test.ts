import { describe, expect, test } from '@jest/globals';
import type { StripTemplate } from '@gorvane/core/strip/template.ts';
import { PDFDocument } from 'pdf-lib';
import { drawingOf } from '../../test/pdf-drawing.ts';
import { templatePdf } from './template-pdf.ts';

const template = (cuts: number): StripTemplate => ({
  title: 'End A, foam 10 mm',
  diameter: 10.3e-3,
  length: 60e-3,
  lines: Array.from({ length: cuts }, (_, index) => ({
    label: `cut ${index}`,
    fromCutEnd: index * 10e-3,
    plus: 0.4e-3,
    minus: 0.4e-3,
  })),
});

/** Vertical lines of a page: where they stand, points from the left edge. */
const verticals = (drawing: string) =>
  [...drawing.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)]
    .filter(([, x1, , x2]) => x1 === x2)
    .map(([, x]) => Number(x));

describe('a strip template as PDF', () => {
  test('lies on the sheet of the house', async () => {
    const document = await PDFDocument.load(await templatePdf('Strip template', [template(3)], 'letter'));
    const { width, height } = document.getPage(0).getSize();
    expect(width / 72).toBeCloseTo(11, 9);
    expect(height / 72).toBeCloseTo(8.5, 9);
  });

  test('is landscape A4, and a cut 20 mm from the cut end stands 20 mm from it', async () => {
    const document = await PDFDocument.load(await templatePdf('Strip template', [template(3)], 'A4'));
    const { width, height } = document.getPage(0).getSize();
    expect([(width / 72) * 25.4, (height / 72) * 25.4].map(Math.round)).toEqual([297, 210]);
    const lines = verticals(drawingOf(document));
    const mm = (millimetres: number) => ((15 + millimetres) / 25.4) * 72;
    for (const place of [0, 10, 20]) expect(lines.some((x) => Math.abs(x - mm(place)) < 0.01)).toBe(true);
  });

  test('no line of a cut crosses the words of another', async () => {
    const document = await PDFDocument.load(await templatePdf('Strip template', [template(4)], 'A4'));
    const lowest = new Map<number, number>();
    for (const [, x, y1, , y2] of drawingOf(document).matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g))
      lowest.set(Number(x), Math.min(lowest.get(Number(x)) ?? Infinity, Number(y1), Number(y2)));
    const right = (cut: number) => ((15 + cut * 10) / 25.4) * 72;
    const below = [0, 1, 2, 3].map((cut) => {
      const [, y] = [...lowest]
        .filter(([x]) => Math.abs(x - right(cut)) < 0.01)
        .sort((a, b) => a[1] - b[1])[0]!;
      return y;
    });
    expect(below).toEqual([...below].sort((a, b) => a - b));
    expect(new Set(below).size).toBe(4);
  });

  test('has a check scale of 100 mm and of 4 in on every page', async () => {
    const document = await PDFDocument.load(await templatePdf('Strip template', [template(2)], 'A4'));
    const lines = verticals(drawingOf(document));
    const right = (millimetres: number) => ((15 + millimetres) / 25.4) * 72;
    for (const end of [100, 101.6]) expect(lines.some((x) => Math.abs(x - right(end)) < 0.01)).toBe(true);
  });

  test('goes on to further pages, and writes what its fonts do not have as a question mark', async () => {
    const many = Array.from({ length: 8 }, () => ({ ...template(6), title: 'End Ω' }));
    const document = await PDFDocument.load(await templatePdf('Strip template', many, 'A4'));
    expect(document.getPageCount()).toBeGreaterThan(2);
  });
});
