import type { CoaxCable } from '../cable/cable.ts';
import { topFrequency } from '../cable/electrical.ts';
import type { CoaxConnector } from '../connector/connector.ts';

/** Whether the highest working frequency is below what the connector is made for and below where the cable ends. */
export interface FrequencyCheck {
  readonly label: string;
  readonly limit: number;
  readonly highest: number;
  readonly verdict: 'fits' | 'does not fit';
}

/** Frequencies in hertz. */
export function frequencyChecks(
  cable: CoaxCable,
  connectors: readonly Pick<CoaxConnector, 'name' | 'series'>[],
  frequencies: readonly number[],
): FrequencyCheck[] {
  const highest = Math.max(...frequencies);
  const check = (label: string, limit: number): FrequencyCheck => ({
    label,
    limit,
    highest,
    verdict: highest <= limit ? 'fits' : 'does not fit',
  });
  const top = topFrequency(cable);
  const distinct = connectors.filter(
    (connector, index) => connectors.findIndex(({ name }) => name === connector.name) === index,
  );
  return [
    ...distinct.flatMap(({ name, series }) => (series.limit === null ? [] : [check(name, series.limit)])),
    check(`${cable.name}, ${top.rated ? 'rated' : 'first higher mode'}`, top.limit),
  ];
}
