import { inflateSync } from 'node:zlib';
import type { PDFDocument } from 'pdf-lib';
import { PDFRawStream } from 'pdf-lib';

/** The drawing operators of a page, as text. */
export function drawingOf(document: PDFDocument, page = 0): string {
  const contents = document.getPage(page).node.normalizedEntries().Contents!;
  return contents
    .asArray()
    .map((reference) => document.context.lookup(reference))
    .map((stream) => (stream instanceof PDFRawStream ? inflateSync(stream.contents).toString('latin1') : ''))
    .join('\n');
}
