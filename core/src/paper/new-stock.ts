import { usualStocks } from './default-papers.ts';
import type { LabelKind, LabelStock } from './label-stock.ts';

/** A stock of a kind that nobody has measured yet: as one of its kind usually is. */
export function newStock(kind: LabelKind, id: string): LabelStock {
  const usual = usualStocks.find((stock) => stock.kind === kind)!;
  return { ...usual, id, name: `New ${kind}` };
}
