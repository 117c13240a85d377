import type { CoaxCable } from '../cable/cable.ts';
import { loadCable } from '../cable/cable.ts';
import { cableById } from '../cable/catalogue/catalogue.ts';
import type { Lead } from './lead.ts';
import { LeadError } from './tree.ts';

/**
 * The cable of a piece: one of the lead's own (it carries the entry of a cable that the catalogue does not have), else
 * of the catalogue.
 * @throws LeadError when it is not a coaxial cable with layers: nothing else can be stripped and fitted yet.
 */
export function leadCable(lead: Lead, cableId: string): CoaxCable {
  const own = lead.ownCables.find(({ id }) => id === cableId);
  if (own) return loadCable(own);
  const cable = cableById(cableId);
  if (cable.structure !== 'coax')
    throw new LeadError(
      `${cable.name} is not a coaxial cable with known layers: no end can be fitted to it yet.`,
    );
  return cable;
}
