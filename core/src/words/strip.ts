/** What is said at stripping a coaxial end: made from names and figures alone. */

export const jacketWords = ({ where, isBlade }: { readonly where: string; readonly isBlade: boolean }) => ({
  title: `Take the jacket off, ${where}`,
  text: {
    firstTime: `Square the end. Mark the jacket at the figure below from the cut end, turn the ${isBlade ? 'blade' : 'tool'} round it without squeezing the cable, and pull the ring of jacket off. Check what lies under it: no wire cut.`,
    experienced: 'Square, score, pull. No wire cut.',
  },
  why: 'Every other length is counted from the jacket edge.',
  good: ['clean, square jacket edge', 'every braid wire whole'],
  bad: ['ring cut into the braid', 'cable pressed oval'],
});

export const trimBraidWords = ({
  braids,
  where,
  them,
  hasFoil,
  tooLong,
}: {
  readonly braids: string;
  readonly where: string;
  readonly them: string;
  readonly hasFoil: boolean;
  readonly tooLong: string;
}) => ({
  title: `Trim ${braids}, ${where}`,
  text: {
    firstTime: `Comb ${braids} straight, lay ${them} flat and trim ${them} all round at the figure below from the jacket edge. Brush loose wires away before the next cut.${hasFoil ? ' The foil stays on the dielectric: ring it lightly at its own figure and peel only what lies beyond.' : ''}`,
    experienced: `Comb, trim all round, brush off.${hasFoil ? ' Foil longer, at its own figure.' : ''}`,
  },
  why: `Too long: ${tooLong}`,
  caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
  good: ['even edge all round', ...(hasFoil ? ['no tongue of foil'] : [])],
  bad: ['a single long wire', 'dielectric scored'],
});

export const foldBraidWords = ({
  braids,
  where,
  them,
  onto,
  hasFoil,
  tooShort,
}: {
  readonly braids: string;
  readonly where: string;
  readonly them: string;
  readonly onto: string;
  readonly hasFoil: boolean;
  readonly tooShort: string;
}) => ({
  title: `Fold ${braids} back, ${where}`,
  text: {
    firstTime: `Comb ${braids} straight, trim ${them} to the figure below and fold ${them} back over ${onto}, evenly all round.${hasFoil ? ' The foil stays on the dielectric, whole and smooth.' : ''} No wire stays forward.`,
    experienced: `Comb, trim, fold back.${hasFoil ? ' Foil stays.' : ''}`,
  },
  why: `Too short: ${tooShort}`,
  caution: 'Glasses on: trimmed wires fly. Cover the offcut.',
  good: ['even all round', 'no wire forward of the fold'],
  bad: ['a wire across the dielectric', ...(hasFoil ? ['foil torn or lifted'] : [])],
});

export const dielectricWords = ({
  where,
  where2,
  isBlade,
  stranded,
  after,
  tooShort,
}: {
  readonly where: string;
  readonly isBlade: boolean;
  readonly where2: 'jacket edge' | 'tube end';
  readonly stranded: boolean;
  readonly after: string;
  readonly tooShort: string;
}) => ({
  title: `Bare the conductor, ${where}`,
  text: {
    firstTime: `${
      isBlade
        ? `Cut the dielectric square at the figure below from the ${where2}: three quarters through, all round, never on to the conductor.`
        : `Set the blade to stop short of the conductor. Turn the tool round the dielectric at the figure below from the ${where2} until it runs free.`
    } Pull the slug off with a twist ${stranded ? 'in the direction of the lay' : 'along the conductor'}. ${after}`,
    experienced: `${isBlade ? 'Three quarters through' : 'Blade short of the conductor'}, twist, pull. ${after}`,
  },
  why: `Too short: ${tooShort}`,
  good: ['square face', 'conductor bright and round'],
  bad: ['ring mark on the conductor', 'residue left on it'],
});

export const measureWords = ({
  where,
  datum,
}: {
  readonly where: string;
  readonly datum: 'jacket edge' | 'tube end';
}) => ({
  title: `Measure the strip, ${where}`,
  text: {
    firstTime: `Measure each cut from the ${datum} and type what the caliper says. Leave empty what you did not measure.`,
    experienced: 'Type what you cut, or go on.',
  },
  why: 'A strip that is out can still be trimmed; a closed connector cannot.',
});

export const withTrialFitWords = ({
  endName,
  bites,
}: {
  readonly endName: string;
  /** The connector is screwed on to the cable: tried on, it would cut its thread. */
  readonly bites: boolean;
}) => ({
  title: `Offer the connector up, end ${endName}`,
  text: {
    firstTime: `${
      bites
        ? 'Hold the connector beside the strip, tip to tip. Do not turn it on: its thread bites once.'
        : 'Slip the connector on, or hold it beside the strip. Fix nothing.'
    } It seats: go on. It stands off: say what touches first and by how much, cut back what is told then, and try again.`,
    experienced: `${bites ? 'Hold it beside.' : 'Try it.'} Trim what touches first, try again.`,
  },
  held: 'Connector in one hand, cable in the other, side by side under the lamp.',
  cues: [],
  why: 'Drawings differ from bag to bag; the connector in your hand does not.',
  good: ['every layer meets its place'],
  bad: ['stands off', 'shield or strand pushed up'],
});

export const nickWords = ({ shield, where }: { readonly shield: boolean; readonly where: string }) => ({
  title: `Check for ${shield ? 'nicks and whiskers' : 'nicks and burrs'}, ${where}`,
  text: {
    firstTime: `Turn the cable once round under the magnifier. Conductor: no ring mark. Dielectric: ${shield ? 'no wire lying on it. Braid edge: no long wire' : 'no chip of metal. Tube: no burr'}.`,
    experienced: 'Once round under the magnifier.',
  },
  why: shield
    ? 'A nicked conductor breaks in use; one whisker on the dielectric is a dead short.'
    : 'A nicked conductor breaks in use; a chip on the dielectric is a dead short.',
  good: ['no mark on the conductor', 'dielectric clean all round'],
  bad: ['ring mark or missing strand', shield ? 'braid wire across the dielectric' : 'chip or burr left'],
});

/** The first of a batch is measured whole. */
export const wholeMeasureWords = {
  firstTime:
    'First article: measure every cut and type what the caliper says. The rest of the batch is cut by it.',
  experienced: 'First article: every cut.',
};
