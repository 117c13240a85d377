import { z } from 'zod';
import type { FeatureName } from './features.ts';
import { featureNames } from './features.ts';
import { methodNames } from './method-name.ts';
import type { Contact } from './contact.ts';
import { contactsOfLayout, mostPositions } from './contact.ts';
import type { PinSeries } from './pin-series.ts';
import { pinSeriesById, pinSeriesIds } from './pin-series.ts';
import type { ConnectorSeries } from './series.ts';
import { connectorSeriesById, seriesIds } from './series.ts';

/** A connector as its catalogue file writes it; nominal features in millimetres. */
export const connectorEntrySchema = z.object({
  id: z.string(),
  name: z.string(),
  seriesId: z.enum([...seriesIds, ...pinSeriesIds]),
  /** What is offered to the mate: a splice has a cable on both sides. */
  sex: z.enum(['plug', 'socket', 'splice']),
  /** The sex of the centre contact is turned over; that of the body stands. */
  reversePolarity: z.boolean().default(false),
  method: z.enum(methodNames),
  forCoax: z.string().optional(),
  /** How a contact is fixed to its conductor. */
  contactFixing: z.enum([
    'crimp',
    'solder',
    'captive',
    'conductor',
    'screw',
    'seized',
    'spring',
    'displacement',
  ]),
  /** Contacts of a terminal block, and how far apart. */
  positions: z.number().int().min(2).max(mostPositions).optional(),
  pitchMm: z.number().positive().optional(),
  /** The cable leaves across the axis of the contacts. */
  rightAngle: z.boolean().default(false),
  /** The dielectric that its mandrel and coring are made for, where that matters. */
  forDielectric: z.enum(['foam polyethylene', 'fused disc']).optional(),
  /** What the shell is plated with: nickel takes solder badly. */
  plating: z.enum(['silver', 'nickel', 'tri-metal', 'gold', 'bare']),
  ferruleDieMm: z.number().positive().optional(),
  pinDieMm: z.number().positive().optional(),
  featuresMm: z.partialRecord(z.enum(featureNames), z.number()),
  source: z.string().min(1),
});

export type ConnectorEntry = z.input<typeof connectorEntrySchema>;

interface ConnectorBase extends Omit<
  z.output<typeof connectorEntrySchema>,
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

const isPinSeriesId = (id: string): id is (typeof pinSeriesIds)[number] =>
  pinSeriesIds.some((known) => known === id);

/** Checks a catalogue entry and converts it to SI. @throws ZodError when the entry is not a connector. */
export function loadConnector(entry: ConnectorEntry): Connector {
  const { seriesId, featuresMm, ferruleDieMm, pinDieMm, positions, pitchMm, ...rest } =
    connectorEntrySchema.parse(entry);
  const inMetres = (millimetres: number | undefined) =>
    millimetres === undefined ? null : millimetres * 1e-3;
  const base = {
    ...rest,
    ferruleDie: inMetres(ferruleDieMm),
    pinDie: inMetres(pinDieMm),
    features: Object.fromEntries(
      Object.entries(featuresMm).map(([name, millimetres]) => [name, millimetres * 1e-3]),
    ),
  };
  if (!isPinSeriesId(seriesId))
    return { ...base, series: connectorSeriesById(seriesId), contacts: contactsOfLayout('coax', 0, 0) };
  const series = pinSeriesById(seriesId);
  return {
    ...base,
    series,
    contacts: contactsOfLayout(series.layout, positions ?? 0, (pitchMm ?? 0) * 1e-3),
  };
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

/** How an end is called for short: series with reverse polarity, and sex. */
export function seriesAndSex({ series, reversePolarity, sex }: Connector): string {
  return `${reversePolarity ? 'RP-' : ''}${series.series} ${sex}`;
}

/** Whether the centre contact is a pin: of a plug, or of a socket with reverse polarity. */
export function hasPin({ sex, reversePolarity }: Pick<Connector, 'sex' | 'reversePolarity'>): boolean {
  return (sex === 'plug') !== reversePolarity;
}
