/** What a working moment is called: the end by its letter, the other side of a splice by that. */

const named = {
  cut: 'Count and cut',
  thread: 'Thread the parts',
  split: 'Join the split',
  choke: 'Place the choke',
  strip: 'Strip',
  contact: 'Contact on',
  joints: 'Join the cores',
  body: 'Body on',
  tip: 'Solder the tip',
  holes: 'Solder the holes',
  fix: 'Fix it',
  close: 'Close it',
  caps: 'Measure and cap',
  prove: 'Prove the lead',
  finish: 'Finish the lead',
} as const;

/** What decides its name. */
interface InMoment {
  readonly kind: keyof typeof named;
  readonly endId: string | null;
  readonly otherSide: boolean;
  /** It is pulled on in the end. */
  readonly pulls: boolean;
  /** Centre against body is measured in it. */
  readonly measuresShort: boolean;
  /** Its body is soldered on. */
  readonly soldersBody: boolean;
  /** Nothing is made in it: it is looked at and measured. */
  readonly onlyChecks: boolean;
}

export const momentTitle = ({
  kind,
  endId,
  otherSide,
  pulls,
  measuresShort,
  soldersBody,
  onlyChecks,
}: InMoment): string => {
  const atEnd = endId === null ? '' : `, end ${endId}`;
  const what = ((): string => {
    if (onlyChecks) return 'Check and measure';
    if (soldersBody) return 'Solder the body';
    return kind === 'finish' && endId !== null ? 'Seal' : named[kind];
  })();
  const also =
    kind === 'body' && measuresShort && !onlyChecks
      ? ', no short'
      : pulls && (kind === 'fix' || kind === 'close')
        ? ' and pull'
        : '';
  return `${what}${also}${atEnd}${otherSide ? ', other side' : ''}`;
};
