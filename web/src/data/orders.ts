import type { ProofLevel } from '@gorvane/core/house/practice.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { revise } from '@gorvane/core/record/revise.ts';
import { database, timeNow } from './database.ts';

/** How far a proof goes that an order asks for; undefined for no more than the house does. */
export async function askForProof(orderId: string, proofLevel: ProofLevel | undefined): Promise<void> {
  await database.transaction('rw', database.orders, async () => {
    const order = await database.orders.get(orderId);
    if (!order) throw new Error('This order is not in the database any more.');
    const { proofLevel: _before, ...rest } = order;
    const asked = proofLevel === undefined ? {} : { proofLevel };
    await database.orders.put(revise<Order>(rest, asked, timeNow()));
  });
}
