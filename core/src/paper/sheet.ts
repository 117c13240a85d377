/** Paper that a printer takes, metres, upright. ISO 216 and ANSI. */
export const sheets = {
  A4: { width: 0.21, height: 0.297 },
  letter: { width: 0.2159, height: 0.2794 },
} as const;

export type Sheet = keyof typeof sheets;
export const sheetNames = Object.keys(sheets) as Sheet[];
