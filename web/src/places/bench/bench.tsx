import type { ReactNode } from 'react';
import { useDeferredValue } from 'react';
import { Link } from 'react-router';
import { BackupReminder } from '../../controls/backup-line.tsx';
import { drawnWhenHere, partOf } from '../../controls/part.ts';
import { useHouse, useLeadCount, useNextUnit } from '../../data/live.ts';
import { useBenchOrders } from '../../data/open-orders.ts';
import './bench.css';
import { Orders } from './orders.tsx';
import { Waiting } from './waiting.tsx';

const InHand = drawnWhenHere(
  partOf(async () => (await import('./in-hand.tsx')).InHand),
  <section className="in-hand" />,
);
const newLeadForm = partOf(async () => (await import('./new-lead-form.tsx')).NewLeadForm);
// What every Bench shows is on its way while the database is still opened; what does not come is said where it would be shown.
newLeadForm.fetched().catch(() => undefined);
const NewLeadForm = drawnWhenHere(newLeadForm);

/** Where the work lies: the lead in hand, the units with their next step, the orders, and a new lead in three choices. */
export function Bench() {
  const house = useHouse();
  const leads = useLeadCount();
  const next = useNextUnit();
  const orders = useBenchOrders();
  if (!house || leads === undefined || next === undefined || !orders) return null;
  return (
    <>
      <div className="page-head">
        <h1>Bench</h1>
        <span className="soft">{house.name}</span>
      </div>
      {next ? <InHand view={next} house={house} /> : <NothingInHand hasLeads={leads > 0} />}
      <BackupReminder />
      <div className={leads === 0 ? 'bench-columns nothing-yet' : 'bench-columns'}>
        <div>
          <Waiting inHand={next?.unit.id} />
          <Orders {...orders} />
        </div>
        <Following atOnce={leads === 0}>
          <NewLeadForm />
        </Following>
      </div>
    </>
  );
}

interface FollowingProps {
  /** Where nothing else stands, or it would push away what stands below it. */
  readonly atOnce: boolean;
  readonly children: ReactNode;
}

/** What is drawn right after the rest of the screen stands. */
const Following = ({ atOnce, children }: FollowingProps) =>
  useDeferredValue(true, atOnce) ? children : null;

function NothingInHand({ hasLeads }: { readonly hasLeads: boolean }) {
  return (
    <section className="in-hand">
      <h2>Nothing on the bench</h2>
      {hasLeads ? (
        <p>All units are finished. Start a new lead below, or open one under Leads.</p>
      ) : (
        <p>
          Start with a new lead below: what it connects, how long, how many. To look round first, load the{' '}
          <Link to="/house#data">demo data in House</Link>; they take the place of this empty shop, and empty
          again.
        </p>
      )}
    </section>
  );
}
