import type { CodeSizes, LabelLayout } from '@gorvane/core/paper/label-layout.ts';
import { layoutLabel } from '@gorvane/core/paper/label-layout.ts';
import type { Size } from '@gorvane/core/paper/label-stock.ts';
import type { Letters } from './letters.ts';
import { measureBy } from './letters.ts';
import type { UnitCode } from './unit-code.ts';
import { codeOf, unitCodeText } from './unit-code.ts';

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
  readonly code: UnitCode | null;
}

/** What the two forms of the code hold: no address, only what is found by. */
const codeTexts = ({ serial, unitId }: LabelContent): Readonly<Record<keyof CodeSizes, string>> => ({
  whole: unitCodeText(serial, unitId),
  serial,
});

/** Lays a label out in the typeface of papers. */
export function labelArt(content: LabelContent, size: Size, letters: Letters): LabelArt {
  const texts = codeTexts(content);
  const codes = { whole: codeOf(texts.whole), serial: codeOf(texts.serial) };
  const layout = layoutLabel(
    size,
    content.lines,
    { whole: codes.whole.side, serial: codes.serial.side },
    measureBy(letters),
  );
  return { content, layout, code: layout.code && codes[layout.code.holds] };
}
