/** What is said at braided sleeve: made from names and figures alone. */

/** How the ends are held: by short shrinks, or under the shrink of a split. */
const holdWords = (shrinks: number, glue: boolean) => {
  const ring = glue ? ' over a ring of adhesive' : '';
  if (shrinks === 2) return `Slide the two short shrinks half over its ends, and shrink them${ring}.`;
  if (shrinks === 1)
    return `Slide the short shrink half over its free end, and shrink it${ring}. The other end goes right up to the split and lies under its shrink.`;
  return 'Both ends go right up to the splits and lie under their shrinks.';
};

export const sleeveWords = ({
  measure,
  glue,
  shrinks,
}: {
  readonly measure: boolean;
  readonly glue: boolean;
  /** Short shrinks of its own. */
  readonly shrinks: number;
}) => ({
  title: 'Fix the braided sleeve',
  text: {
    firstTime: `${
      measure
        ? 'It was cut to its figure before it went on. Milk it along the cable from the middle outward until it lies tight.'
        : 'Draw it tight from one end. Cut what is over with the hot knife where the shrink will cover the cut, a strip of card under it so that no jacket is touched.'
    } ${holdWords(shrinks, glue)}`,
    experienced: `${measure ? 'Milk tight' : 'Draw tight, hot knife over card'}, ${
      shrinks === 0 ? 'ends up to the splits' : `hold with shrink${glue ? ' and adhesive' : ''}`
    }.`,
  },
  why: 'A sleeve grows shorter as it opens: one cut to the finished length ends a hand short.',
  caution: `${measure ? '' : 'The hot knife burns and its fumes are sharp: extraction on. '}Hot air burns: keep the gun off the sleeve itself.`,
  good: ['tight all along', 'edges sealed, no fibre out'],
  bad: ['frayed edge', 'sleeve scorched', 'loose in the middle'],
});
