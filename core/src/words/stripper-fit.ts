/** What is said of a tool that strips and of the cable it is to strip; lengths as they are written. */
export const stripperFitWords = {
  label: 'Stripped with what is in Stores',
  takes: (least: string, most: string, cable: string) =>
    `It takes ${least} to ${most}; this cable is ${cable}.`,
  cores: (depth: string, least: string, most: string) =>
    `It cores ${depth} deep; this connector wants ${least} to ${most}.`,
  missing: (kind: string) => `No ${kind} for this cable in Stores: add yours there, or borrow one.`,
} as const;
