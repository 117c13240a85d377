/** What is said of troubles at the bench: made from names alone. */

/** What can be seen to be off, by its name and how it looks. */
export const troubleWords = {
  nick: { label: 'Nick', seen: 'a ring mark on the conductor, a strand missing, the shield scored' },
  whisker: { label: 'Whisker', seen: 'a wire of the shield or a strand lies where none belongs' },
  melted: { label: 'Melted', seen: 'dielectric swollen or glassy, insulation run back from the joint' },
  'over-filled': { label: 'Over-filled', seen: 'solder stands over the rim or runs down the outside' },
  spike: { label: 'Spike', seen: 'a tail of solder where the iron left' },
  cold: { label: 'Cold', seen: 'dull, grainy, a ball that did not spread' },
  'part forgotten': { label: 'Part forgotten', seen: 'it lies on the bench and belongs on the cable' },
  'wrong side': {
    label: 'Wrong way round or wrong side',
    seen: 'a part faces the other way, or lies on the wrong side of its neighbour',
  },
  'crimped twice': { label: 'Crimped twice', seen: 'two marks, the metal thinned or split' },
  'die too large': { label: 'Die too large', seen: 'flats hardly seen, the part turns or slides' },
  'die too small': { label: 'Die too small', seen: 'ears at the seams, cut into the part' },
  'coupling stuck': { label: 'Coupling stuck', seen: 'it drags or does not turn' },
  'seal blistered': { label: 'Seal blistered', seen: 'a bubble, a scorch, an edge without adhesive' },
  'too short': { label: 'Too short', seen: 'a layer or the whole cable does not reach' },
} as const;
