import type { Order } from '../order/order.ts';
import type { Papers } from './papers.ts';
import type { Sheet } from './sheet.ts';

/** What stands on a paper beside what it is about: who writes it, for whom, on which sheet. */
export interface Letterhead {
  readonly sheet: Sheet;
  readonly address: string;
  /** PNG or JPEG as a data URL. */
  readonly logo: string | null;
  readonly order: string;
  readonly customer: string;
}

/** The head of papers of an order; of none where the order did not come here. */
export const letterheadOf = ({ sheet, address, logo }: Papers, order: Order | undefined): Letterhead => ({
  sheet,
  address,
  logo,
  order: order?.name ?? '',
  customer: order?.wantedBy ?? '',
});

/** For whom and by which order, in a line; empty where neither is known. */
export const forWhom = ({ order, customer }: Letterhead): string =>
  [customer && `For ${customer}`, order && `order ${order}`].filter(Boolean).join(', ');
