/** What a size of cable decides about a ferrule connector, millimetres. Engineering values, class-typical. */
interface FerruleFigures {
  readonly name: string;
  readonly forCoax: string;
  /** Hex across flats. */
  readonly ferruleDie: number;
  readonly pinDie: number;
  readonly stemLength: number;
  readonly stemOutside: number;
  readonly stemBore: number;
  readonly ferruleLength: number;
  readonly ferruleBore: number;
  readonly ferruleWall: number;
  readonly pinBore: number;
  readonly pinOutside: number;
}

const figures = (
  name: string,
  forCoax: string,
  [ferruleDie, pinDie]: readonly [number, number],
  [stemLength, stemOutside, stemBore]: readonly [number, number, number],
  [ferruleLength, ferruleBore, ferruleWall]: readonly [number, number, number],
  [pinBore, pinOutside]: readonly [number, number],
): FerruleFigures => ({
  name,
  forCoax,
  ferruleDie,
  pinDie,
  stemLength,
  stemOutside,
  stemBore,
  ferruleLength,
  ferruleBore,
  ferruleWall,
  pinBore,
  pinOutside,
});

/**
 * Sizes of cable that ferrule connectors are made for. Walls and barrels are such that metal fills some 0.93 of the hexagon: ferrule,
 * braid and stem; barrel and conductor.
 */
export const ferruleClasses = {
  '2.5': figures(
    '2.5 mm',
    '2.5 mm coax (RG-316 and RG-174 class)',
    [4.52, 1.07],
    [7.6, 2.3, 1.6],
    [8.5, 3.3, 0.88],
    [0.6, 1.15],
  ),
  '5': figures(
    '5 mm',
    '5 mm coax (RG-58 and RG-223 class)',
    [5.41, 1.73],
    [7, 3.7, 3.1],
    [11, 5.6, 0.55],
    [1.02, 1.81],
  ),
  '6': figures(
    '6 mm',
    '6 mm coax of 75 ohm (RG-59 class)',
    [6.48, 1.73],
    [9.8, 4.5, 3.9],
    [12, 6.4, 0.69],
    [0.7, 1.78],
  ),
  '6-50': figures(
    '6 mm',
    '6 mm coax of 50 ohm (RG-8X class, low-loss foam 6 mm)',
    [6.48, 2.54],
    [9.8, 4.6, 4.05],
    [12.5, 6.5, 0.67],
    [1.6, 2.7],
  ),
  'rg-6': figures(
    'RG-6',
    '7 mm coax of 75 ohm (RG-6 class)',
    [8.23, 1.73],
    [10, 5.5, 4.85],
    [13, 7.4, 1.05],
    [1.15, 1.83],
  ),
  '7-50': figures(
    '7 mm low-loss',
    'low-loss foam 7 mm',
    [7.36, 2.54],
    [10, 5.7, 5.05],
    [13.5, 8, 0.55],
    [1.9, 2.7],
  ),
  '10': figures(
    '10 mm',
    '10 mm coax (RG-213 class)',
    [10.9, 2.54],
    [12, 8.3, 7.5],
    [17, 10.8, 0.97],
    [2.45, 2.94],
  ),
  '10-low-loss': figures(
    '10 mm low-loss',
    'low-loss foam 10 mm',
    [10.9, 3.4],
    [12, 8.3, 7.5],
    [17, 10.8, 0.97],
    [2.85, 3.5],
  ),
  '10-stranded': figures(
    '10 mm low-loss, stranded',
    'low-loss foam 10 mm, stranded',
    [10.9, 3.4],
    [12, 8.3, 7.5],
    [17, 10.8, 0.97],
    [2.95, 3.8],
  ),
  '13-low-loss': figures(
    '13 mm low-loss',
    'low-loss foam 13 mm',
    [13.1, 4.52],
    [13, 10.5, 9.65],
    [19, 13.2, 1],
    [3.75, 4.69],
  ),
  '15-low-loss': figures(
    '15 mm low-loss',
    'low-loss foam 15 mm',
    [15.5, 5.41],
    [14, 12.7, 11.8],
    [21, 15.5, 1.15],
    [4.6, 5.6],
  ),
} as const satisfies Record<string, FerruleFigures>;

export type FerruleClass = keyof typeof ferruleClasses;
