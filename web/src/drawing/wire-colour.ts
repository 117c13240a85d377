/** How the colour of a core is drawn; bare metal has none. */
const paints: Readonly<Record<string, string>> = {
  white: '#f6f3ea',
  black: '#24282a',
  red: '#b8392c',
  blue: '#2f5f9e',
  green: '#3f7d4a',
  yellow: '#e0bd3a',
  orange: '#d9822b',
  brown: '#7a4f33',
  grey: '#8d9391',
};

const shieldPaint = '#b9bdb9';

export const wirePaint = (colour: string | null) => paints[colour ?? ''] ?? '#b9794b';

/** How a conductor is drawn: a core in its colour, the tail of a shield as bare braid. */
export const conductorPaint = ({
  kind,
  colour,
}: {
  readonly kind: 'core' | 'shield';
  readonly colour: string | null;
}): string => (kind === 'shield' ? shieldPaint : wirePaint(colour));

/** Colours that rings and legs are marked with. */
export const markerColours = ['white', 'red', 'black', 'yellow', 'green', 'blue', 'orange', 'brown', 'grey'];
