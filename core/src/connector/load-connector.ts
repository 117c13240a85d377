import type { ConnectorEntry } from './connector-entry.ts';
import { connectorEntrySchema } from './connector-entry.ts';
import type { Connector } from './connector.ts';
import { contactsOfLayout } from './contact.ts';
import { pinSeriesById, pinSeriesIds } from './pin-series.ts';
import { connectorSeriesById } from './series.ts';

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
