/** What is said at stripping a coaxial end: made from names and figures alone. */

export const jacketWords = ({ where }: { readonly where: string }) => ({
  title: `Take the jacket off, ${where}`,
  text: {
    firstTime: `Square the end. Mark the jacket at the figure below from the cut end, turn the blade round it without squeezing the cable, and pull the ring of jacket off. Check what lies under it: no wire cut.`,
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
  isCut,
  tooLong,
}: {
  readonly braids: string;
  readonly where: string;
  readonly them: string;
  readonly hasFoil: boolean;
  /** A blade of the tool has cut it already, near enough. */
  readonly isCut: boolean;
  readonly tooLong: string;
}) => ({
  title: `Trim ${braids}, ${where}`,
  text: {
    firstTime: `Comb ${braids} straight and lay ${them} flat. ${isCut ? `The tool has cut ${them} already: trim single wires that stand out beyond the figure below from the jacket edge.` : `Trim ${them} all round at the figure below from the jacket edge.`} Brush loose wires away.${hasFoil ? ' The foil stays on the dielectric: ring it lightly at its own figure and peel only what lies beyond.' : ''}`,
    experienced: `Comb, trim ${isCut ? 'what stands out' : 'all round'}, brush off.${hasFoil ? ' Foil longer, at its own figure.' : ''}`,
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

const pullSlug = (stranded: boolean) =>
  `Pull the slug off with a twist ${stranded ? 'in the direction of the lay' : 'along the conductor'}.`;

export const firstCutWords = ({
  where,
  stranded,
}: {
  readonly where: string;
  readonly stranded: boolean;
}) => ({
  title: `Cut to the conductor, ${where}`,
  text: {
    firstTime: `Square the end: it is where the conductor ends. Set the tool to its first stop, the figure below. Turn it without squeezing the cable until it runs free: through jacket, braid and dielectric, short of the conductor. ${pullSlug(stranded)}`,
    experienced: 'Square, first stop, turn till free, twist, pull.',
  },
  why: 'A blade that reaches the conductor rings it, and there it breaks in use.',
  good: ['square face', 'conductor bright and round'],
  bad: ['ring mark on the conductor', 'residue left on it'],
});

export const secondCutWords = ({ where }: { readonly where: string }) => ({
  title: `Take the jacket off, ${where}`,
  text: {
    firstTime:
      'Set the tool to its second stop, the figure below from the end of the conductor. Turn it until braid shows all round, and pull the ring of jacket off. No braid wire is cut.',
    experienced: 'Second stop, turn, pull. No wire cut.',
  },
  why: 'Every other length is counted from the jacket edge.',
  good: ['clean, square jacket edge', 'every braid wire whole'],
  bad: ['ring cut into the braid', 'cable pressed oval'],
});

export const oneSpinWords = ({
  where,
  stranded,
  trimConductor,
}: {
  readonly where: string;
  readonly stranded: boolean;
  readonly trimConductor: boolean;
}) => ({
  title: `Strip in one spin, ${where}`,
  text: {
    firstTime: `Square the end and push it to the stop of the tool: its blades cut at the figures below from there. Turn without squeezing the cable until all three blades run free. Open the tool. Pull the three pieces off in turn, the one at the tip first, with a twist ${stranded ? 'in the direction of the lay' : 'along the conductor'}.${trimConductor ? ' Then trim the conductor to its length.' : ''}`,
    experienced: `Square, to the stop, spin, pull in turn.${trimConductor ? ' Trim the conductor.' : ''}`,
  },
  why: 'The blades stand where they stand: an end that is not at the stop is off in every length.',
  good: ['three clean steps', 'conductor bright and round'],
  bad: ['ring mark on the conductor', 'braid wires cut at the jacket'],
});

export const dielectricWords = ({
  where,
  where2,
  stranded,
  tooShort,
}: {
  readonly where: string;
  readonly where2: 'jacket edge' | 'tube end';
  readonly stranded: boolean;
  readonly tooShort: string;
}) => ({
  title: `Bare the conductor, ${where}`,
  text: {
    firstTime: `Cut the dielectric square at the figure below from the ${where2}: three quarters through, all round, never on to the conductor. ${pullSlug(stranded)} Then trim the conductor to its length.`,
    experienced: 'Three quarters through, twist, pull. Trim the conductor.',
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
