import type { Cable, CoaxCable, LayeredCable } from '../cable.ts';
import { loadCable } from '../cable.ts';
import type { CableEntry } from '../construction.ts';
import { balancedAudio, unbalancedAudio } from './audio.ts';
import { flexibleCoax } from './coax-flexible.ts';
import { lowLossCoax } from './coax-low-loss.ts';
import { feeders, semiRigidCoax, trunks } from './coax-rigid.ts';
import { lightingCables, speakerCables } from './control.ts';

/** Every entry that ships, by family. Adding a cable is adding an entry to its family's file. */
export const cableEntries: readonly CableEntry[] = [
  ...flexibleCoax,
  ...lowLossCoax,
  ...semiRigidCoax,
  ...feeders,
  ...trunks,
  ...unbalancedAudio,
  ...balancedAudio,
  ...lightingCables,
  ...speakerCables,
];

export const cables: readonly Cable[] = cableEntries.map((entry) => loadCable(entry));

/** The coaxial ones among them. */
export const coaxCables: readonly CoaxCable[] = cables.filter((cable) => cable.structure === 'coax');

/** Those with layers or cores, of which a lead can be made. */
export const layeredCables: readonly LayeredCable[] = cables.filter(
  (cable): cable is LayeredCable => cable.structure !== 'sheet',
);

/** A cable of the catalogue. @throws RangeError when there is no such cable. */
export function cableById(id: string): Cable {
  const cable = cables.find((entry) => entry.id === id);
  if (!cable) throw new RangeError(`catalogue: there is no cable "${id}"`);
  return cable;
}

/** A coaxial cable of the catalogue. @throws RangeError when there is no such coaxial cable. */
export function coaxById(id: string): CoaxCable {
  const cable = cableById(id);
  if (cable.structure !== 'coax') throw new RangeError(`catalogue: "${id}" is not a coaxial cable`);
  return cable;
}
