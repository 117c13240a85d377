/** What is against a design as it stands. */
export type DesignWarning =
  | 'end does not fit'
  | 'frequency does not fit'
  | 'impedances differ'
  | 'too much power'
  | 'bent too tight'
  | 'cannot be threaded'
  | 'part is missing'
  | 'bag cannot be used'
  | 'cut too fine'
  | 'no die';

/** Each as a sentence. */
export const designWarningWords: Readonly<Record<DesignWarning, string>> = {
  'end does not fit': 'An end does not fit its cable.',
  'frequency does not fit': 'It loses or reflects too much at a frequency that is asked for.',
  'impedances differ': 'Parts of different impedance meet.',
  'too much power': 'It stands less power than is asked for.',
  'bent too tight': 'A bend is tighter than its cable allows.',
  'cannot be threaded': 'Its parts cannot all come onto the cable.',
  'part is missing': 'A part that it needs is not in Stores.',
  'bag cannot be used': 'What stands for a bag cannot be used as it is.',
  'cut too fine': 'A cut is finer than its tool holds.',
  'no die': 'No die in Stores makes one of its crimps.',
};
