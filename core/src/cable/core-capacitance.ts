import type { CoreCable, LayeredCable } from './cable.ts';
import { conductorOf, conductorsOf } from './conductors.ts';
import { lineFigures } from './line-figures.ts';
import type { PairFigures } from './pair.ts';
import { pairFigures } from './pair.ts';

/** Cores of different pairs see little of each other past their twist: this part of what a pair's own cores do. Engineering value. */
const acrossPairs = 0.1;
/** In a cable of several pairs so much of a pair's capacitance is straight from core to core, the rest by way of the shield. Engineering value. */
const straightInPairs = 0.7;
/** Opposite cores of a star quad are screened by the other two. Engineering value. */
const acrossQuad = 0.15;

/**
 * Direct capacitance between two conductors of a cable, farads per metre, with all others held apart from it: the entry of
 * the capacitance matrix, not what a meter shows. From the figures of the pair: `Cs = 2 (Csg - Cm)`, `Ccc = 2 Cm - Csg`
 * with Cm core to core (shield open) and Csg core to shield (other core tied to it).
 * @throws RangeError when the cable does not have a conductor.
 */
export function directCapacitance(cable: LayeredCable, a: string, b: string): number {
  if (cable.structure === 'coax') return lineFigures(cable).capacitance;
  const [first, second] = [conductorOf(cable, a), conductorOf(cable, b)];
  const { coreToCore, coreToShield } = figuresOf(cable);
  // Figures of a star quad are for two cores on each pole: a pole has twice what a core has to the shield, and four ways across.
  const cores = cable.lay === 'star quad' ? 2 : 1;
  const between = (coreToShield === null ? coreToCore : 2 * coreToCore - coreToShield) / cores ** 2;
  if (first.kind === 'shield' || second.kind === 'shield')
    return coreToShield === null ? 0 : (2 * (coreToShield - coreToCore)) / cores;
  if (cable.lay === 'star quad') return isOpposite(cable, a, b) ? acrossQuad * between : between;
  return first.pair === second.pair ? between : acrossPairs * between;
}

/** Figures of one pair alone in the shield; where there are several, they screen each other from it. */
function figuresOf(cable: CoreCable): Pick<PairFigures, 'coreToCore' | 'coreToShield'> {
  const figures = pairFigures(cable);
  if (cable.lay !== 'pairs' || figures.coreToShield === null) return figures;
  return {
    coreToCore: figures.coreToCore,
    coreToShield: (2 - straightInPairs) * figures.coreToCore,
  };
}

/** Cores of a quad are listed in their order round the axis. */
function isOpposite(cable: LayeredCable, a: string, b: string): boolean {
  const place = (wanted: string) => conductorsOf(cable).findIndex(({ id }) => id === wanted);
  return Math.abs(place(a) - place(b)) === 2;
}
