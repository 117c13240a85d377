/** What the strip and the readings of the other side of a splice are kept under. */
export const otherSideId = (endId: string) => `${endId}, other side`;
