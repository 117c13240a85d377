import type { Connector } from '../connector.ts';
import { loadConnector } from '../connector.ts';
import { crimpPlugs } from './crimp-plugs.ts';

/** Every connector that ships. Adding one is adding an entry to its family's file. */
export const connectors: readonly Connector[] = [...crimpPlugs].map(loadConnector);

/** A connector of the catalogue. @throws RangeError when there is no such connector. */
export function connectorById(id: string): Connector {
  const connector = connectors.find((entry) => entry.id === id);
  if (!connector) throw new RangeError(`catalogue: there is no connector "${id}"`);
  return connector;
}
