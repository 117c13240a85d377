import type { Cable } from '../cable.ts';
import { loadCable } from '../cable.ts';
import { flexibleCoax } from './coax-flexible.ts';

/** Every cable that ships, by family. Adding one is adding an entry to its family's file. */
export const cables: readonly Cable[] = [...flexibleCoax].map(loadCable);

/** A cable of the catalogue. @throws RangeError when there is no such cable. */
export function cableById(id: string): Cable {
  const cable = cables.find((entry) => entry.id === id);
  if (!cable) throw new RangeError(`catalogue: there is no cable "${id}"`);
  return cable;
}
