import type { PlacedLabel } from '@gorvane/core/paper/label-pages.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import { PDFDocument, rgb } from 'pdf-lib';
import type { LabelArt } from './label-art.ts';
import { drawCode } from './pdf-code.ts';
import { facesOf } from './pdf-face.ts';
import { point } from './pdf-pen.ts';

const black = rgb(0, 0, 0);

/** Labels as PDF, each page of exactly the size of its stock: from the layout that the screen shows. */
export async function labelPdf(
  title: string,
  pages: readonly (readonly PlacedLabel<LabelArt>[])[],
  size: Size,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  const faces = await facesOf(document);
  for (const page of pages) {
    const sheet = document.addPage([size.width * point, size.height * point]);
    for (const { label, cell } of page) {
      for (const { text, bold, x, baseline, size: body } of label.layout.lines)
        (bold ? faces.bold : faces.regular).draw(sheet, text, {
          x: (cell.x + x) * point,
          y: (size.height - cell.y - baseline) * point,
          size: body * point,
          color: black,
        });
      const { code } = label.layout;
      if (code && label.code) {
        const at = { x: (cell.x + code.x) * point, y: (size.height - cell.y - code.y) * point };
        drawCode(sheet, label.code, at, code.side * point);
      }
    }
  }
  return document.save();
}
