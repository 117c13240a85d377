import type { LayeredCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { looseEnd } from '../end/end-input.ts';
import type { House } from '../house/house.ts';
import { methodOf } from '../method/methods.ts';

/** Whether a connector of class dimensions goes on a cable; a die or tool that the shop lacks is not held against it. */
export function goesOn(connector: Connector, cable: LayeredCable, house: House): boolean {
  const method = methodOf(connector.method);
  if (method.refuses(cable) !== null) return false;
  const card = nominalGaugeCard(connector, 'nominal', 'nominal', house.changedAt);
  return method
    .fit(looseEnd({ cable, connector, card, house, power: 1 }))
    .every(({ verdict, about }) => verdict !== 'does not fit' || about === 'tool');
}
