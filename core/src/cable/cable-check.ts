import type { LayeredCable } from './cable.ts';

/** What a caliper and an eye find on a cable. Metres; null where nobody measured it. */
export interface CableSeen {
  readonly jacket: number | null;
  readonly dielectric: number | null;
  readonly copper: 'bright' | 'dark' | null;
}

/** One thing that was found, against what a cable of this class has. Metres. */
export interface CableFinding {
  readonly of: 'jacket' | 'dielectric';
  readonly nominal: number;
  readonly off: number;
  readonly measured: number;
  readonly fits: boolean;
}

/** How far a cable of a class may be off over its jacket and over its dielectric: a part, and at least so much. Metres. Engineering values. */
const allowed = {
  jacket: { part: 0.04, least: 0.2e-3 },
  dielectric: { part: 0.03, least: 0.1e-3 },
} as const;

const nominalOf = (cable: LayeredCable, of: CableFinding['of']): number | null => {
  if (of === 'jacket') return cable.jacket.diameter;
  return cable.structure === 'coax' ? cable.dielectric.diameter : null;
};

/** Whether a cable is the class that it says it is, by what was measured of it. */
export function checkCable(cable: LayeredCable, seen: CableSeen): CableFinding[] {
  return (['jacket', 'dielectric'] as const).flatMap((of): CableFinding[] => {
    const [nominal, measured] = [nominalOf(cable, of), seen[of]];
    if (nominal === null || measured === null) return [];
    const off = Math.max(allowed[of].part * nominal, allowed[of].least);
    return [{ of, nominal, off, measured, fits: Math.abs(measured - nominal) <= off + 1e-9 }];
  });
}
