import type { Connector } from '../connector.ts';
import { loadConnector } from '../connector.ts';
import { clampGlands } from './clamp-glands.ts';
import { pinAndFerruleConnectors } from './pin-and-ferrule.ts';
import { pushOnConnectors } from './push-on.ts';
import { compressionPlugs, directSolderConnectors, feederClamps, trunkConnectors } from './rigid.ts';
import { uhfPlugs } from './uhf-plugs.ts';

/** Every connector that ships. Adding one is adding an entry to its family's file. */
export const connectors: readonly Connector[] = [
  ...pinAndFerruleConnectors,
  ...pushOnConnectors,
  ...uhfPlugs,
  ...clampGlands,
  ...directSolderConnectors,
  ...feederClamps,
  ...trunkConnectors,
  ...compressionPlugs,
].map(loadConnector);

const byId = new Map(connectors.map((connector) => [connector.id, connector]));

/** A connector of the catalogue. @throws RangeError when there is no such connector. */
export function connectorById(id: string): Connector {
  const connector = byId.get(id);
  if (!connector) throw new RangeError(`catalogue: there is no connector "${id}"`);
  return connector;
}
