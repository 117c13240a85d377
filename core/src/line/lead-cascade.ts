import { lineFigures } from '../cable/line-figures.ts';
import type { CascadeElement } from './cascade.ts';
import { connectorElement } from './connector-line.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { CoaxConnector } from '../connector/connector.ts';

/** A lead as a cascade, near end first: what a sweep of it should show. */
export function leadCascade({
  cable,
  length,
  near,
  far,
}: {
  readonly cable: CoaxCable;
  readonly length: number;
  readonly near: CoaxConnector;
  readonly far: CoaxConnector;
}): CascadeElement[] {
  const { impedance, velocityFactor, fit } = lineFigures(cable);
  return [
    connectorElement(near.series),
    { kind: 'line', impedance, velocityFactor, length, loss: { k1: fit.k1, k2: fit.k2 } },
    connectorElement(far.series),
  ];
}
