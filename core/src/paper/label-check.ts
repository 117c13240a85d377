import { formatMillimetres } from '../quantity/length.ts';
import type { LabelStock } from './label-stock.ts';

const mm = (metres: number) => `${formatMillimetres(metres)} mm`;

/** A sleeve slides on with this much to spare, and holds when it would shrink this much further. Engineering values. */
const [slides, holds] = [0.3e-3, 0.95];

/** A sleeve that is printed when the ends are on already. */
export const tooLateForSleeve =
  'The ends are on: a sleeve goes on before the last of them, unless its bore passes over a connector.';

/**
 * What speaks against a stock on a cable of a diameter (metres), in a sentence each. A clear tail covers the print once
 * it goes right round, pi times the diameter; print taller than half of that is only read by turning the lead.
 */
export function labelCautions(stock: LabelStock, diameter: number): string[] {
  const round = Math.PI * diameter;
  switch (stock.kind) {
    case 'roll':
    case 'sheet':
      return [];
    case 'wrap-around':
      return [
        ...(stock.clear < round
          ? [
              `Its clear end is ${mm(stock.clear)}; round this jacket of ${mm(diameter)} it takes ${mm(round)} to cover the print. Take a longer one.`,
            ]
          : []),
        ...(stock.height > round / 2
          ? [
              `Its print is ${mm(stock.height)} tall; what is beyond ${mm(round / 2)} goes round this jacket out of sight.`,
            ]
          : []),
      ];
    case 'sleeve':
      return [
        ...(stock.supplied < diameter + slides
          ? [
              `Its bore is ${mm(stock.supplied)} as supplied; this jacket of ${mm(diameter)} does not go in. Take a larger one.`,
            ]
          : []),
        ...(stock.recovered > diameter * holds
          ? [
              `It shrinks to ${mm(stock.recovered)}; on this jacket of ${mm(diameter)} it stays loose. Take a smaller one.`,
            ]
          : []),
      ];
  }
}
