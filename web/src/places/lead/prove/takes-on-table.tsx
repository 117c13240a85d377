import type { Readings } from '@gorvane/core/reading/reading.ts';
import { formatTemperature, parseTemperature } from '@gorvane/core/quantity/temperature.ts';
import { Button } from '@mantine/core';
import { QuantityField } from '../../../controls/quantity-field.tsx';
import type { UnitProof } from './use-unit-proof.ts';

/** The room that is read in: copper follows its temperature, and so do the limits. */
export function RoomTemperature({ unitId, table }: { readonly unitId: string; readonly table: UnitProof }) {
  const { celsius, isCelsiusAssumed, setCelsius } = table;
  return (
    <QuantityField
      label="Room temperature"
      description={isCelsiusAssumed ? 'assumed: limits of resistance follow it' : undefined}
      field={`prove/${unitId}/room`}
      written={formatTemperature(celsius)}
      onRead={(text) => setCelsius(parseTemperature(text))}
    />
  );
}

/** The sets of readings on the table, by method; one may be taken off again. */
export function TakesOnTable({
  takes,
  onTakes,
}: {
  readonly takes: readonly Readings[];
  readonly onTakes: (takes: readonly Readings[]) => void;
}) {
  if (takes.length === 0) return null;
  return (
    <section aria-labelledby="methods">
      <h2 id="methods">Readings on the table</h2>
      {takes.map((take) => (
        <div key={`${take.instrument} ${take.device?.serial ?? ''}`} className="stage-head">
          <span style={{ flex: 1 }}>
            {take.instrument}
            {take.device && <span className="soft reading"> {take.device.serial}</span>}
          </span>
          <Button
            size="compact-sm"
            variant="subtle"
            aria-label={`Take off the readings of ${take.instrument}`}
            onClick={() => onTakes(takes.filter((other) => other !== take))}
          >
            Take off
          </Button>
        </div>
      ))}
    </section>
  );
}
