import { z } from 'zod';
import * as words from '../words/work.ts';

/** Kinds of work at a bench: what is held how, what is seen to happen, and what can go wrong follow from them. */
export const works = [
  'cut',
  'bend',
  'thread',
  'strip',
  'braid',
  'tin',
  'solder',
  'crimp',
  'seat',
  'screw',
  'measure',
  'look',
  'tug',
  'shrink',
  'tape',
  'label',
  'lay',
  'coil',
  'prove',
] as const;
export const workSchema = z.enum(works);
export type Work = z.infer<typeof workSchema>;

/** How work of a kind is held, so that two hands are enough. */
export const heldHow: Readonly<Record<Work, string>> = words.heldHow;

/** What is seen while it goes well, in the order in which it is seen. */
export const flowCues: Readonly<Record<Work, readonly string[]>> = words.flowCues;

/** Care of the tip, at every joint. */
export const tipCare: Readonly<Partial<Record<Work, string>>> = words.tipCare;
