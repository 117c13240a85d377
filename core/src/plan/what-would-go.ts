import { layeredCables } from '../cable/catalogue/catalogue.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { Signal } from '../connector/signal.ts';
import type { House } from '../house/house.ts';
import { cableFamiliesFor } from '../lead/cable-families.ts';
import { goesOn } from './goes-on.ts';
import type { EndPlan } from './lead-plan.ts';

/** What could be taken instead where an end does not go together, the likest first. */
export interface WhatWouldGo {
  /** Of the same series and sex, on this cable. */
  readonly connectors: readonly Connector[];
  /** That the signal is sent over, in this connector. */
  readonly cables: readonly LayeredCable[];
}

/** So many of each are named. */
const mostNamed = 3;

/**
 * For an end that is refused or does not fit: the connectors of its series and sex that its cable takes, the same method
 * first, and the cables for its signal that its connector takes, those nearest in diameter first. Null where it fits.
 */
export function whatWouldGo(
  { connector, cable, refusal, fit }: EndPlan,
  signal: Signal,
  house: House,
): WhatWouldGo | null {
  const misfit = fit.some(({ verdict, about }) => verdict === 'does not fit' && about !== 'tool');
  if (refusal === null && !misfit) return null;
  const alike = connectors.filter(
    (other) =>
      other.id !== connector.id &&
      other.series.id === connector.series.id &&
      other.sex === connector.sex &&
      other.reversePolarity === connector.reversePolarity &&
      other.contacts.length === connector.contacts.length,
  );
  const families = cableFamiliesFor[signal];
  const apart = (other: LayeredCable) => Math.abs(other.jacket.diameter - cable.jacket.diameter);
  const cables = layeredCables.filter(
    (other) =>
      other.id !== cable.id &&
      families.includes(other.family) &&
      other.nominalImpedance === cable.nominalImpedance,
  );
  return {
    connectors: alike
      .filter((other) => goesOn(other, cable, house))
      .sort((a, b) => unlike(a, connector) - unlike(b, connector))
      .slice(0, mostNamed),
    cables: cables
      .filter((other) => goesOn(connector, other, house))
      .sort((a, b) => apart(a) - apart(b))
      .slice(0, mostNamed),
  };
}

const unlike = (a: Connector, b: Connector) =>
  Number(a.method !== b.method) + Number(a.rightAngle !== b.rightAngle);
