import type { LayeredCable } from '../cable/cable.ts';
import { pinConnectors } from '../connector/catalogue/catalogue.ts';
import type { PinConnector } from '../connector/connector.ts';
import type { House } from '../house/house.ts';
import { goesOn } from './goes-on.ts';

/** Audio, lighting, speaker and terminal ends that go on a cable. */
export function pinEndsFor(cable: LayeredCable, house: House): PinConnector[] {
  return pinConnectors.filter((connector) => goesOn(connector, cable, house));
}
