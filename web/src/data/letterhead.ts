import type { Letterhead } from '@gorvane/core/paper/letterhead.ts';
import { letterheadOf } from '@gorvane/core/paper/letterhead.ts';
import { papersId } from '@gorvane/core/paper/papers-id.ts';
import { database } from './database.ts';

/** The head of papers of an order, as this house has its papers now. @throws when the database has not been prepared. */
export async function letterheadOfOrder(orderId: string): Promise<Letterhead> {
  const [papers, order] = await Promise.all([database.papers.get(papersId), database.orders.get(orderId)]);
  if (!papers) throw new Error('This database has no record of its papers. Load the page again.');
  return letterheadOf(papers, order);
}
