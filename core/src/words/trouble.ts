/** What is said of troubles at the bench: made from names alone. */

/** What can be seen to be off, by its name and how it looks. */
export const troubleWords = {
  nick: { label: 'Nick', seen: 'a ring mark on the conductor, a strand missing, the shield scored' },
  whisker: { label: 'Whisker', seen: 'a wire of the shield or a strand lies where none belongs' },
  melted: { label: 'Melted', seen: 'dielectric swollen or glassy, insulation run back from the joint' },
  'over-filled': { label: 'Over-filled', seen: 'solder stands over the rim or runs down the outside' },
  'short fill': { label: 'Not filled', seen: 'a hollow or a hole where solder should be' },
  'one-sided': { label: 'One side only', seen: 'solder or screw on one side, nothing on the other' },
  spike: { label: 'Spike', seen: 'a tail of solder where the iron left' },
  cold: { label: 'Cold', seen: 'dull, grainy, a ball that did not spread' },
  'strand out': { label: 'Strand outside', seen: 'a strand beside its contact' },
  'on insulation': { label: 'On insulation', seen: 'insulation is held where copper should be' },
  'not home': { label: 'Not home', seen: 'it has not gone as far in as it must' },
  'stands off': { label: 'Stands off', seen: 'a gap where it should meet' },
  'part forgotten': { label: 'Part forgotten', seen: 'it lies on the bench and belongs on the cable' },
  'wrong side': {
    label: 'Wrong way round or wrong side',
    seen: 'a part faces the other way, or lies on the wrong side of its neighbour',
  },
  'crimped twice': { label: 'Crimped twice', seen: 'two marks, the metal thinned or split' },
  'die too large': { label: 'Die too large', seen: 'flats hardly seen, the part turns or slides' },
  'die too small': { label: 'Die too small', seen: 'ears at the seams, cut into the part' },
  'on the cores': { label: 'On the cores', seen: 'what should hold the jacket presses on cores' },
  loose: { label: 'Loose', seen: 'the jacket turns or slides' },
  'cut in': { label: 'Cut in', seen: 'what holds the jacket has cut it' },
  askew: { label: 'Askew', seen: 'at an angle, open on one side' },
  turned: { label: 'Body turned', seen: 'the body went round with the nut' },
  'coupling stuck': { label: 'Coupling stuck', seen: 'it drags or does not turn' },
  'seal blistered': { label: 'Seal blistered', seen: 'a bubble, a scorch, an edge without adhesive' },
  'too short': { label: 'Too short', seen: 'a layer or the whole cable does not reach' },
} as const;

/** What is done about each, by what is fixed and closed already. */
export const troubleAdvice = {
  nick: 'A nick breaks in use, not today. Cut back behind it and strip again.',
  melted:
    'A dielectric or insulation that went soft does not come back. Cut back behind it and strip again; less time, more tip.',
  overFilled:
    'Heat it and take the excess off with wick, or scrape the outside clean when it is cold. No scraping may lie across. Then try it in the body again.',
  spike: 'Flux, touch it with a clean tip until the spike sinks in, lift the tip straight away.',
  cold: 'Flux, heat the metal until it flows and spreads, a little fresh solder, still until it dulls.',
  shortFill: 'Heat it until all of it flows, feed until it is full, still until it dulls.',
  oneSided: 'Flux the bare side, heat there and let the solder run round. More tip, not more time.',
  strandSoldered: 'Heat the joint, lay the strand in with the tip of a pick, or nip it off at the joint.',
  standsOffSoldered: 'Heat it, push it home while the solder is liquid, hold still until it dulls.',
  clampAgain:
    'Open it fully and take the core out. Twist all strands together, trim a squashed end, put it in again to the bottom and tighten.',
  bareMore:
    'Open it fully and take the core out. Bare a little more, so that only copper goes in and the insulation stops just outside.',
  screwsInTurn: 'Slacken the one, bring the other in, then tighten both in turn, a quarter turn each.',
  crimpOff: 'A crimp cannot be opened. Cut it off with what it sits on, and make it again.',
  openHolder:
    'Open it, draw the jacket forward until its edge is past it, and close it again on jacket alone.',
  packJacket:
    'Open it, build the jacket up with a turn of tape or a short shrink, and close it again: a jacket that slides hands the pull to the joints.',
  jacketCut: 'A jacket that is cut through no longer holds. Cut back behind it and strip again.',
  squareAgain:
    'Take it off or open it, clear what lies in the way, start it straight by hand, and close it again.',
  seatAgain: 'Take it off, look at the strip and clear what stops it, then seat it again until it is home.',
  bodyTurned:
    'Open it and look: a braid or conductor that was wrung round is spoilt. Cut back behind it and strip again; the body is used again.',
  noneYet: 'Nothing of this end is joined in that way yet.',
  dieTooSmall: 'It cut into the part. That part is scrap; use the exact die.',
  whisker: 'Brush or pick it off, then look all round again.',
  whiskerInside: 'It lies inside a closed connector and cannot be reached.',
  jointInside: 'The joint lies inside a closed connector: it cannot be reached.',
  whichPart: 'Say which part it is about.',
  nothingCrimped: 'Nothing of this end is crimped yet.',
  secondCrimpAllowed:
    'This house allows one more crimp, turned, where no exact die is at hand. It is recorded: tug it, and not a third time.',
  secondCrimp:
    'A second crimp over a good one thins the metal and springs open. The part is scrap: cut it off.',
  exactDie:
    'The exact die is in the shop: crimp once more in the same flats with it, which closes the part to size. Tug it.',
  turnedCrimp:
    'No exact die is at hand: this house allows one more crimp, turned by a flat. Tug it, and not a third time.',
  noExactDie: 'No exact die is in the shop, and this house never crimps twice. The part is scrap.',
  nothingShrunk:
    'Nothing of this end is shrunk yet: turn the coupling, and look for solder or adhesive on its thread.',
  tapeAgain: 'Slit the tape along its side, take it off, and wind it again clear of the coupling.',
  shrinkAgain:
    'Slit the shrink along its side while it is warm, away from the cable, and take it off. A new one passes only an open end: fit a split or wrap-round kind where both are closed.',
  cableTooShort:
    'A cable cannot be lengthened. Give this piece up and cut a new one; it may do for a shorter lead. Or take the lead shorter, with a name.',
  tooShortInside: 'What is too short inside a closed end is made again.',
  openFirst: (then: string) => `Open the connector. ${then}`,
  notSoldered: (how: string) => `${how} Nothing of this end is soldered yet.`,
  notTooLate: (wrongSide: boolean, how = 'as planned') =>
    `It is not too late: ${wrongSide ? 'take it off and put it on again' : 'put it on now'}, ${how}. It is ticked where it is asked for.`,
  fitSplitKind: (part: string) =>
    `It cannot pass the finished end. Fit a split or wrap-round kind of ${part}, and note it.`,
  openAndPutOn: (part: string, how = 'as planned') =>
    `The connector opens: take it off, put ${part} on, ${how}, and close it again.`,
  cutOffAndPutOn: (part: string) =>
    `It cannot pass the finished end: cut that end off, put ${part} on, and make the end again.`,
  takeJacketBack: (measured: boolean) =>
    `Nothing can be lengthened: take the jacket edge back by what is missing, then trim what is too long after it.${measured ? ' Measure the strip again.' : ''}`,
  noEndNamed: (what: string) => `${what} No end is named: the cable itself is spoilt and a new one is cut.`,
  partsUsedAgain: (what: string) => `${what} Open the connector: its parts are used again.`,
} as const;
