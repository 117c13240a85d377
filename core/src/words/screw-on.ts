import { ringOnCable, ringOnCableShort } from './coupling.ts';

/** What is said at a screw-on plug: made from names and figures alone. */

export const coreWords = ({ tin, endName }: { readonly tin: boolean; readonly endName: string }) => ({
  title: `${tin ? 'Twist and tin' : 'Twist'} the core, end ${endName}`,
  text: {
    firstTime: tin
      ? 'Twist the strands tight in their lay and tin them thinly, no thicker than bare. Let it cool before it is touched.'
      : 'Twist the strands tight in their lay and leave them bare: the bore is too tight for tin, or the house leaves them.',
    experienced: tin ? 'Twist, tin thinly, cool.' : 'Twist tight, no tin.',
  },
  why: 'The core has to find the bore of the tip unseen: one strand that stays outside is lost or shorts.',
  good: ['stiff and round, no thicker than bare'],
  bad: ['lump', 'strand standing off'],
});

export const insertWords = ({ endName, loose }: { readonly endName: string; readonly loose: boolean }) => ({
  title: `Turn the plug on, end ${endName}`,
  text: {
    firstTime: `${ringOnCable(loose)}Guide the core into the tip, then turn the plug on to the jacket and the folded braid, cable held still, until insulation shows in its windows and the core at the tip.`,
    experienced: `${ringOnCableShort(loose)}Core into the tip, turn on until insulation shows in the windows and core at the tip.`,
  },
  why: 'From here on nothing more can be threaded from this end.',
  good: ['insulation in every window', 'core at the tip'],
  bad: ['braid in a window', 'core not at the tip'],
});

export const windowsWords = ({ endName }: { readonly endName: string }) => ({
  title: `Check the windows, end ${endName}`,
  text: {
    firstTime: 'Each window shows clean insulation, the tip shows the core. No braid wire in either.',
    experienced: 'Insulation in the windows, core at the tip.',
  },
  why: 'The windows are the only sight of the inside.',
  good: ['clean insulation'],
  bad: ['a braid wire', 'strand bent back'],
});

export const braidCutWords = {
  tooLong: 'Braid shows behind the body and lets water in.',
  tooShort: 'The thread bites bare jacket over part of its length: a poor shield.',
};

export const traitsWords = {
  because: 'no crimp tool and one small solder joint; can be turned off again',
};

export const windowsAdvice = 'Turn the plug off, lay the braid again, twist the core, and turn it on again.';

export const noShortAdvice = 'Turn the plug off and look for a wire that went forward.';

export const tipAdvice = 'The insulation has melted: cut the plug off and make the end again.';

export const cableTugAdvice = 'Cut the plug off and make the end again.';

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a core that missed the tip, a cold joint there, braid not under the thread',
  short: 'a wire forward of the windows, insulation melted at the tip',
};

/** Why one dimension of the card is smaller than another. */
export const ruleWords = {
  windowsLieBeforeThread: 'the windows lie before the thread',
  windowsLieBehindDielectric: 'the windows lie behind the dielectric stop',
  tipLiesBeforeStop: 'the tip lies before the stop',
  tipHasWall: 'a tip has a wall',
} as const;

/** What is held at until it is answered. */
export const holdLabels = {
  insulationWindowsCoreTip: 'Insulation in the windows, core at the tip',
} as const;
