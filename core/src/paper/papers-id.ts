/** The id of the one record of a house's papers. */
export const papersId = 'papers';
