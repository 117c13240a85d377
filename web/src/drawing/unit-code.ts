import { create } from 'qrcode';

/** A code as it is drawn: modules along a side, and which are dark. */
export interface UnitCode {
  readonly side: number;
  readonly isDark: (column: number, row: number) => boolean;
}

/** What the code of a unit holds: no address, only what it is found by. */
export const unitCodeText = (serial: string, unitId: string): string => `${serial} ${unitId}`;

/** A text as a code that is still read where a seventh of it is dirty (level M of ISO/IEC 18004). */
export function codeOf(text: string): UnitCode {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  return { side: modules.size, isDark: (column, row) => modules.get(row, column) === 1 };
}

/** Its dark modules as one path, a unit each. */
export function codePath({ side, isDark }: UnitCode): string {
  const cells = Array.from({ length: side * side }, (_, n) => [n % side, Math.floor(n / side)] as const);
  return cells
    .filter(([column, row]) => isDark(column, row))
    .map(([column, row]) => `M${column} ${row}h1v1h-1z`)
    .join('');
}
