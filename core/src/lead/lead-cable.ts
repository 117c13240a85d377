import type { CoaxEntry, CoreEntry } from '../cable/construction.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { loadCable } from '../cable/cable.ts';
import { cableById } from '../cable/catalogue/catalogue.ts';
import type { Lead } from './lead.ts';
import { LeadError } from './tree.ts';

const loaded = new WeakMap<CoaxEntry | CoreEntry, LayeredCable>();

/** An entry is parsed once, however often it is asked for while a lead is planned. */
function loadOnce(entry: CoaxEntry | CoreEntry): LayeredCable {
  const known = loaded.get(entry);
  if (known) return known;
  const cable = loadCable(entry);
  loaded.set(entry, cable);
  return cable;
}

/**
 * The cable of a piece: one of the lead's own (it carries the entry of a cable that the catalogue does not have), else
 * of the catalogue.
 * @throws LeadError when only its data sheet is known: nothing can be stripped and fitted without layers.
 */
export function leadCable(lead: Lead, cableId: string): LayeredCable {
  const own = lead.ownCables.find(({ id }) => id === cableId);
  if (own) return loadOnce(own);
  const cable = cableById(cableId);
  if (cable.structure === 'sheet')
    throw new LeadError(
      `${cable.name} is known by its data sheet only: without its layers no end can be planned.`,
    );
  return cable;
}
