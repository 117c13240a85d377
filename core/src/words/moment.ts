/** What a working moment is called: the end by its letter, the other side of a splice by that. */

const named = {
  cut: 'Count and cut',
  thread: 'Thread the parts',
  split: 'Join the split',
  strip: 'Strip',
  contact: 'Contact on',
  joints: 'Join the cores',
  body: 'Body on, no short',
  tip: 'Solder the tip',
  holes: 'Solder the holes',
  fix: 'Fix it and pull',
  close: 'Close it and pull',
  prove: 'Prove the lead',
  finish: 'Finish the lead',
} as const;

export const momentTitle = (kind: keyof typeof named, endId: string | null, otherSide: boolean): string => {
  const atEnd = endId === null ? '' : `, end ${endId}`;
  const what = kind === 'finish' && endId !== null ? 'Seal' : named[kind];
  return `${what}${atEnd}${otherSide ? ', other side' : ''}`;
};
