import type { Cable } from '../cable/cable.ts';
import type { Signal } from '../connector/signal.ts';

/** Families of cable that a signal is sent over, the usual ones first. */
export const cableFamiliesFor: Readonly<Record<Signal, readonly Cable['family'][]>> = {
  radio: ['flexible coax', 'low-loss coax', 'semi-rigid coax', 'feeder', 'trunk'],
  balanced: ['balanced audio', 'install', 'lighting'],
  unbalanced: ['unbalanced audio', 'balanced audio', 'install'],
  stereo: ['unbalanced audio', 'balanced audio', 'install'],
  lighting: ['lighting', 'install'],
  speaker: ['speaker', 'unbalanced audio'],
  control: ['install', 'balanced audio', 'lighting', 'speaker'],
};
