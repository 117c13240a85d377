import { z } from 'zod';
import type { ContentName, Contents } from './contents.ts';
import { contentQuestions } from './contents.ts';

const answersOf = <N extends ContentName>(name: N) =>
  Object.keys(contentQuestions[name].answers) as [Contents[N], ...Contents[N][]];

const answerSchema = <N extends ContentName>(name: N) =>
  z.enum(answersOf(name) as [Contents[N] & string, ...(Contents[N] & string)[]]);

/** The answers that somebody has given; what is not in it is assumed to be as usual. */
export const contentsSchema = z
  .object({
    coupling: answerSchema('coupling'),
    contact: answerSchema('contact'),
    spacer: answerSchema('spacer'),
    clamp: answerSchema('clamp'),
    washers: answerSchema('washers'),
    cap: answerSchema('cap'),
    underBraid: answerSchema('underBraid'),
    holder: answerSchema('holder'),
    relief: answerSchema('relief'),
    bootColour: answerSchema('bootColour'),
    boot: answerSchema('boot'),
    shrink: answerSchema('shrink'),
  })
  .partial();
