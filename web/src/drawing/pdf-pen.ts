import type { Sheet } from '@gorvane/core/paper/sheet.ts';
import { sheets } from '@gorvane/core/paper/sheet.ts';
import type { PDFImage, PDFPage } from 'pdf-lib';
import { PDFDocument, rgb } from 'pdf-lib';
import type { Face } from './pdf-face.ts';
import { facesOf } from './pdf-face.ts';

/** Points of PDF in a metre: 72 to the inch. */
export const point = 72 / 0.0254;
/** White at every edge, points: what printers do not reach, and room for a binder. */
export const margin = 0.015 * point;
/** Below it stands which page it is. */
const footer = 14;

export const ink = rgb(0.1, 0.1, 0.1);
export const soft = rgb(0.35, 0.35, 0.35);
export const red = rgb(0.6, 0.1, 0.05);

/** Where the pen stands on a document that goes on over pages. */
export interface Pen {
  readonly document: PDFDocument;
  readonly font: Face;
  readonly bold: Face;
  readonly page: { readonly width: number; readonly height: number };
  sheet: PDFPage;
  y: number;
}

/** A document of upright sheets, with the pen at the top of its first. */
export async function newPen(title: string, sheet: Sheet): Promise<Pen> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  const { regular, bold } = await facesOf(document);
  const page = { width: sheets[sheet].width * point, height: sheets[sheet].height * point };
  const first = document.addPage([page.width, page.height]);
  return { document, font: regular, bold, page, sheet: first, y: page.height - margin };
}

/** Width that is written on. */
export const inside = ({ page }: Pen): number => page.width - 2 * margin;

interface LineStyle {
  readonly size?: number;
  readonly bold?: boolean;
  readonly colour?: typeof ink;
  readonly width?: number;
}

/** A paragraph; it goes on over the page. */
export function line(pen: Pen, words: string, style: LineStyle = {}): void {
  const { size = 9.5, bold = false, colour = ink, width = inside(pen) } = style;
  const font = bold ? pen.bold : pen.font;
  for (const row of wrapped(words, font, size, width)) {
    room(pen, size * 1.4);
    font.draw(pen.sheet, row, { x: margin, y: pen.y + size * 0.3, size, color: colour });
  }
}

/** A heading, never the last thing of a page. */
export function heading(pen: Pen, words: string): void {
  room(pen, 44);
  pen.y += 34;
  line(pen, words, { size: 11.5, bold: true });
}

/** A picture as large as its box allows. */
export function picture(
  pen: Pen,
  image: PDFImage,
  box: { readonly width: number; readonly height: number },
): void {
  const { width, height } = image.scaleToFit(box.width, box.height);
  room(pen, height + 4);
  pen.sheet.drawImage(image, { x: margin, y: pen.y, width, height });
}

/** Whether so much height is left on the page. */
const fits = ({ y }: Pen, height: number): boolean => y - height >= margin + footer;

/** Takes so much height from the page, or from the next where it is full. */
function room(pen: Pen, height: number): void {
  if (!fits(pen, height)) turnOver(pen);
  pen.y -= height;
}

function turnOver(pen: Pen): void {
  pen.sheet = pen.document.addPage([pen.page.width, pen.page.height]);
  pen.y = pen.page.height - margin;
}

function wrapped(words: string, font: Face, size: number, width: number): string[] {
  const rows: string[] = [];
  let row = '';
  for (const word of words.split(/\s+/)) {
    const longer = row === '' ? word : `${row} ${word}`;
    if (row !== '' && font.width(longer, size) > width) {
      rows.push(row);
      row = word;
    } else row = longer;
  }
  return [...rows, row];
}

/** A table: where its columns begin as a part of the width, and its head, which stands again on every page. */
export interface PdfTable {
  readonly columns: readonly number[];
  readonly head?: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

const cellSize = 8.5;
const leading = 10.6;

/** Draws a table; a row is never broken. */
export function table(pen: Pen, { columns, head, rows }: PdfTable): void {
  const starts = columns.map((part) => part * inside(pen));
  if (head) drawRow(pen, starts, head, pen.bold);
  for (const cells of rows) {
    const height = heightOf(pen, starts, cells);
    if (head && !fits(pen, height)) {
      turnOver(pen);
      drawRow(pen, starts, head, pen.bold);
    }
    drawRow(pen, starts, cells, pen.font);
  }
}

const gap = 8;
const heightOf = (pen: Pen, starts: readonly number[], cells: readonly string[]): number =>
  Math.max(...linesOf(pen, starts, cells, pen.font).map((each) => each.length)) * leading + 3;

const linesOf = (pen: Pen, starts: readonly number[], cells: readonly string[], font: Face): string[][] =>
  cells.map((cell, n) => wrapped(cell, font, cellSize, (starts[n + 1] ?? inside(pen)) - starts[n]! - gap));

function drawRow(pen: Pen, starts: readonly number[], cells: readonly string[], font: Face): void {
  const lines = linesOf(pen, starts, cells, font);
  const height = Math.max(...lines.map((each) => each.length)) * leading + 3;
  room(pen, height);
  lines.forEach((rows, n) =>
    rows.forEach((words, k) =>
      font.draw(pen.sheet, words, {
        x: margin + starts[n]!,
        y: pen.y + height - cellSize - k * leading,
        size: cellSize,
        color: words === 'Out' ? red : ink,
      }),
    ),
  );
  pen.sheet.drawLine({
    start: { x: margin, y: pen.y },
    end: { x: pen.page.width - margin, y: pen.y },
    thickness: font === pen.bold ? 0.9 : 0.25,
    color: font === pen.bold ? ink : soft,
  });
}

/** Which page it is of how many, below each. */
export function drawFooters(pen: Pen, words: string): void {
  const pages = pen.document.getPages();
  pages.forEach((page, n) =>
    pen.font.draw(page, `${words}, page ${n + 1} of ${pages.length}`, {
      x: margin,
      y: margin,
      size: 8,
      color: soft,
    }),
  );
}
