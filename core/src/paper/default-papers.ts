import type { LabelStock } from './label-stock.ts';
import { firstRevision } from '../record/revise.ts';
import type { Papers } from './papers.ts';
import { papersId } from './papers-id.ts';

/** Stock that is usual in shops; each house writes down its own. */
export const usualStocks: readonly LabelStock[] = [
  {
    kind: 'roll',
    id: 'roll-18',
    name: 'Tape 18 mm',
    text: '{serial}\n{name}\n{length} ({inches}), {colour}, {polarity}\n{proof}\n{house}, {date}',
    width: 0.06,
    height: 0.018,
  },
  {
    kind: 'roll',
    id: 'roll-9',
    name: 'Tape 9 mm',
    text: '{serial}\n{name}, {length}',
    width: 0.05,
    height: 9e-3,
  },
  {
    kind: 'wrap-around',
    id: 'wrap-25',
    name: 'Wrap-around 25 x 9.5 mm, clear end 28 mm',
    text: '{serial}\n{length}, {colour}\n{end}, {goes to}',
    width: 0.025,
    height: 9.5e-3,
    clear: 0.028,
  },
  {
    kind: 'sleeve',
    id: 'sleeve-9',
    name: 'Shrink sleeve 9.5 to 4.8 mm, 50 mm long',
    text: '{serial}, {length}\n{name}\n{end}, {goes to}',
    width: 0.05,
    height: 0.0152,
    supplied: 9.5e-3,
    recovered: 4.8e-3,
  },
  {
    kind: 'sheet',
    id: 'sheet-a4',
    name: 'Sheet A4, 3 x 8',
    text: '{serial}\n{name}\n{length} ({inches}), {colour}, {polarity}\n{end}, {goes to}\n{proof}\n{order}\n{house}, {date}',
    width: 0.064,
    height: 0.0338,
    page: 'A4',
    columns: 3,
    rows: 8,
    left: 7.2e-3,
    top: 13.1e-3,
    columnGap: 2.5e-3,
    rowGap: 0,
  },
];

/** Papers that nobody has set up yet. */
export function defaultPapers(now: string): Papers {
  return {
    ...firstRevision(papersId, now),
    sheet: 'A4',
    address: '',
    logo: null,
    stocks: [...usualStocks],
  };
}
