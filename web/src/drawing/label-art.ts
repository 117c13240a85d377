import type { CodeSizes, LabelLayout } from '@gorvane/core/paper/label-layout.ts';
import { layoutLabel } from '@gorvane/core/paper/label-layout.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import { create } from 'qrcode';
import type { Letters } from './letters.ts';
import { measureBy } from './letters.ts';

/** What one label says, and what its code opens. */
export interface LabelContent {
  readonly lines: readonly string[];
  readonly serial: string;
  readonly unitId: string;
}

/** One label as it is printed: its layout, and the modules of its code row by row. */
export interface LabelArt {
  readonly content: LabelContent;
  readonly layout: LabelLayout;
  readonly code: { readonly side: number; readonly isDark: (column: number, row: number) => boolean } | null;
}

/** What the two forms of the code hold: no address, only what is found by. */
const codeTexts = ({ serial, unitId }: LabelContent): Readonly<Record<keyof CodeSizes, string>> => ({
  whole: `${serial} ${unitId}`,
  serial,
});

/** Lays a label out in the typeface of papers. */
export function labelArt(content: LabelContent, size: Size, letters: Letters): LabelArt {
  const texts = codeTexts(content);
  const codes = { whole: drawn(texts.whole), serial: drawn(texts.serial) };
  const layout = layoutLabel(
    size,
    content.lines,
    { whole: codes.whole.side, serial: codes.serial.side },
    measureBy(letters),
  );
  return { content, layout, code: layout.code && codes[layout.code.holds] };
}

function drawn(text: string): NonNullable<LabelArt['code']> {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  return { side: modules.size, isDark: (column, row) => modules.get(row, column) === 1 };
}
