/** The place of an entry in its record as a person counts, from 1; the chain itself counts from 0. */
export const entryNumber = ({ number }: { readonly number: number }): number => number + 1;
