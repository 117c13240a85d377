import { expose } from 'comlink';
import { lookAt } from '../data/look-at-records.ts';

/** Looks at records and packs them, which is most of what the check of an archive and the writing of it take. */
const work = { lookAt };

export type RecordsWork = typeof work;

expose(work);
