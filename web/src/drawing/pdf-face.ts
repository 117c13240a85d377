import fontkit from '@pdf-lib/fontkit';
import type { Color, PDFDocument, PDFFont, PDFPage } from 'pdf-lib';
import type { LetterFile } from './letters.ts';
import { hasLetter, readLetters } from './letters.ts';
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
  const { regular, bold } = await readLetters();
  const embedded = (files: readonly LetterFile[]) => Promise.all(files.map((file) => partOf(document, file)));
  return { regular: face(await embedded(regular)), bold: face(await embedded(bold)) };
}

async function partOf(document: PDFDocument, file: LetterFile): Promise<Part> {
  const font = await document.embedFont(file.bytes, { subset: true, features: { liga: false, kern: false } });
  return { font, has: (letter) => hasLetter(file, letter) };
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
