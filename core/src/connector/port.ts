import type { SeriesId } from './series.ts';
import { connectorSeries } from './series.ts';

/** A socket or plug of a device that a coaxial end has to mate with. */
export interface MatingPort {
  readonly seriesId: SeriesId;
  readonly sex: 'plug' | 'socket';
  readonly reversePolarity: boolean;
}

/** A port by the text that names it in addresses and fields, with its words. */
export interface NamedPort {
  readonly id: string;
  readonly label: string;
  readonly port: MatingPort;
}

/** Every port that an end could have to mate with, as `n socket` or `sma plug rp`. */
export const matingPorts: readonly NamedPort[] = connectorSeries
  .filter(({ coupling }) => coupling !== 'none')
  .flatMap(({ id, name }) =>
    (id === 'sma' ? [false, true] : [false]).flatMap((reversePolarity) =>
      (['socket', 'plug'] as const).map((sex) => ({
        id: `${id} ${sex}${reversePolarity ? ' rp' : ''}`,
        label: `${reversePolarity ? 'RP-' : ''}${name.replace(' pair', '')}, ${sex}`,
        port: { seriesId: id, sex, reversePolarity },
      })),
    ),
  );
