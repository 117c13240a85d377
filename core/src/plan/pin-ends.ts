import type { LayeredCable } from '../cable/cable.ts';
import { pinConnectors } from '../connector/catalogue/catalogue.ts';
import type { PinConnector } from '../connector/connector.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import { looseEnd } from '../end/end-input.ts';
import { methodOf } from '../method/methods.ts';

/** Audio, lighting, speaker and terminal ends that go on a cable; a die that the shop lacks is not held against them. */
export function pinEndsFor(cable: LayeredCable, house: House): PinConnector[] {
  return pinConnectors.filter((connector) => {
    const method = methodOf(connector.method);
    if (method.refuses(cable) !== null) return false;
    const card = nominalGaugeCard(connector, 'nominal', 'nominal', house.changedAt);
    return method
      .fit(looseEnd({ cable, connector, card, house, power: 1 }))
      .every(({ verdict, about }) => verdict !== 'does not fit' || about === 'tool');
  });
}
