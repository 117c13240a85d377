/** What is against a design as it stands. */
export type DesignWarning =
  | 'end does not fit'
  | 'frequency too high'
  | 'impedances differ'
  | 'too much power'
  | 'bend not taken'
  | 'cannot be threaded'
  | 'part is missing'
  | 'gauge card does not hold'
  | 'cut too fine'
  | 'no die';

/** Each as a sentence. */
export const designWarningWords: Readonly<Record<DesignWarning, string>> = {
  'end does not fit': 'An end does not go together with its cable.',
  'frequency too high': 'A working frequency is above what the cable or a connector is made for.',
  'impedances differ': 'Parts of different impedance meet.',
  'too much power': 'It stands less power than is asked for.',
  'bend not taken': 'The cable does not take one of its bends.',
  'cannot be threaded': 'No order brings every part onto the cable.',
  'part is missing': 'No shrink or sleeve in Stores fits where one is needed.',
  'gauge card does not hold': 'A figure measured on a connector cannot be: see its gauge card.',
  'cut too fine': 'A cut wants a closer tolerance than its tool holds.',
  'no die': 'No die in Stores makes one of its crimps.',
};
