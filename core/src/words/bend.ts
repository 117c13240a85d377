/** What is wrong with a bend, by its number; lengths as they are written. */
export const bendWords = {
  tooSharp: (number: number, radius: string, cable: string, least: string) =>
    `Bend ${number}: radius ${radius}; ${cable} takes no less than ${least}.`,
  tooCloseBefore: (number: number, straight: string, wanted: string) =>
    `Bend ${number}: only ${straight} straight before it; expected ${wanted}.`,
  tooCloseAfter: (number: number, straight: string, wanted: string) =>
    `Bend ${number}: only ${straight} straight after it; expected ${wanted}.`,
} as const;
