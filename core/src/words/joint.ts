import { clampedJointWords } from './clamped-joint.ts';
import { crimpedJointWords } from './crimped-joint.ts';
import { solderedJointWords } from './soldered-joint.ts';

/**
 * What is said of each kind of joint: how the work is held, what is seen as it goes well, how a good one looks, and what
 * each fault of it looks like. `tug` says how it is held for a pull, where the usual way does not do.
 */
export const jointWords = { ...solderedJointWords, ...clampedJointWords, ...crimpedJointWords } as const;
