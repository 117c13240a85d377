/** A dimension of the connector that a gauge card asks for. Lengths are measured along the axis from the rear lip. */
export interface FeatureDefinition {
  readonly name: FeatureName;
  readonly label: string;
  readonly symbol: string;
  readonly how: string;
  /** Shown first: the few that decide the strip. The others are folded away. */
  readonly first: boolean;
  /** Smallest and largest value that can be, metres. */
  readonly min: number;
  readonly max: number;
}

export const featureNames = [
  'stemLength',
  'stopDepth',
  'pinFlange',
  'pinBoreDepth',
  'ferruleLength',
  'jacketOffset',
  'lipToShoulder',
  'lipToMatingPlane',
  'lipToTip',
  'inspectionHoleFar',
  'contactTolerance',
  'stemOutside',
  'stemBore',
  'ferruleBore',
  'ferruleWall',
  'pinBore',
  'pinOutside',
  'bodyOutside',
] as const;

export type FeatureName = (typeof featureNames)[number];

const mm = 1e-3;

/** What a gauge card of a pin-and-ferrule connector holds. Letters as in the strip formulas. */
export const featureDefinitions: readonly FeatureDefinition[] = [
  {
    name: 'stemLength',
    label: 'Stem length',
    symbol: 's',
    how: 'rear lip to the shoulder behind it',
    first: true,
    min: 2 * mm,
    max: 40 * mm,
  },
  {
    name: 'stopDepth',
    label: 'Depth to stop',
    symbol: 'd',
    how: 'rear lip to the insulator that the contact flange meets',
    first: true,
    min: 2 * mm,
    max: 60 * mm,
  },
  {
    name: 'pinFlange',
    label: 'Contact flange',
    symbol: 't',
    how: 'thickness of the flange at the rear of the contact',
    first: true,
    min: 0,
    max: 5 * mm,
  },
  {
    name: 'pinBoreDepth',
    label: 'Contact bore depth',
    symbol: 'p',
    how: 'rear face of the contact to the bottom of its bore',
    first: true,
    min: 1 * mm,
    max: 20 * mm,
  },
  {
    name: 'ferruleLength',
    label: 'Ferrule length',
    symbol: 'f',
    how: 'over all',
    first: true,
    min: 3 * mm,
    max: 40 * mm,
  },
  {
    name: 'jacketOffset',
    label: 'Jacket edge to rear lip',
    symbol: 'j',
    how: '0 where the jacket butts against the lip, negative where the lip goes over it',
    first: false,
    min: -10 * mm,
    max: 10 * mm,
  },
  {
    name: 'lipToShoulder',
    label: 'Rear lip to shoulder plane',
    symbol: 'r',
    how: 'to the front of the body behind the coupling',
    first: false,
    min: 1 * mm,
    max: 80 * mm,
  },
  {
    name: 'lipToMatingPlane',
    label: 'Rear lip to mating plane',
    symbol: 'r',
    how: 'to the reference plane of the interface',
    first: false,
    min: 1 * mm,
    max: 80 * mm,
  },
  {
    name: 'lipToTip',
    label: 'Rear lip to tip',
    symbol: 'r',
    how: 'to the foremost point',
    first: false,
    min: 1 * mm,
    max: 80 * mm,
  },
  {
    name: 'inspectionHoleFar',
    label: 'Inspection hole, far edge',
    symbol: 'h',
    how: 'rear face of the contact to the far edge of its hole',
    first: false,
    min: 0.2 * mm,
    max: 20 * mm,
  },
  {
    name: 'contactTolerance',
    label: 'Contact setback allowed',
    symbol: 'u',
    how: 'how far the contact may stand before or behind its place',
    first: false,
    min: 0.05 * mm,
    max: 2 * mm,
  },
  {
    name: 'stemOutside',
    label: 'Stem outside diameter',
    symbol: 'D',
    how: 'over the knurl',
    first: false,
    min: 0.5 * mm,
    max: 30 * mm,
  },
  {
    name: 'stemBore',
    label: 'Stem bore',
    symbol: 'b',
    how: 'the dielectric goes through it',
    first: false,
    min: 0.5 * mm,
    max: 30 * mm,
  },
  {
    name: 'ferruleBore',
    label: 'Ferrule bore',
    symbol: 'B',
    how: 'inside diameter before crimping',
    first: false,
    min: 1 * mm,
    max: 40 * mm,
  },
  {
    name: 'ferruleWall',
    label: 'Ferrule wall',
    symbol: 'w',
    how: 'thickness',
    first: false,
    min: 0.1 * mm,
    max: 3 * mm,
  },
  {
    name: 'pinBore',
    label: 'Contact bore',
    symbol: 'c',
    how: 'inside diameter of the contact',
    first: false,
    min: 0.1 * mm,
    max: 10 * mm,
  },
  {
    name: 'pinOutside',
    label: 'Contact outside diameter',
    symbol: 'q',
    how: 'at the part that is crimped',
    first: false,
    min: 0.2 * mm,
    max: 15 * mm,
  },
  {
    name: 'bodyOutside',
    label: 'Largest outside diameter',
    symbol: 'O',
    how: 'over the coupling',
    first: false,
    min: 2 * mm,
    max: 80 * mm,
  },
];

export function featureDefinition(name: FeatureName): FeatureDefinition {
  return featureDefinitions.find((feature) => feature.name === name)!;
}
