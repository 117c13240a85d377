import { studyLightingBus } from '@gorvane/core/bus/lighting-bus.ts';
import { answerChain } from '@gorvane/core/line/chain-answer.ts';
import { expose } from 'comlink';

/** Work of the Line lab that takes longer than a frame. */
const work = { answerChain, studyLightingBus };

export type LabWork = typeof work;

expose(work);
