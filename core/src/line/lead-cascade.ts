import { lineFigures } from '../cable/line-figures.ts';
import type { CascadeElement } from './cascade.ts';
import type { LeadLine } from './lead-match.ts';
import { connectorLossDb } from './lead-match.ts';
import type { Connector } from '../connector/connector.ts';

function connectorPiece(connector: Connector): CascadeElement {
  const perHundred = (connectorLossDb(connector, 1e9) / connector.lineLength) * 100;
  return {
    kind: 'line',
    impedance: connector.impedance,
    velocityFactor: 0.7,
    length: connector.lineLength,
    loss: { k1: perHundred / Math.sqrt(1e9), k2: 0 },
  };
}

/** A lead as a cascade, near end first: what a sweep of it should show. */
export function leadCascade({
  cable,
  length,
  near,
  far,
}: Pick<LeadLine, 'cable' | 'length' | 'near' | 'far'>): CascadeElement[] {
  const { impedance, velocityFactor, fit } = lineFigures(cable);
  return [
    connectorPiece(near),
    { kind: 'line', impedance, velocityFactor, length, loss: { k1: fit.k1, k2: fit.k2 } },
    connectorPiece(far),
  ];
}
