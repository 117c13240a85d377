/** What a technician adds to a lead beside what its methods bring. */
interface AddedPartFacts {
  /** Cut from stock to this length unless another is asked for, metres; null where it is a piece of its own. */
  readonly length: number | null;
  /** It has a colour that is chosen. */
  readonly coloured: boolean;
  /** How it holds: shrunk plain or with adhesive, slid on, or put round from the side. */
  readonly holds: 'shrink' | 'adhesive shrink' | 'slid on' | 'from the side';
  /** It lies over the rear of the connector and the jacket behind it. */
  readonly overRear: boolean;
  /** From the jacket edge of its end where nothing else is asked, metres. */
  readonly distance: number;
}

/** Kinds of added parts with their usual figures. House defaults. */
export const addedParts = {
  'relief shrink': { length: 30e-3, coloured: false, holds: 'shrink', overRear: true, distance: 5e-3 },
  'jacket seal': { length: 40e-3, coloured: false, holds: 'adhesive shrink', overRear: true, distance: 8e-3 },
  'colour band': { length: 12e-3, coloured: true, holds: 'shrink', overRear: false, distance: 60e-3 },
  'marker ring': { length: null, coloured: true, holds: 'slid on', overRear: false, distance: 50e-3 },
  tube: { length: 100e-3, coloured: false, holds: 'slid on', overRear: false, distance: 80e-3 },
  boot: { length: null, coloured: true, holds: 'slid on', overRear: false, distance: 15e-3 },
  'plug cover': { length: null, coloured: false, holds: 'slid on', overRear: false, distance: 30e-3 },
  tie: { length: null, coloured: false, holds: 'from the side', overRear: false, distance: 150e-3 },
} as const satisfies Record<string, AddedPartFacts>;

export type AddedKind = keyof typeof addedParts;
export const addedKinds = Object.keys(addedParts) as [AddedKind, ...AddedKind[]];

/** Farther than this from the jacket edge a part lies on the jacket alone, metres. Engineering value. */
const besideRear = 25e-3;

/** Whether an added part lies over the rear of its connector, or on the jacket alone. */
export const liesOverRear = (kind: AddedKind, distance: number): boolean =>
  addedParts[kind].overRear && distance <= besideRear;

/** What is known of a kind. */
export const addedPart = (kind: AddedKind): AddedPartFacts => addedParts[kind];
