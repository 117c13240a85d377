/** Limits as they ship: what is allowed over computed copper and over a nominal loss. House defaults. */
export const usualLimits = {
  cableAllowance: 1.1,
  insulation: null,
  lossTolerance: 0.1,
  returnLossExtra: 0,
} as const;

/** Tools that not every shop has beside those that strip, by the names that methods ask for. */
export const shopTools = [
  'iron with a big tip',
  'fine iron',
  'gland spanners',
  'torque spanner',
  'flaring tool',
  'seizing spanners',
  'compression tool',
  'modular crimp tool',
] as const;
export type ShopTool = (typeof shopTools)[number];

/** Past the bare sheath on either side, metres. House default. */
export const usualBootOverlap = 0.3;

/** Ring colours that a new shop starts with, by length. A house's own: there is no standard. */
export const defaultLengthColours = [
  { upTo: 2, colour: 'white' },
  { upTo: 5, colour: 'yellow' },
  { upTo: 10, colour: 'green' },
  { upTo: 20, colour: 'blue' },
  { upTo: 50, colour: 'red' },
  { upTo: 1000, colour: 'black' },
];
