import type { Explained } from '../quantity/explained.ts';

/** A braided sleeve as it is sold: by its diameter lying loose. */
export interface BraidedSleeve {
  readonly id: string;
  readonly name: string;
  /** Diameter if every fibre stood across, metres: no sleeve reaches it, all of its diameters follow from it. */
  readonly across: number;
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Angle of the fibres to the axis when the sleeve lies loose, and where they jam. Engineering values. */
const loose = radians(45);
const jam = { stretched: radians(18), pushed: radians(66) } as const;

/** Sizes that ship, by the diameter lying loose, millimetres. */
export const braidedSleeves: readonly BraidedSleeve[] = [4, 6, 8, 10, 12, 16, 20, 25].map((size) => ({
  id: `sleeve-${size}`,
  name: `braided sleeve ${size} mm`,
  across: (size * 1e-3) / Math.sin(loose),
}));

/** A sleeve by its id. @throws RangeError when there is none. */
export function braidedSleeveById(id: string): BraidedSleeve {
  const found = braidedSleeves.find((sleeve) => sleeve.id === id);
  if (!found) throw new RangeError(`braided sleeves: there is no "${id}"`);
  return found;
}

/** Diameters that a sleeve takes between stretched and pushed together, metres. */
export function sleeveRange({ across }: BraidedSleeve): { least: number; most: number } {
  return { least: across * Math.sin(jam.stretched), most: across * Math.sin(jam.pushed) };
}

/** Added at each end for the cut edge that is sealed with heat, metres. Engineering value. */
const sealedEdge = 6e-3;

/** What is left over at each end, to be trimmed and sealed with heat once the sleeve is drawn tight, metres. House default. */
const overLong = 25e-3;

/**
 * Length to cut, lying loose, so that it covers a length on a bundle: fibres keep their length, so
 * `D = D90 sin(angle)` and `L = L0 cos(angle)`; cut = covered x cos(loose) / cos(on the bundle) + what each end takes:
 * a sealed edge, or what is trimmed once it is drawn tight.
 * @throws RangeError when the bundle is thinner or thicker than the sleeve takes.
 */
export function sleeveCutLength(
  sleeve: BraidedSleeve,
  bundle: number,
  covered: number,
  ends: 'sealed' | 'over-long' = 'sealed',
): Explained {
  const { least, most } = sleeveRange(sleeve);
  if (!(bundle >= least && bundle <= most))
    throw new RangeError(
      `${sleeve.name} takes ${(least * 1e3).toFixed(1)} to ${(most * 1e3).toFixed(1)} mm; this is ${(bundle * 1e3).toFixed(1)} mm.`,
    );
  const angle = Math.asin(bundle / sleeve.across);
  const ratio = Math.cos(loose) / Math.cos(angle);
  const both = 2 * (ends === 'sealed' ? sealedEdge : overLong);
  return {
    value: covered * ratio + both,
    kind: 'length',
    formula: `covered x cos(loose) / cos(on it) + ${ends === 'sealed' ? 'sealed edges' : 'over-long'}`,
    terms: [
      { label: 'Length covered', value: covered, kind: 'length' },
      { label: 'Across the cable or bundle', value: bundle, kind: 'length', assumed: true },
      { label: 'Fibre angle on it, degrees', value: (angle * 180) / Math.PI, kind: 'ratio' },
      {
        label: 'Fibre angle lying loose, degrees',
        value: (loose * 180) / Math.PI,
        kind: 'ratio',
        assumed: true,
      },
      {
        label: ends === 'sealed' ? 'Both sealed edges' : 'Over-long, both ends',
        value: both,
        kind: 'length',
        assumed: true,
      },
    ],
    source: 'geometry of a braid of constant fibre length',
  };
}
