import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { ConnectorEntry } from '../connector/connector-entry.ts';
import { loadConnector } from '../connector/load-connector.ts';
import type { Lead } from './lead.ts';

const loaded = new WeakMap<ConnectorEntry, Connector>();

/**
 * The connector of an end: one that the lead carries (a frozen lead carries all of its own, whatever becomes of the
 * catalogue), else of the catalogue.
 * @throws RangeError when neither has it.
 */
export function leadConnector(
  { ownConnectors }: Pick<Lead, 'ownConnectors'>,
  connectorId: string,
): Connector {
  const entry = ownConnectors.find(({ id }) => id === connectorId);
  if (!entry) return connectorById(connectorId);
  const known = loaded.get(entry);
  if (known) return known;
  const connector = loadConnector(entry);
  loaded.set(entry, connector);
  return connector;
}
