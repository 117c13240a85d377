/** Rows of a page of the index: a list of them stays small to write. */
export const rowsInPage = 16_384;
