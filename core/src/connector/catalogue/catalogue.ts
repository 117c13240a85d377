import type { CoaxConnector, Connector, PinConnector } from '../connector.ts';
import type { ConnectorEntry } from '../connector-entry.ts';
import { isCoaxial } from '../connector.ts';
import { loadConnector } from '../load-connector.ts';
import { lowProfileEnds, lugEnds, roundEnds } from './audio-ends.ts';
import { clampGlands } from './clamp-glands.ts';
import { pinAndFerruleConnectors } from './pin-and-ferrule.ts';
import { pushOnConnectors } from './push-on.ts';
import { compressionPlugs, directSolderConnectors, feederClamps, trunkConnectors } from './rigid.ts';
import { bareEnds, pairEnds, speakerEnds } from './speaker-ends.ts';
import { modularPlugs, terminalBlocks } from './terminals.ts';
import { uhfPlugs } from './uhf-plugs.ts';

/** Every connector that ships. Adding one is adding an entry to its family's file. */
export const connectorEntries: readonly ConnectorEntry[] = [
  ...pinAndFerruleConnectors,
  ...pushOnConnectors,
  ...uhfPlugs,
  ...clampGlands,
  ...directSolderConnectors,
  ...feederClamps,
  ...trunkConnectors,
  ...compressionPlugs,
  ...roundEnds,
  ...lugEnds,
  ...lowProfileEnds,
  ...speakerEnds,
  ...pairEnds,
  ...bareEnds,
  ...terminalBlocks,
  ...modularPlugs,
];

export const connectors: readonly Connector[] = connectorEntries.map(loadConnector);

/** Those of a coaxial line, and those with several contacts. */
export const coaxConnectors: readonly CoaxConnector[] = connectors.filter(isCoaxial);
export const pinConnectors: readonly PinConnector[] = connectors.filter(
  (connector): connector is PinConnector => !isCoaxial(connector),
);

const byId = new Map(connectors.map((connector) => [connector.id, connector]));

/** A connector of the catalogue. @throws RangeError when there is no such connector. */
export function connectorById(id: string): Connector {
  const connector = byId.get(id);
  if (!connector) throw new RangeError(`catalogue: there is no connector "${id}"`);
  return connector;
}

/** A coaxial connector of the catalogue. @throws RangeError when there is no such coaxial connector. */
export function coaxConnectorById(id: string): CoaxConnector {
  const connector = connectorById(id);
  if (!isCoaxial(connector)) throw new RangeError(`catalogue: "${id}" is not a coaxial connector`);
  return connector;
}
