import type { LoadedEntry } from './connector-entry.ts';
import type { FeatureName } from './features.ts';
import type { Contact } from './contact.ts';
import type { PinSeries } from './pin-series.ts';
import type { ConnectorSeries } from './series.ts';

interface ConnectorBase extends Omit<
  LoadedEntry,
  'seriesId' | 'featuresMm' | 'ferruleDieMm' | 'pinDieMm' | 'pitchMm' | 'positions'
> {
  readonly contacts: readonly Contact[];
  /** Hex dies across flats; null where nothing is crimped. */
  readonly ferruleDie: number | null;
  readonly pinDie: number | null;
  readonly features: Readonly<Partial<Record<FeatureName, number>>>;
}

/** An end of a coaxial line. */
export interface CoaxConnector extends ConnectorBase {
  readonly series: ConnectorSeries;
}

/** An end with numbered or named contacts. */
export interface PinConnector extends ConnectorBase {
  readonly series: PinSeries;
}

/** A connector in SI units. Its features are nominal class values: a gauge card replaces them. */
export type Connector = CoaxConnector | PinConnector;

export function isCoaxial(connector: Connector): connector is CoaxConnector {
  return connector.series.kind === 'coaxial';
}

/** A contact of a connector. @throws RangeError when it does not have it. */
export function contactOf({ name, contacts }: Connector, id: string): Contact {
  const found = contacts.find((contact) => contact.id === id);
  if (!found)
    throw new RangeError(
      `${name} has no contact "${id}": it has ${contacts.map((contact) => contact.id).join(', ')}.`,
    );
  return found;
}

/** Allowance for one contact in a resistance limit, ohm. */
export function contactAllowanceOf({ series }: Connector, contactId: string): number {
  return series.kind === 'pins'
    ? series.contactAllowance
    : series.contactAllowance[contactId === 'centre' ? 'centre' : 'outer'];
}

/** How an end is called for short: series with reverse polarity, and sex; bare cores have none. */
export function seriesAndSex({ series, reversePolarity, sex, method }: Connector): string {
  if (method === 'bare end') return series.series;
  return `${reversePolarity ? 'RP-' : ''}${series.series} ${sex}`;
}

/** Whether the centre contact is a pin: of a plug, or of a socket with reverse polarity. */
export function hasPin({ sex, reversePolarity }: Pick<Connector, 'sex' | 'reversePolarity'>): boolean {
  return (sex === 'plug') !== reversePolarity;
}
