import { wantedInstrument } from '../words/proof-check.ts';
import { coversFrequency, reads } from '../house/instrument.ts';
import type { Need } from './proof-level.ts';

/** What reads loss and match over a band, in words and as a question. */
export const networkAnalyser = (frequency: number): Omit<Need, 'key'> => ({
  what: wantedInstrument.analyser(frequency),
  canRead: (instruments) =>
    instruments.some(
      (each) => each.kind === 'network analyser' && reads(each, 'loss') && coversFrequency(each, frequency),
    ),
  defines: true,
});
