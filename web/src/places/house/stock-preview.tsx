import { labelLines } from '@gorvane/core/paper/label-text.ts';
import type { LabelStock } from '@gorvane/core/paper/label-stock.ts';
import { cellsOf, pageOf } from '@gorvane/core/paper/label-stock.ts';
import type { LabelValues } from '@gorvane/core/paper/label-text.ts';
import { formatDay } from '@gorvane/core/quantity/time.ts';
import { Suspense, lazy, useContext } from 'react';
import { Times } from '../../controls/writing.ts';
import { useHouse } from '../../data/live.ts';

// The typeface of papers and what reads it are loaded when a stock is opened.
const ExampleLabel = lazy(() => import('../../drawing/example-label.tsx'));

/** A label of this stock at true size, with what a lead of every kind might say. */
export function StockPreview({ stock }: { readonly stock: LabelStock }) {
  const times = useContext(Times);
  const house = useHouse();
  const example: LabelValues = {
    serial: 'B1-0042',
    name: 'Marine radio feed line',
    length: '3.4 m',
    inches: '11 ft 1.9 in',
    colour: 'yellow ring',
    polarity: '',
    date: formatDay(new Date().toISOString(), times),
    order: 'Refit',
    end: 'end A',
    'goes to': 'mast',
    house: house?.name ?? '',
    proof: 'Good by sweep',
  };
  const lines = labelLines(stock.text, example);
  const [cell] = cellsOf(stock);
  const size = stock.kind === 'sheet' ? { width: cell!.width, height: cell!.height } : pageOf(stock);
  return (
    <figure className="stock-preview">
      <Suspense fallback={null}>
        <ExampleLabel stock={stock} size={size} lines={lines} />
      </Suspense>
      <figcaption className="soft">
        an example, at true size{stock.kind === 'wrap-around' && '; below the print its clear end'}
      </figcaption>
    </figure>
  );
}
