import type { CoreCable, LayeredCable } from './cable.ts';
import { conductorOf, conductorsOf } from './conductors.ts';
import { lineFigures } from './line-figures.ts';
import { fieldOf, pairFigures } from './pair.ts';

/** Cores of different pairs see little of each other past their twist: this part of what a pair's own cores do. Engineering value. */
const acrossPairs = 0.1;
/** In a cable of several pairs so much of a pair's capacitance is straight from core to core, the rest by way of the shield. Engineering value. */
const straightInPairs = 0.7;

/**
 * Direct capacitance between two conductors of a cable, farads per metre, with all others held apart from it: the entry of
 * the capacitance matrix, not what a meter shows. Of several pairs, from the figures of one: `Cs = 2 (Csg - Cm)`,
 * `Ccc = 2 Cm - Csg` with Cm core to core (shield open) and Csg core to shield (other core tied to it).
 * @throws RangeError when the cable does not have a conductor.
 */
export function directCapacitance(cable: LayeredCable, a: string, b: string): number {
  if (cable.structure === 'coax') return lineFigures(cable).capacitance;
  const [first, second] = [conductorOf(cable, a), conductorOf(cable, b)];
  const toShield = first.kind === 'shield' || second.kind === 'shield';
  if (cable.lay === 'pairs') return ofPairs(cable, toShield, first.pair === second.pair);
  const { cores, poleToPole, poleToShield } = fieldOf(cable);
  if (poleToShield === null && cores.length === 2) return poleToPole;
  if (!toShield) return -cores[placeOf(cable, a)]![placeOf(cable, b)]!;
  if (poleToShield === null) return 0;
  return cores[placeOf(cable, first.kind === 'shield' ? b : a)]!.reduce((sum, value) => sum + value, 0);
}

/** Several pairs screen each other from the shield. */
function ofPairs(cable: CoreCable, toShield: boolean, isOwnPair: boolean): number {
  const { coreToCore, coreToShield: alone } = pairFigures(cable);
  if (alone === null) return toShield ? 0 : isOwnPair ? coreToCore : acrossPairs * coreToCore;
  const coreToShield = (2 - straightInPairs) * coreToCore;
  if (toShield) return 2 * (coreToShield - coreToCore);
  const between = 2 * coreToCore - coreToShield;
  return isOwnPair ? between : acrossPairs * between;
}

/** Cores are listed in their order round the axis. */
const placeOf = (cable: LayeredCable, wanted: string): number =>
  conductorsOf(cable).findIndex(({ id }) => id === wanted);
