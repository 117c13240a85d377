export const stages = ['Choose', 'Cut', 'Thread', 'Strip', 'Join', 'Prove', 'Finish'] as const;
export type Stage = (typeof stages)[number];

/** How far a stage is: of a design, or of a unit. */
export type StageState = 'open' | 'under way' | 'warning' | 'done';
