import type { StripTemplate } from '@gorvane/core/strip/template.ts';
import type { Sheet } from '@gorvane/core/paper/sheet.ts';
import { sheets } from '@gorvane/core/paper/sheet.ts';
import type { PDFPage } from 'pdf-lib';
import { PDFDocument, rgb } from 'pdf-lib';
import type { Face } from './pdf-face.ts';
import { facesOf } from './pdf-face.ts';
import { margin, point } from './pdf-pen.ts';

const black = rgb(0, 0, 0);
const grey = rgb(0.45, 0.45, 0.45);

interface Pen {
  /** The sheet lying on its side. */
  readonly page: { readonly width: number; readonly height: number };
  readonly document: PDFDocument;
  readonly font: Face;
  readonly bold: Face;
}

const mm = (metres: number) => (metres * 1e3).toFixed(1);

/** Strip templates at true size on sheets that lie on their side, each with a check scale in millimetres and inches. */
export async function templatePdf(
  heading: string,
  templates: readonly StripTemplate[],
  sheetName: Sheet,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.setTitle(heading);
  const faces = await facesOf(document);
  const { width, height } = sheets[sheetName];
  const pen: Pen = {
    page: { width: height * point, height: width * point },
    document,
    font: faces.regular,
    bold: faces.bold,
  };
  let sheet = newSheet(pen, heading);
  for (const template of templates) {
    const needed = heightOf(template);
    if (sheet.y - needed < margin) sheet = newSheet(pen, heading);
    drawTemplate(pen, sheet.page, template, sheet.y);
    sheet = { ...sheet, y: sheet.y - needed };
  }
  return document.save();
}

/** Height that a template takes, points: title, cable, and a line of words for each cut. */
function heightOf({ diameter, lines }: StripTemplate): number {
  return 26 + diameter * point + 18 + lines.length * 13 + 16;
}

function newSheet(pen: Pen, heading: string): { page: PDFPage; y: number } {
  const sheet = pen.document.addPage([pen.page.width, pen.page.height]);
  const top = pen.page.height - margin;
  text(sheet, pen.bold, 14, margin, top - 12, heading);
  text(
    sheet,
    pen.font,
    9,
    margin,
    top - 26,
    'Print at 100 %, not fitted to the page. Measure the scale below: 100 mm, 4 in. If it differs, do not use this sheet.',
  );
  drawScale(sheet, pen.font, top - 46);
  return { page: sheet, y: top - 84 };
}

/** 100 mm in steps of 1, and 4 in in eighths, from the same start. */
function drawScale(sheet: PDFPage, font: Face, y: number): void {
  const line = (x: number, y1: number, y2: number, thickness = 0.6) =>
    sheet.drawLine({ start: { x, y: y1 }, end: { x, y: y2 }, thickness, color: black });
  sheet.drawLine({
    start: { x: margin, y },
    end: { x: margin + 0.1016 * point, y },
    thickness: 0.8,
    color: black,
  });
  for (let each = 0; each <= 100; each++) {
    const x = margin + each * 1e-3 * point;
    line(x, y, y + (each % 10 === 0 ? 9 : each % 5 === 0 ? 6 : 3.5), each % 10 === 0 ? 0.8 : 0.35);
    if (each % 10 === 0) text(sheet, font, 6, x + 1.5, y + 7, String(each));
  }
  for (let eighth = 0; eighth <= 32; eighth++) {
    const x = margin + (eighth / 8) * 0.0254 * point;
    line(x, y, y - (eighth % 8 === 0 ? 9 : 4), eighth % 8 === 0 ? 0.8 : 0.35);
    if (eighth % 8 === 0) text(sheet, font, 6, x + 1.5, y - 9, `${eighth / 8} in`);
  }
}

function drawTemplate({ font, bold, page }: Pen, sheet: PDFPage, template: StripTemplate, top: number): void {
  const { title, diameter, length, lines } = template;
  text(sheet, bold, 11, margin, top - 11, title);
  const height = diameter * point;
  const y = top - 26 - height;
  const width = Math.min(length * point, page.width - 2 * margin);
  sheet.drawRectangle({ x: margin, y, width, height, borderColor: black, borderWidth: 0.7 });
  text(sheet, font, 6, margin + 1, y + height + 7, 'cut end here');
  // The cut that lies furthest has its words next to the cable: no line crosses the words of another.
  const outermostFirst = [...lines].sort((a, b) => b.fromCutEnd - a.fromCutEnd);
  outermostFirst.forEach(({ label, fromCutEnd, plus, minus }, index) => {
    const x = margin + fromCutEnd * point;
    if (x > margin + width) return;
    const wordsY = y - 16 - index * 13;
    sheet.drawLine({
      start: { x, y: y + height + 5 },
      end: { x, y: wordsY + 3 },
      thickness: 0.6,
      color: black,
    });
    if (plus + minus > 0)
      sheet.drawRectangle({
        x: x - minus * point,
        y,
        width: (plus + minus) * point,
        height,
        color: grey,
        opacity: 0.25,
      });
    const tolerance = plus + minus > 0 ? `  +${mm(plus)} -${mm(minus)}` : '';
    text(sheet, font, 9, x + 3, wordsY, `${label}: ${mm(fromCutEnd)} mm from the cut end${tolerance}`);
  });
}

function text(sheet: PDFPage, font: Face, size: number, x: number, y: number, words: string): void {
  font.draw(sheet, words, { x, y, size, color: black });
}
