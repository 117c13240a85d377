import { expect, test } from '@jest/globals';
import { PDFDocument, PDFName } from 'pdf-lib';
import { drawingOf } from '../../test/pdf-drawing.ts';
import { drawFooters, line, newPen, table } from './pdf-pen.ts';
import { embedPicture } from './pdf-picture.ts';

/** Widths of the lines that a page has. */
const strokes = (drawing: string) =>
  [...drawing.matchAll(/^([\d.]+) w$/gm)].map(([, width]) => Number(width));

test('a table goes on over pages: its head stands on each, no row is broken, none is lost', async () => {
  const pen = await newPen('Table', 'A4');
  line(pen, 'before it');
  const rows = Array.from({ length: 130 }, (_, n) => [
    `row ${n}`,
    n % 3 === 0 ? 'words that wrap '.repeat(12) : 'one line',
  ]);
  table(pen, { columns: [0, 0.6], head: ['Name', 'Words'], rows });
  drawFooters(pen, 'Table');
  const document = await PDFDocument.load(await pen.document.save());
  const drawings = document.getPages().map((_, page) => drawingOf(document, page));
  expect(drawings.length).toBeGreaterThan(3);
  for (const drawing of drawings) expect(strokes(drawing).filter((width) => width === 0.9)).toHaveLength(1);
  expect(drawings.flatMap(strokes).filter((width) => width === 0.25)).toHaveLength(rows.length);
  for (const [, y] of drawings.join('\n').matchAll(/1 0 0 1 [\d.]+ ([\d.]+) Tm/g))
    expect(Number(y)).toBeGreaterThan(42);
});

test('a picture stands in a document as it is', async () => {
  const document = await PDFDocument.create();
  const dot =
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
  const image = await embedPicture(document, `data:image/png;base64,${dot}`);
  document.addPage().drawImage(image);
  const saved = await PDFDocument.load(await document.save());
  const pictures = saved.context
    .enumerateIndirectObjects()
    .filter(
      ([, object]) =>
        'dict' in object &&
        (object.dict as { get: (name: PDFName) => unknown }).get(PDFName.of('Subtype')) ===
          PDFName.of('Image'),
    );
  expect(pictures.length).toBeGreaterThan(0);
  expect([image.width, image.height]).toEqual([1, 1]);
});
