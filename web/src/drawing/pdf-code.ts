import type { PDFPage } from 'pdf-lib';
import { rgb } from 'pdf-lib';
import type { UnitCode } from './unit-code.ts';
import { codePath } from './unit-code.ts';

/** Draws a code with its upper left corner at a place; `side` as the page measures, points. */
export function drawCode(
  sheet: PDFPage,
  code: UnitCode,
  at: { readonly x: number; readonly y: number },
  side: number,
): void {
  sheet.drawSvgPath(codePath(code), { ...at, scale: side / code.side, color: rgb(0, 0, 0), borderWidth: 0 });
}
