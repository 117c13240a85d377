import type { Lead } from './lead.ts';

/** Whether a lead is part of a cable that lies in a wall or a trench: it is neither cut off a reel, nor coiled, nor capped. */
export const liesThere = ({ ends }: Pick<Lead, 'ends'>) => ends.some(({ lies }) => lies !== undefined);
