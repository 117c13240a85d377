/** The id of the one house record. */
export const houseId = 'house';
/** The id of the one bench record of a browser. */
export const benchId = 'bench';
