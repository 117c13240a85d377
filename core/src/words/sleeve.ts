/** What is said at braided sleeve: made from names and figures alone. */

export const sleeveWords = ({ measure, glue }: { readonly measure: boolean; readonly glue: boolean }) => ({
  title: 'Fix the braided sleeve',
  text: {
    firstTime: measure
      ? `It was cut to its figure before it went on. Milk it along the cable from the middle outward until it lies tight, slide the two short shrinks half over its ends, and shrink them${glue ? ' over a ring of adhesive' : ''}.`
      : `Draw it tight from one end. Cut what is over with the hot knife where the shrink will cover the cut, a strip of card under it so that no jacket is touched. Slide the two short shrinks half over its ends, and shrink them${glue ? ' over a ring of adhesive' : ''}.`,
    experienced: `${measure ? 'Milk tight' : 'Draw tight, hot knife over card'}, hold with shrink${glue ? ' and adhesive' : ''}.`,
  },
  why: 'A sleeve grows shorter as it opens: one cut to the finished length ends a hand short.',
  caution: `${measure ? '' : 'The hot knife burns and its fumes are sharp: extraction on. '}Hot air burns: keep the gun off the sleeve itself.`,
  good: ['tight all along', 'edges sealed, no fibre out'],
  bad: ['frayed edge', 'sleeve scorched', 'loose in the middle'],
});
