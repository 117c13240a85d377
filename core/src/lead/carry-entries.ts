import { cableEntries } from '../cable/catalogue/catalogue.ts';
import { connectorEntries } from '../connector/catalogue/catalogue.ts';
import { connectorEntrySchema } from '../connector/connector-entry.ts';
import type { Lead } from './lead.ts';

/** A lead that carries the entry of every cable and connector it uses: it stays whole whatever becomes of the catalogue. */
export function carryEntries(lead: Lead): Lead {
  const isUsed = (id: string) => lead.pieces.some(({ cableId }) => cableId === id);
  const isWanted = (id: string) => lead.ends.some(({ connectorId }) => connectorId === id);
  const isCarried = (own: readonly { readonly id: string }[], id: string) =>
    own.some((entry) => entry.id === id);
  return {
    ...lead,
    ownCables: [
      ...lead.ownCables,
      ...cableEntries.flatMap((entry) =>
        entry.structure !== 'sheet' && isUsed(entry.id) && !isCarried(lead.ownCables, entry.id)
          ? [entry]
          : [],
      ),
    ],
    ownConnectors: [
      ...lead.ownConnectors,
      ...connectorEntries
        .filter(({ id }) => isWanted(id) && !isCarried(lead.ownConnectors, id))
        .map((entry) => connectorEntrySchema.parse(entry)),
    ],
  };
}
