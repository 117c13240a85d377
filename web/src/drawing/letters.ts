import fontkit from '@pdf-lib/fontkit';
import type { Font } from '@pdf-lib/fontkit';
import boldExtUrl from '@fontsource/barlow/files/barlow-latin-ext-700-normal.woff?url';
import boldUrl from '@fontsource/barlow/files/barlow-latin-700-normal.woff?url';
import regularExtUrl from '@fontsource/barlow/files/barlow-latin-ext-400-normal.woff?url';
import regularUrl from '@fontsource/barlow/files/barlow-latin-400-normal.woff?url';
import type { MeasureText } from '@gorvane/core/paper/label-layout.ts';
import { plainText } from './pdf-text.ts';

/** A font file of the typeface, as bytes and read. */
export interface LetterFile {
  readonly bytes: Uint8Array;
  readonly font: Font;
}

/** The typeface of papers: each weight in files of some letters each. */
export interface Letters {
  readonly regular: readonly LetterFile[];
  readonly bold: readonly LetterFile[];
}

let known: Promise<Letters> | undefined;

/** The typeface of papers, read once. */
export function readLetters(): Promise<Letters> {
  known ??= readAll().catch((error: unknown) => {
    known = undefined;
    throw error;
  });
  return known;
}

async function readAll(): Promise<Letters> {
  const files = [regularUrl, regularExtUrl, boldUrl, boldExtUrl].map(readFile);
  const [regular, regularExt, bold, boldExt] = await Promise.all(files);
  return { regular: [regular!, regularExt!], bold: [bold!, boldExt!] };
}

async function readFile(url: string): Promise<LetterFile> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  return { bytes, font: fontkit.create(bytes) };
}

export const hasLetter = ({ font }: LetterFile, letter: string): boolean =>
  font.hasGlyphForCodePoint(letter.codePointAt(0)!);

/** One letter as it is cut: its outline in the font's own grid, where it begins, both in bodies of the text. */
export interface Outline {
  readonly d: string;
  /** Where it begins, in bodies. */
  readonly x: number;
  /** Bodies in a unit of the outline's grid. */
  readonly scale: number;
}

/** The outlines of a text, and how wide it is; in bodies. */
export function outlines(
  letters: Letters,
  text: string,
  bold: boolean,
): { readonly width: number; readonly glyphs: readonly Outline[] } {
  const files = bold ? letters.bold : letters.regular;
  let x = 0;
  const glyphs = [...text].flatMap((letter): Outline[] => {
    const file = files.find((each) => hasLetter(each, letter));
    return [...(file ? letter : plainText(letter))].map((plain) => {
      const { font } = file ?? files[0]!;
      const glyph = font.glyphForCodePoint(plain.codePointAt(0)!);
      const outline = { d: glyph.path.toSVG(), x, scale: 1 / font.unitsPerEm };
      x += glyph.advanceWidth / font.unitsPerEm;
      return outline;
    });
  });
  return { width: x, glyphs };
}

/** Measures texts for a layout. */
export const measureBy =
  (letters: Letters): MeasureText =>
  (text, bold) =>
    outlines(letters, text, bold).width;
