import { z } from 'zod';
import type { Cable } from '../cable/cable.ts';
import { lineFigures } from '../cable/line-figures.ts';
import type { CascadeElement } from './cascade.ts';
import { connectorSeriesById } from '../connector/series.ts';
import { connectorElement } from './connector-line.ts';
import type { TwoPortData } from './two-port-data.ts';

const positive = z.number().positive().finite();

/** One thing in a chain of the Line lab, as its address carries it. SI units. */
export const chainItemSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('cable'), cableId: z.string(), length: positive.max(10_000) }),
  z.object({ kind: z.literal('connector'), seriesId: z.string() }),
  z.object({
    kind: z.literal('section'),
    impedance: positive.max(10_000),
    length: positive.max(100),
    velocityFactor: positive.max(1),
  }),
  z.object({ kind: z.literal('series resistor'), value: z.number().min(0).max(1e6) }),
  z.object({ kind: z.literal('series inductor'), value: z.number().min(0).max(1) }),
  z.object({ kind: z.literal('shunt capacitor'), value: z.number().min(0).max(1) }),
  z.object({ kind: z.literal('shunt resistor'), value: positive.max(1e9) }),
  z.object({ kind: z.literal('file'), name: z.string(), hash: z.string() }),
]);

export const chainSchema = z.array(chainItemSchema).max(60);

export type ChainItem = z.infer<typeof chainItemSchema>;

/** What an item is called where it is drawn and ranked. */
export function chainItemLabel(item: ChainItem, cables: readonly Cable[]): string {
  switch (item.kind) {
    case 'cable':
      return cables.find(({ id }) => id === item.cableId)?.name ?? 'a cable that is not there';
    case 'connector':
      return connectorSeriesById(item.seriesId).name;
    case 'section':
      return `section of ${Number(item.impedance.toPrecision(3))} ohm`;
    case 'file':
      return item.name;
    default:
      return item.kind;
  }
}

/** A chain that names what is not there. */
export class ChainError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ChainError';
  }
}

/**
 * The items as a cascade. `files` are measured two-ports by their hash.
 * @throws ChainError when a cable, a series or a file is not there.
 */
export function chainElements(
  items: readonly ChainItem[],
  cables: readonly Cable[],
  files: ReadonlyMap<string, TwoPortData>,
): CascadeElement[] {
  return items.map((item): CascadeElement => {
    switch (item.kind) {
      case 'cable': {
        const cable = cables.find(({ id }) => id === item.cableId);
        if (!cable)
          throw new ChainError(
            'A cable of this chain is not in the catalogue of this browser: choose another.',
          );
        const { impedance, velocityFactor, fit } = lineFigures(cable);
        return {
          kind: 'line',
          impedance,
          velocityFactor,
          length: item.length,
          loss: { k1: fit.k1, k2: fit.k2 },
        };
      }
      case 'connector':
        return connectorElement(connectorSeriesById(item.seriesId));
      case 'section':
        return {
          kind: 'line',
          impedance: item.impedance,
          velocityFactor: item.velocityFactor,
          length: item.length,
          loss: { k1: 0, k2: 0 },
        };
      case 'series resistor':
      case 'shunt resistor':
        return { kind: item.kind, resistance: item.value };
      case 'series inductor':
        return { kind: item.kind, inductance: item.value };
      case 'shunt capacitor':
        return { kind: item.kind, capacitance: item.value };
      case 'file': {
        const data = files.get(item.hash);
        if (!data)
          throw new ChainError(
            `The file ${item.name} is not kept in this browser: read it in again or take it out.`,
          );
        return { kind: 'two-port', data };
      }
    }
  });
}

/** Length of cable and sections in a chain, metres, and the mean velocity factor over it. */
export function chainExtent(elements: readonly CascadeElement[]): { length: number; velocityFactor: number } {
  let length = 0;
  let electrical = 0;
  for (const element of elements) {
    if (element.kind !== 'line') continue;
    length += element.length;
    electrical += element.length / element.velocityFactor;
  }
  return { length, velocityFactor: electrical > 0 ? length / electrical : 1 };
}
