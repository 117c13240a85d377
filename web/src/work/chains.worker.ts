import { chainsOfFile } from '@gorvane/core/file/unit-chains.ts';
import { expose } from 'comlink';

/** Looks at record chains, which is most of what the check of an archive takes. */
const work = { chainsOfFile };

export type ChainsWork = typeof work;

expose(work);
