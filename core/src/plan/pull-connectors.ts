import type { LayeredCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { House } from '../house/house.ts';
import { connectorsFor } from './find-end.ts';
import { pinEndsFor } from './pin-ends.ts';

/** Every end of the catalogue that goes on a cable: of a line, or with contacts, as the one that is there. */
export function endsLike(connector: Connector, cable: LayeredCable, house: House): readonly Connector[] {
  if (!isCoaxial(connector)) return pinEndsFor(cable, house);
  return cable.structure === 'coax' ? connectorsFor(cable, house) : [];
}

/**
 * The connector that another cable takes in place of the one that is there: itself where it still fits, else the same series,
 * sex and method in its size, else the same series and sex by another method; undefined where nothing of its series fits.
 */
export function connectorPulled(
  connector: Connector,
  cable: LayeredCable,
  house: House,
): Connector | undefined {
  const fitting = endsLike(connector, cable, house);
  const alike = (other: Connector) =>
    other.series.series === connector.series.series &&
    other.sex === connector.sex &&
    other.reversePolarity === connector.reversePolarity &&
    other.rightAngle === connector.rightAngle;
  return (
    fitting.find(({ id }) => id === connector.id) ??
    fitting.find((other) => alike(other) && other.method === connector.method) ??
    fitting.find(alike)
  );
}
