import type { PlacedLabel } from '@gorvane/core/paper/label-pages.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import type { PDFPage } from 'pdf-lib';
import { PDFDocument, rgb } from 'pdf-lib';
import type { LabelArt } from './label-art.ts';
import { facesOf } from './pdf-face.ts';

/** Points of PDF in a metre: 72 to the inch. */
const point = 72 / 0.0254;
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
      drawCode(sheet, label, cell.x, size.height - cell.y);
    }
  }
  return document.save();
}

/** @param top From the lower edge of the page, metres. */
function drawCode(sheet: PDFPage, { layout, code }: LabelArt, left: number, top: number): void {
  if (!layout.code || !code) return;
  const module = layout.code.side / code.side;
  for (let row = 0; row < code.side; row++)
    for (let column = 0; column < code.side; column++)
      if (code.isDark(column, row))
        sheet.drawRectangle({
          x: (left + layout.code.x + column * module) * point,
          y: (top - layout.code.y - (row + 1) * module) * point,
          width: module * point,
          height: module * point,
          color: black,
        });
}
