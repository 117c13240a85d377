import type { Connector } from '../connector.ts';
import { loadConnector } from '../connector.ts';
import { pinAndFerruleConnectors } from './pin-and-ferrule.ts';

/** Every connector that ships. Adding one is adding an entry to its family's file. */
export const connectors: readonly Connector[] = [...pinAndFerruleConnectors].map(loadConnector);

const byId = new Map(connectors.map((connector) => [connector.id, connector]));

/** A connector of the catalogue. @throws RangeError when there is no such connector. */
export function connectorById(id: string): Connector {
  const connector = byId.get(id);
  if (!connector) throw new RangeError(`catalogue: there is no connector "${id}"`);
  return connector;
}
