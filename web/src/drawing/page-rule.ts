import type { Size } from '@gorvane/core/paper/label-stock.ts';

/** What a style sheet tells the printer: a page of this size (metres), and the white at its edges. */
export const pageRule = ({ width, height }: Size, margin: string): string =>
  `@page { size: ${width * 1e3}mm ${height * 1e3}mm; margin: ${margin}; }`;
