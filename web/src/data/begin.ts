import { beginAhead } from './start.ts';

/** Whether this address was filled just now. Asked for by a script of its own, which comes before the rest of the program. */
export const begun: Promise<boolean> = beginAhead();
