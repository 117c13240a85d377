import fontkit from '@pdf-lib/fontkit';
import boldExtUrl from '@fontsource/barlow/files/barlow-latin-ext-700-normal.woff?url';
import boldUrl from '@fontsource/barlow/files/barlow-latin-700-normal.woff?url';
import regularExtUrl from '@fontsource/barlow/files/barlow-latin-ext-400-normal.woff?url';
import regularUrl from '@fontsource/barlow/files/barlow-latin-400-normal.woff?url';
import type { Color, PDFDocument, PDFFont, PDFPage } from 'pdf-lib';
import { plainText } from './pdf-text.ts';

/** One weight of the typeface in a document: Latin letters with all their accents stand as they are. */
export interface Face {
  readonly width: (words: string, size: number) => number;
  readonly draw: (sheet: PDFPage, words: string, at: Place) => void;
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly size: number;
  readonly color: Color;
}

/** A font file, embedded when the first of its letters is drawn. */
interface Part {
  readonly has: (letter: string) => boolean;
  readonly font: PDFFont;
}

/** The two weights that a document is written in. */
export async function facesOf(
  document: PDFDocument,
): Promise<{ readonly regular: Face; readonly bold: Face }> {
  document.registerFontkit(fontkit);
  const [regular, regularExt, bold, boldExt] = await Promise.all(
    [regularUrl, regularExtUrl, boldUrl, boldExtUrl].map((url) => partOf(document, url)),
  );
  return { regular: face([regular!, regularExt!]), bold: face([bold!, boldExt!]) };
}

async function partOf(document: PDFDocument, url: string): Promise<Part> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  const known = fontkit.create(bytes);
  const font = await document.embedFont(bytes, { subset: true, features: { liga: false, kern: false } });
  return { font, has: (letter) => known.hasGlyphForCodePoint(letter.codePointAt(0)!) };
}

function face(parts: readonly Part[]): Face {
  const runs = (words: string) => runsOf(words, parts);
  return {
    width: (words, size) =>
      runs(words).reduce((sum, { font, text }) => sum + font.widthOfTextAtSize(text, size), 0),
    draw: (sheet, words, { x, ...at }) => {
      let from = x;
      for (const { font, text } of runs(words)) {
        sheet.drawText(text, { x: from, font, ...at });
        from += font.widthOfTextAtSize(text, at.size);
      }
    },
  };
}

interface Run {
  readonly font: PDFFont;
  readonly text: string;
}

/** A text in pieces of one font each; what none has is written plainly. */
function runsOf(words: string, parts: readonly Part[]): Run[] {
  const [first] = parts;
  const runs: { font: PDFFont; text: string }[] = [];
  for (const letter of words) {
    const part = parts.find(({ has }) => has(letter));
    const text = part ? letter : plainText(letter);
    const font = (part ?? first!).font;
    const last = runs.at(-1);
    if (last?.font === font) last.text += text;
    else runs.push({ font, text });
  }
  return runs;
}
