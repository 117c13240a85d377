import { Button } from '@mantine/core';
import { useDeferredValue, useState } from 'react';
import type { BenchOrders } from '../../data/open-orders.ts';
import { useOtherOrders } from '../../data/open-orders.ts';
import { OrderBlock } from './order-block.tsx';

/** Orders in which something is still to be made; the others on demand. */
export function Orders({ open, others }: BenchOrders) {
  const [asked, setAsked] = useState(0);
  // What the screen has room for stands at once; the orders below it follow.
  const drawn = useDeferredValue(open, open.slice(0, ordersInSight));
  return (
    <section aria-labelledby="orders">
      <h2 id="orders">Orders</h2>
      {open.length + others === 0 && <p className="soft">No orders. A new lead makes one, with its units.</p>}
      {drawn.map((each) => (
        <OrderBlock key={each.order.id} {...each} />
      ))}
      {asked > 0 && <OtherOrders open={open.map(({ order }) => order.id)} most={asked} />}
      {others > asked && (
        <Button variant="subtle" mt={12} onClick={() => setAsked(asked + ordersAtOnce)}>
          {asked === 0
            ? `Show ${others} more ${others === 1 ? 'order' : 'orders'}`
            : `Show ${Math.min(ordersAtOnce, others - asked)} more of ${others - asked}`}
        </Button>
      )}
    </section>
  );
}

const ordersInSight = 8;
const ordersAtOnce = 20;

interface OtherOrdersProps {
  readonly open: readonly string[];
  readonly most: number;
}

function OtherOrders({ open, most }: OtherOrdersProps) {
  const others = useOtherOrders(open, most) ?? [];
  return others.map((each) => <OrderBlock key={each.order.id} {...each} />);
}
