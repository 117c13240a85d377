import type { Sheet } from '@gorvane/core/paper/sheet.ts';
import { sheets } from '@gorvane/core/paper/sheet.ts';

/** Tells the printer what this house prints on; margins are those of the PDF. */
export function PageStyle({ sheet }: { readonly sheet: Sheet }) {
  const { width, height } = sheets[sheet];
  return <style>{`@page { size: ${width * 1e3}mm ${height * 1e3}mm; margin: 13mm 15mm; }`}</style>;
}
